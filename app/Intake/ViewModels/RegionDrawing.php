<?php

declare(strict_types=1);

namespace App\Intake\ViewModels;

use Aenum\Core\Thermal\LoadItem;
use App\Intake\Models\Part;
use App\Intake\Models\Section;

/** Regions of a part as blocks sized by mass, with the necks that conduct heat between them. */
final class RegionDrawing
{
    public const HIGH = 130.0;

    private const LARGEST = 90.0;

    private const LEAST = 26.0;

    private const NECK_LONG = 110.0;

    /** A neck that carries so much is drawn as wide as it gets, W/K. */
    private const WIDE_W_PER_K = 20.0;

    /** @var list<array{x: float, y: float, side: float, name: string, kg: float}> */
    public readonly array $blocks;

    /** @var list<array{x: float, y: float, long: float, high: float, wPerK: ?float}> */
    public readonly array $necks;

    public readonly float $wide;

    public function __construct(Part $part)
    {
        $heaviest = max(1e-9, (float) $part->sections->max('mass_kg'));
        $x = 4.0;
        $blocks = $necks = [];
        $before = null;
        foreach ($part->sections as $section) {
            $item = self::item($part, $section);
            $side = max(self::LEAST, self::LARGEST * sqrt($section->mass_kg / $heaviest));
            if ($before !== null) {
                $wPerK = $part->neck($before, $item);
                $high = $wPerK === null ? 0.0 : max(2.0, 24 * min(1, $wPerK / self::WIDE_W_PER_K));
                $necks[] = [
                    'x' => $x, 'y' => (self::LARGEST - $high) / 2 + 4, 'long' => self::NECK_LONG, 'high' => $high,
                    'wPerK' => $wPerK,
                ];
                $x += self::NECK_LONG;
            }
            $blocks[] = [
                'x' => $x, 'y' => (self::LARGEST - $side) / 2 + 4, 'side' => $side, 'name' => $section->name,
                'kg' => $section->mass_kg,
            ];
            $x += $side;
            $before = $item;
        }
        $this->blocks = $blocks;
        $this->necks = $necks;
        $this->wide = $x + 90;
    }

    private static function item(Part $part, Section $section): LoadItem
    {
        return LoadItem::of($section->name, 1, $part->metalKind(), $section->mass_kg, $section->area_m2);
    }
}
