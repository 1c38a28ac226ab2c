<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\DefectKind;

/**
 * A drawing of how a defect looks: the film from above, the defect in ink, bare metal hollow.
 *
 * Shapes are paths with a class: film, metal, ink, pale, hatch.
 */
final class DefectDrawing
{
    public const WIDE = 96;

    public const HIGH = 64;

    /** Places scattered over the panel, the same every time. */
    private const PLACES = [
        [18, 16], [44, 12], [72, 20], [30, 34], [58, 38], [82, 44], [16, 50], [44, 54], [70, 56], [86, 14], [8, 32],
        [34, 22],
    ];

    /** @return list<array{class: string, d: string}> */
    public static function of(DefectKind $kind): array
    {
        $panel = ['class' => 'film', 'd' => 'M1 1H95V63H1Z'];

        return [$panel, ...match ($kind) {
            DefectKind::Fisheye => self::each(7, fn (int $x, int $y): array => [
                ['ring', self::circle($x, $y, 7)], ['metal', self::circle($x, $y, 3)],
            ]),
            DefectKind::Crater => self::each(7, fn (int $x, int $y): array => [
                ['pale', self::circle($x, $y, 6)], ['ring', self::circle($x, $y, 6)],
            ]),
            DefectKind::Pinhole => self::each(12, fn (int $x, int $y): array => [['metal', self::circle($x, $y, 1.6)]]),
            DefectKind::Blister => self::each(6, fn (int $x, int $y): array => [
                ['pale', self::circle($x, $y, 7)], ['ring', self::circle($x, $y, 7)],
                ['ink', 'M'.($x - 3).' '.($y - 2).'q3 -3 6 0'],
            ]),
            DefectKind::SeamBubbles => [
                self::path('ink', 'M4 36L92 28'), ...self::row([[14, 33], [28, 33], [41, 31], [56, 31], [74, 29]], 4),
            ],
            DefectKind::CornerBubble => [
                self::path('ink', 'M20 4V48H92'), self::path('pale', self::circle(28, 40, 7)),
                self::path('ring', self::circle(28, 40, 7)),
            ],
            DefectKind::Stars => self::each(10, fn (int $x, int $y): array => [
                ['ink', "M{$x} ".($y - 4).'v8M'.($x - 4)." {$y}h8M".($x - 3).' '.($y - 3).'l6 6M'.($x + 3).' '
                    .($y - 3).'l-6 6'],
            ]),
            DefectKind::OrangePeel => array_map(
                fn (int $y): array => self::path('ink', "M3 {$y}".str_repeat('q5 -5 10 0t10 0', 4).'q5 -5 8 0'),
                [12, 24, 36, 48, 60],
            ),
            DefectKind::Sag => [
                self::path('ink', 'M2 20Q14 24 18 44Q21 58 24 44Q30 22 44 26Q52 30 55 52Q58 62 62 50Q68 24 94 22'),
            ],
            DefectKind::ThinEdge => [self::path('metal', 'M1 1H95V9L70 7L40 10L18 6L1 8Z')],
            DefectKind::ThinRecess => [
                self::path('ring', 'M22 12H74V52H22Z'), self::path('metal', 'M32 24L60 20L66 40L40 46Z'),
            ],
            DefectKind::Rough => self::each(9, fn (int $x, int $y): array => [
                ['ink', 'M'.($x - 4)." {$y}l3 -4l5 1l2 4l-4 3z"],
            ]),
            DefectKind::Seeds => self::each(8, fn (int $x, int $y): array => [
                ['solid', 'M'.($x - 1).' '.($y - 1).'h3v2h-3z'],
            ]),
            DefectKind::Crazing => [
                self::path('ink', 'M4 20L24 26L30 12L52 22L70 10L92 18M24 26L20 50L44 44L52 22M44 44L60 60M70 10L76 38'
                    .'L92 46M76 38L44 44M20 50L6 58'),
            ],
            DefectKind::SoftFilm => [
                ...array_map(fn (int $r): array => self::path('ink', 'M'.(48 - $r).' 50a'.$r.' '.($r + 8).' 0 0 1 '
                    .(2 * $r).' 0'), [5, 11, 17, 23]),
            ],
            DefectKind::Yellowing => [self::path('hatch', 'M48 1H95V63H48Z'), ...self::hatch(48, 95)],
            DefectKind::Peeling => [
                self::path('metal', 'M10 8H70L62 40L20 44Z'), self::path('pale', 'M70 8Q92 14 84 34Q74 30 62 40Z'),
                self::path('ink', 'M70 8Q92 14 84 34'),
            ],
            DefectKind::FlashRust => self::each(6, fn (int $x, int $y): array => [
                ['hatch', self::circle($x, $y, 9)], ['ink', 'M'.($x - 4)." {$y}h8M".($x - 2).' '.($y + 3).'h5'],
            ]),
            DefectKind::WhiteBloom => self::each(6, fn (int $x, int $y): array => [['pale', self::circle($x, $y, 11)]]),
            DefectKind::Cloudy => array_map(
                fn (int $x, int $n): array => self::path($n % 2 === 0 ? 'pale' : 'hatch', "M{$x} 2h9V62h-9Z"),
                [6, 20, 33, 52, 66, 80],
                range(0, 5),
            ),
            DefectKind::ColourOff => [self::path('pale', 'M48 1H95V63H48Z'), self::path('ink', 'M48 1V63')],
            DefectKind::EffectSpoiled => [
                ...self::each(6, fn (int $x, int $y): array => [['ink', 'M'.($x / 2).' '.($y - 3).'v6M'
                    .($x / 2 - 3)." {$y}h6"]]),
                self::path('pale', 'M52 1H95V63H52Z'),
            ],
            DefectKind::SetUnmatched => [
                self::path('ring', 'M8 12H42V52H8Z'), self::path('pale', 'M54 12H88V52H54Z'),
                self::path('ring', 'M54 12H88V52H54Z'),
            ],
            DefectKind::Scratched => [
                self::path('metal', 'M12 50L80 12L84 16L16 55Z'), self::path('ink', 'M10 46L78 8M18 59L88 20'),
            ],
            DefectKind::MaskLeft => [
                self::path('pale', 'M20 14L78 22L74 46L16 38Z'), self::path('ring', 'M20 14L78 22L74 46L16 38Z'),
                self::path('ink', 'M30 16l-4 24M44 18l-4 24M58 20l-4 24'),
            ],
            DefectKind::PowderInSeat => [
                self::path('metal', self::circle(48, 32, 24)), self::path('film', self::circle(48, 32, 12)),
                self::path('ring', self::circle(48, 32, 24)), self::path('hatch', 'M30 20a24 24 0 0 1 20 -10l2 10z'),
            ],
            DefectKind::ClipMark => [
                self::path('metal', 'M40 1h6v14h-6Z'), self::path('metal', 'M52 1h6v14h-6Z'),
                self::path('ring', 'M36 1V19H62V1'),
            ],
            DefectKind::AgreedPits => [
                ...self::each(7, fn (int $x, int $y): array => [['ring', self::circle($x, $y, 3 + $x % 3)]]),
                self::path('ink', 'M38 30l8 9l18 -20'),
            ],
        }];
    }

