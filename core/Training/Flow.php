<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/** What comes out of the nozzle. */
enum Flow: string
{
    case Nothing = 'nothing';
    case AirOnly = 'air_only';
    case Starved = 'starved';
    case Even = 'even';
    case Flooded = 'flooded';
    case Surging = 'surging';

    /** What it sounds like. */
    public function sounds(): string
    {
        return match ($this) {
            self::Nothing => 'Silent.',
            self::AirOnly => 'A clear hiss: air and no grit.',
            self::Starved => 'It pulses, thin and bright.',
            self::Even => 'An even, dull roar.',
            self::Flooded => 'A low rumble; the hose shivers.',
            self::Surging => 'It thumps: all the air goes through the pot.',
        };
    }
}
