<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Where the bake-out goes; the first is the default. */
enum BakeOutPolicy: string implements PolicyChoice
{
    case ByPart = 'by_part';
    case BeforeBlast = 'before_blast';
    case AfterBlast = 'after_blast';
    case Both = 'both';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::ByPart => 'by the part',
            self::BeforeBlast => 'before blasting',
            self::AfterBlast => 'after blasting',
            self::Both => 'both',
        };
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::ByPart => 'before for oily used parts, after for clean castings, both for oily castings.',
            self::BeforeBlast => 'drives oil out and the blast takes the scum; leaves gas in pores the blast opens.',
            self::AfterBlast => 'drives gas out of opened pores; oil scum has to be swept off.',
            self::Both => 'surest for the worst, and costs two bakes.',
        };
    }
}
