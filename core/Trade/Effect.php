<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How a powder looks. */
enum Effect: string
{
    case Plain = 'plain';
    case Metallic = 'metallic';
    case Bright = 'bright';
    case Transparent = 'transparent';
    case Textured = 'textured';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Textured => 'wrinkle or another texture',
            self::Transparent => 'transparent colour',
            default => $this->value,
        };
    }

    /** Flake or a bright film at the surface rubs off and darkens without a clear. */
    public function asksClear(): bool
    {
        return in_array($this, [self::Metallic, self::Bright], true);
    }

    /** What it looks like is seen on a baked panel, not in the box or on a screen. */
    public function asksPanel(): bool
    {
        return in_array($this, [self::Bright, self::Transparent, self::Textured], true);
    }

    /** Flake parts from its powder in the cup and in the air: fluidised before use and after a rest, no reclaim. */
    public function hasFlake(): bool
    {
        return in_array($this, [self::Metallic, self::Bright], true);
    }
}
