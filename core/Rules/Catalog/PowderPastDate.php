<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class PowderPastDate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'powder-past-date',
            Group::Order,
            Severity::Sign,
            'Old powder flows badly and cures unevenly.',
            'A test panel of it first, or another lot.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?string
    {
        $lot = $plan->floor->coat?->pastDate;

        return $lot === null ? null : "{$lot} is past its date";
    }
}
