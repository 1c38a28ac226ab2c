<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Racking;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** Hooks and wires a small shop hangs with, by what they carry. House figures, unverified. */
enum HookSize: string
{
    case Fine = 'fine';
    case Medium = 'medium';
    case Heavy = 'heavy';
    case Chain = 'chain';

    /** Nothing heavier hangs anywhere. */
    private const HEAVIEST_KG = 50000.0;

    /** After so many bakes the film on them no longer lets the earth through. */
    public const CLEAN_AFTER = 8;

    /** The one that carries a piece, kg. */
    public static function for(float $massKg): self
    {
        foreach (self::cases() as $one) {
            if ($massKg <= $one->carriesKg()) {
                return $one;
            }
        }

        return self::Chain;
    }

    /** The most a piece may weigh on one of it, kg; a chain carries what its own plate says. */
    public function carriesKg(): float
    {
        return match ($this) {
            self::Fine => 2.0,
            self::Medium => 10.0,
            self::Heavy => 40.0,
            self::Chain => self::HEAVIEST_KG,
        };
    }

    /** @return array{float, float} kg: over what the next smaller carries, up to what it carries */
    public function range(): array
    {
        $at = (int) array_search($this, self::cases(), true);

        return [$at === 0 ? 0.0 : self::cases()[$at - 1]->carriesKg(), $this->carriesKg()];
    }

    /** What it is called, in lower case. */
    public function label(): Message
    {
        return match ($this) {
            self::Fine => self::across('fine wire, about {mm}', 1.5),
            self::Medium => self::across('hook of about {mm}', 3.0),
            self::Heavy => self::across('hook of about {mm}', 6.0),
            self::Chain => Message::from('chain or jig, by its own plate'),
        };
    }

    private static function across(string $what, float $mm): Message
    {
        return Message::of($what, ['mm' => Quantity::mm($mm)]);
    }

    /** Whether so many bakes since it was cleaned are too many. */
    public static function wantsCleaning(int $bakes): bool
    {
        return $bakes >= self::CLEAN_AFTER;
    }
}
