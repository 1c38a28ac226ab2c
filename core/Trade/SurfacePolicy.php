<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What gives the film its tooth; the first is the default. */
enum SurfacePolicy: string implements PolicyChoice
{
    case Blast = 'blast';
    case Sweep = 'sweep';
    case Hand = 'hand';
    case NoBlast = 'none';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Blast => 'blast it',
            self::Sweep => 'sweep-blast only',
            self::Hand => 'abrade by hand',
            self::NoBlast => 'no blast on clean new metal',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Blast => 'clean metal with a tooth; the surest.',
            self::Sweep => 'quick and cool for clean new metal; takes no scale off.',
            self::Hand => 'where no nozzle reaches or none is free; slow, and less tooth.',
            self::NoBlast => 'wash and pretreat carry the film; what is not clean is blasted all the same.',
        };
    }
}
