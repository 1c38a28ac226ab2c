<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Application\BoothAir as PowderInAir;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class BoothAir extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'booth-air',
            Group::Equipment,
            Severity::Stop,
            'Powder in air past half its lower explosive limit can go off.',
            'Less powder, or more booth air.',
            'EN 16985',
            [Checkpoint::Counter, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::LessPowder];
    }

    public function applies(PartRouting $plan): ?string
    {
        $shop = $plan->facts->equipment;
        if ($shop->sprayGMin === null || $shop->boothAirM3Min === null) {
            return null;
        }
        $hangs = PowderInAir::gramsPerM3($shop->sprayGMin, $shop->boothAirM3Min);
        $limit = PowderInAir::limit($shop->lelGM3);

        return $hangs >= $limit
            ? sprintf('%.1f g/m³ of powder in the booth\'s air, the limit is %.1f', $hangs, $limit)
            : null;
    }
}
