<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Materials\MetalFamily;

/** Which gauge reads a film on which metal, and what it reads besides. General practice. */
final class FilmGauge
{
    /** How it is read on such metal, in a sentence. */
    public static function words(MetalFamily $metal): string
    {
        $zeroed = ', zeroed on an uncoated piece with the same blast.';

        return match ($metal) {
            MetalFamily::CarbonSteel, MetalFamily::CastIron => "A magnetic gauge{$zeroed}",
            MetalFamily::Galvanised => 'A magnetic gauge reads the zinc as well: zeroed on a galvanised piece without '
                .'powder.',
            MetalFamily::Stainless => "An eddy-current gauge where no magnet holds, else a magnetic one{$zeroed}",
            MetalFamily::Unknown => "Magnetic where a magnet holds, eddy current where it does not{$zeroed}",
            default => "An eddy-current gauge{$zeroed}",
        };
    }
}
