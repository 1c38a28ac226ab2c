<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Units\Message;

/** A rule about whether the part goes into or hangs from something the shop has. */
abstract class FitRule extends Rule
{
    /** @param  non-empty-list<Checkpoint>  $askedAt */
    public function __construct(
        string $key,
        public readonly Equipment $equipment,
        Message|string $reason,
        Message|string $wayOut,
        array $askedAt,
    ) {
        parent::__construct($key, Group::Equipment, Severity::Stop, $reason, $wayOut, self::PRACTICE, $askedAt);
    }
}
