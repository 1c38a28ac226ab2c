<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How the gun is moved; the first is the default. */
enum HandPolicy: string implements PolicyChoice
{
    case LongStrokes = 'long_strokes';
    case WristStrokes = 'wrist_strokes';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::LongStrokes => 'long slow strokes, half overlapped',
            self::WristStrokes => 'short strokes from the wrist',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::LongStrokes => 'passes can be counted, and the film is even.',
            self::WristStrokes => 'quick on small work; the film is as even as the eye.',
        };
    }

    /** Usual speed of the hand, mm/s. General practice: 250 to 400. */
    public function handMmPerS(): float
    {
        return match ($this) {
            self::LongStrokes => 300.0,
            self::WristStrokes => 380.0,
        };
    }

    /** Share of a stroke laid over the one before. General practice of the trade. */
    public function overlap(): float
    {
        return match ($this) {
            self::LongStrokes => 0.5,
            self::WristStrokes => 0.35,
        };
    }
}
