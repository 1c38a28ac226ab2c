<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

use Aenum\Core\Unit\Said;

/** A rule about whether the part goes into or hangs from something the shop has. */
abstract class FitRule extends Rule
{
    /** @param  non-empty-list<Moment>  $askedAt */
    public function __construct(
        string $key,
        public readonly Equipment $equipment,
        Said|string $reason,
        Said|string $wayOut,
        array $askedAt,
    ) {
        parent::__construct($key, Group::Equipment, Severity::Stop, $reason, $wayOut, self::PRACTICE, $askedAt);
    }
}
