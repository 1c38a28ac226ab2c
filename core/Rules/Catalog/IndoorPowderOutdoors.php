<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Role;

/** A color or clear coat meant for indoors on a part that goes outdoors, whichever coat it is. */
final class IndoorPowderOutdoors extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'indoor-powder-outdoors',
            Group::Order,
            Severity::Sign,
            'A powder its sheet keeps indoors chalks and fades in daylight, also under a clear.',
            'Pick a weatherproof powder; or the customer signs that it will chalk.',
            'the powder\'s own sheet; makers\' sheets for epoxy and hybrid',
            [Checkpoint::Counter],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PickPowder];
    }

    public function applies(PartRouting $plan): ?string
    {
        foreach ($plan->facts->outdoors() ? $plan->facts->coats : [] as $n => $coat) {
            if ($coat->role !== Role::Primer && $coat->staysIndoors()) {
                $why = $coat->outdoors === null ? "is {$coat->chemistry?->value}" : 'is for indoors by its sheet';

                return 'the powder of coat '.($n + 1)." {$why}, and {$plan->facts->part->name} goes outdoors";
            }
        }

        return null;
    }
}
