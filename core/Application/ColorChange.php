<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** From one colour to the next: what is cleaned, in order, and how long it takes. */
final readonly class ColorChange
{
    /** A booth whose powder is reclaimed is cleaned as well, min. House figure, unverified: 45 to 90. */
    private const RECLAIM_MIN = 60.0;

    /** From dark to light, and after flake, it takes so many times as long. House figures, unverified. */
    private const TO_LIGHT = 1.5;

    private const AFTER_FLAKE = 1.6;

    /** So much lighter, of 100, a grain of the old colour is seen. House figure, unverified. */
    private const LIGHTER = 35.0;

    /** In this order: from what sheds onto what is cleaned after it. General practice of the trade. */
    public const STEPS = [
        'gun_off' => 'Gun off and earthed; respirator on',
        'walls' => 'Booth walls and floor squeegeed down, from the top',
        'feed' => 'Cup, box or hopper emptied into its own box, blown and wiped',
        'pump' => 'Pump, injector and hose blown through until nothing comes',
        'gun' => 'Gun, tip and electrode taken apart, blown and wiped',
        'hooks' => 'Hooks and rail above the part blown off',
        'vacuum' => 'Floor and ledges by the rated vacuum, never a household one',
        'filter' => 'Filters knocked or changed, and logged',
        'wipe' => 'Light cloth wiped inside gun and feed: it stays clean',
    ];

    private function __construct(public float $minutes, public bool $isDear, public string $why)
    {
    }

    /**
     * @param  string  $fromHex  colour on screen, "#rrggbb"
     * @param  string  $toHex  the next
     */
    public static function of(Feed $feed, string $fromHex, string $toHex, bool $fromFlake, bool $reclaim): self
    {
        $plain = $feed->changeMinutes() + ($reclaim ? self::RECLAIM_MIN : 0.0);
        $lighter = self::lightness($toHex) - self::lightness($fromHex);
        [$times, $why] = match (true) {
            $fromFlake => [self::AFTER_FLAKE, 'flake stays everywhere and shows in anything'],
            $lighter > self::LIGHTER => [self::TO_LIGHT, 'a light colour shows each grain of the dark one'],
            default => [1.0, 'no worse than any'],
        };

        return new self($plain * $times, $times > 1.0, $why);
    }

    /** CIE L* of a colour on screen, 0 to 100, sRGB (IEC 61966-2-1). */
    private static function lightness(string $hex): float
    {
        $linear = array_map(function (string $pair): float {
            $share = hexdec($pair) / 255;

            return $share <= 0.04045 ? $share / 12.92 : (($share + 0.055) / 1.055) ** 2.4;
        }, str_split(str_pad(ltrim($hex, '#'), 6, '0'), 2));
        $y = 0.2126 * $linear[0] + 0.7152 * $linear[1] + 0.0722 * $linear[2];

        return $y > 216 / 24389 ? 116 * $y ** (1 / 3) - 16 : $y * 24389 / 27;
    }
}
