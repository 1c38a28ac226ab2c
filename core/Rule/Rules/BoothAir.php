<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Powder\BoothAir as PowderInAir;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class BoothAir extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'booth-air', Group::Equipment, Severity::Stop,
            'Powder in air past half its lower explosive limit can go off.',
            'Less powder, or more booth air.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $e = $plan->facts->equipment;
        $limit = PowderInAir::limit($e->lelGM3);
        $inAir = $e->sprayGMin !== null && $e->boothAirM3Min !== null ? PowderInAir::gramsPerM3($e->sprayGMin, $e->boothAirM3Min) : null;

        return $inAir !== null && $inAir >= $limit
            ? sprintf('%.1f g/m³ in the booth air, the limit is %.1f', $inAir, $limit)
            : null;
    }
}
