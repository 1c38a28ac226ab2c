<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What uncured powder is measured with: each reads something else. */
enum UncuredGauge: string
{
    case Comb = 'comb';
    case Ultrasonic = 'ultrasonic';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Comb => 'comb (uncured film)',
            self::Ultrasonic => 'ultrasonic gauge (predicts DFT)',
        };
    }

    /** How its readings are entered. */
    public function hint(): string
    {
        return match ($this) {
            self::Comb => 'Last marked and first unmarked tooth, like 125/150. Three to five spots.',
            self::Ultrasonic => 'As the gauge shows it. Three to five spots.',
        };
    }
}
