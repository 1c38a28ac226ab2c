<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class GroundBad extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'ground-bad',
            Group::Equipment,
            Severity::Stop,
            'A part without earth does not take powder, and sparks in the cloud.',
            'Bare metal from hook to part to rail to earth; under 1 MΩ.',
            self::PRACTICE,
            [Checkpoint::Route, Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureGround];
    }

    public function applies(PartRouting $plan): ?string
    {
        $ohm = $plan->facts->equipment->groundOhm;

        return $ohm !== null && Ground::of($ohm) === Ground::Bad && $plan->facts->coats !== []
            ? sprintf('%s to earth measures %.1f MΩ', $plan->facts->part->name, $ohm / 1e6)
            : null;
    }
}
