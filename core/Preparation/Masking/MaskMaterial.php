<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

use Aenum\Core\Trade\PolicyChoice;

/** What masking is made of, and what it stands. The maker's rating comes first. */
enum MaskMaterial: string implements PolicyChoice
{
    /** A mask must be rated at least this much over the hottest it will see, K. House figure. */
    public const MARGIN_K = 10.0;

    case Polyimide = 'polyimide';
    case Polyester = 'polyester';
    case GlassCloth = 'glass_cloth';
    case Paper = 'paper';
    case Silicone = 'silicone';
    case Metal = 'metal';

    /** What a shop tapes with, the usual first. */
    public const TAPES = [self::Polyimide, self::Polyester, self::GlassCloth, self::Paper];

    /** What it is called, in lower case. */
    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }

    /** What choosing it means, in a sentence. */
    public function says(): string
    {
        return match ($this) {
            self::Polyimide => 'stands the hottest bake there is; dear.',
            self::Polyester => 'cheap; not through a hot bake-out.',
            self::GlassCloth => 'tough edge; rating by its maker.',
            self::Paper => 'never in the oven; for spraying only.',
            self::Silicone => 'plugs and caps, used many times.',
            self::Metal => 'bolts, foil and sheet; outlasts every bake.',
        };
    }

    /** How it goes on and comes off; the maker's sheet comes first. */
    public function handling(): string
    {
        return match ($this) {
            self::Polyimide => 'cuts clean; off hot or warm, leaves nothing.',
            self::Polyester => 'follows a curve; off warm, while the film is still soft at its edge.',
            self::GlassCloth => 'straight edges only; off cold, its glue stays if pulled hot.',
            self::Paper => 'follows a curve; off before the oven.',
            self::Silicone => 'off hand-warm; cut the film round it first.',
            self::Metal => 'off hand-warm; cut the film at its edge first, it does not give.',
        };
    }

    /**
     * Part metal it stands for the length of a bake, °C; null where it must not see an oven. General practice: silicone
     * 260 (315 for a few minutes), polyimide 260, polyester 204, glass cloth from 180 by maker; metal as far as any
     * oven here goes.
     */
    public function ratedC(): ?float
    {
        return match ($this) {
            self::Metal => 400.0,
            self::Silicone, self::Polyimide => 260.0,
            self::Polyester => 204.0,
            self::GlassCloth => 180.0,
            self::Paper => null,
        };
    }

    /** Whether something rated so stands a bake: at least the margin over the hottest it sees. */
    public static function stands(?float $ratedC, float $peakC): bool
    {
        return $ratedC !== null && $ratedC >= $peakC + self::MARGIN_K;
    }
}
