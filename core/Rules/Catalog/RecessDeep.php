<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Application\Recess;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;

final class RecessDeep extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'recess-deep',
            Group::Equipment,
            Severity::Warn,
            'Twice as deep as wide, hardly any powder reaches the floor by the field.',
            'Spray it first at the low setting, then with air from further off; torch into it before the oven.',
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $deep = $plan->floor->coat?->deepest;

        return $deep !== null && $deep > Recess::VERY_HARD
            ? Message::of('a recess is {deep} times as deep as wide', ['deep' => round($deep, 1)])
            : null;
    }
}
