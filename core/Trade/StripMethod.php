<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Strip or blast first; the first is the default. */
enum StripMethod: string implements PolicyChoice
{
    case ByCoating = 'by_coating';
    case Chemical = 'chemical';
    case Caustic = 'caustic';
    case BurnOff = 'burn_off';
    case Blast = 'blast';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::ByCoating => 'by the coating',
            self::Chemical => 'brush stripper on everything coated',
            self::Caustic => 'hot caustic tank',
            self::BurnOff => 'burn-off oven',
            self::Blast => 'straight to blast',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::ByCoating => 'stripper for cross-linked paint and old powder, blast for the rest.',
            self::Chemical => 'clean media; hours of dwell and waste to handle.',
            self::Caustic => 'quick and takes grease too; never light metals, and a tank to keep.',
            self::BurnOff => 'no dwell by hand; licensed oven, never light metals or lead paint.',
            self::Blast => 'no chemicals; slow and dirty on old powder.',
        };
    }
}
