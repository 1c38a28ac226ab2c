<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** Booth air or interlock nobody has recorded. */
final class BoothUnknown extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'booth-unknown',
            Group::Equipment,
            Severity::Note,
            'Nobody can say that the booth holds its powder when its air was never measured.',
            'Record the face velocity under Guns, and the fan interlock under shop settings.',
            'EN 16985; local code',
            [Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(PartRouting $plan): ?string
    {
        $shop = $plan->facts->equipment;
        $missing = array_keys(array_filter([
            'face velocity' => $shop->boothFaceMPerS === null,
            'fan interlock' => $shop->gunInterlocked === null,
        ]));

        return $missing === [] ? null : 'not recorded for the booth: '.implode(', ', $missing);
    }
}
