<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class TemperUnknown extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'temper-unknown',
            Group::Metal,
            Severity::Stop,
            'Case-hardened and bearing steels were tempered cooler than a relief bake; nobody may guess.',
            'Find out what it was tempered at and write it down; or strip without acid.',
            Message::of('ISO 9588; makers\' sheets: such steels temper at {range}', [
                'range' => Quantity::range(Dimension::Temperature, 150, 180),
            ]),
            [Checkpoint::Route, Checkpoint::Strip],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::EnterTemper];
    }

    public function applies(PartRouting $plan): ?string
    {
        $part = $plan->facts->part;

        return $part->isHardSteel() && $part->temperC === null && $plan->usesAcid()
            ? "{$part->name} is hard steel, acid is planned, and its temper is not known"
            : null;
    }
}
