<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class MediumHasOil extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'medium-has-oil',
            Group::Metal,
            Severity::Warn,
            'Oil in the medium goes onto every part: fisheyes.',
            'Change the medium.',
            self::PRACTICE,
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $lot = $plan->floor->lot;

        return $lot !== null && $lot->oilFrom !== []
            ? "this {$lot->medium->name} has oil in it from ".implode(', ', $lot->oilFrom)
            : null;
    }
}
