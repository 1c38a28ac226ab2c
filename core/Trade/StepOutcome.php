<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What became of a step for a lot. */
enum StepOutcome: string
{
    case Done = 'done';
    case NotNeeded = 'not_needed';
    case PutOff = 'put_off';

    /** As a person picks it. */
    public function label(): string
    {
        return match ($this) {
            self::Done => 'Done, but not logged',
            self::NotNeeded => 'Not needed',
            self::PutOff => 'Put off: it stays open',
        };
    }

    /** As a record says it. */
    public function past(): string
    {
        return match ($this) {
            self::Done => 'done',
            self::NotNeeded => 'not needed',
            self::PutOff => 'put off',
        };
    }

    /** Whether nothing more is asked of the step. */
    public function closes(): bool
    {
        return $this !== self::PutOff;
    }
}
