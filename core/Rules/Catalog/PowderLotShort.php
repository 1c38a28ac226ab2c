<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class PowderLotShort extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'lot-short',
            Group::Order,
            Severity::Warn,
            'Half a job without powder waits bare, or in two shades.',
            'Open or order another box before it begins.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $short = $plan->floor->coat?->shortG;

        return $short !== null && $short > 0.0
            ? Message::of('the lot lacks {short} to finish', ['short' => Quantity::gram($short)])
            : null;
    }
}