    /**
     * @param  \Closure(int, int): list<array{string, string}>  $draw
     * @return list<array{class: string, d: string}>
     */
    private static function each(int $many, \Closure $draw): array
    {
        $drawn = [];
        foreach (array_slice(self::PLACES, 0, $many) as [$x, $y]) {
            foreach ($draw($x, $y) as [$class, $d]) {
                $drawn[] = self::path($class, $d);
            }
        }

        return $drawn;
    }

    /**
     * @param  list<array{int, int}>  $places
     * @return list<array{class: string, d: string}>
     */
    private static function row(array $places, float $r): array
    {
        return array_merge(...array_map(fn (array $at): array => [
            self::path('pale', self::circle($at[0], $at[1], $r)), self::path('ring', self::circle($at[0], $at[1], $r)),
        ], $places));
    }

    /** @return list<array{class: string, d: string}> */
    private static function hatch(int $from, int $to): array
    {
        return array_map(
            fn (int $y): array => self::path('ink', "M{$from} {$y}L{$to} ".($y - 14)),
            [16, 30, 44, 58],
        );
    }

    /** @return array{class: string, d: string} */
    private static function path(string $class, string $d): array
    {
        return ['class' => $class, 'd' => $d];
    }

    private static function circle(float $x, float $y, float $r): string
    {
        return 'M'.($x - $r)." {$y}a{$r} {$r} 0 1 0 ".(2 * $r)." 0a{$r} {$r} 0 1 0 ".(-2 * $r).' 0';
    }
}
