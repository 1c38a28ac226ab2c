<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** How a run of measurements leaves where it was. */
enum Drift: string
{
    case Above = 'above';
    case Below = 'below';
    case Jump = 'jump';
    case RunAbove = 'run_above';
    case RunBelow = 'run_below';

    /** What the latest values do, in lower case. */
    public function says(): string
    {
        return match ($this) {
            self::Above => 'the latest is above its upper limit',
            self::Below => 'the latest is below its lower limit',
            self::Jump => 'the latest jumps further from the one before than chance does',
            self::RunAbove => 'the last '.MovingRange::RUN.' all lie above the middle',
            self::RunBelow => 'the last '.MovingRange::RUN.' all lie below the middle',
        };
    }
}
