<?php

declare(strict_types=1);

namespace App\Actions\Mask;

use Aenum\Core\Hang\Rack;
use App\Actions\Intake\PartShapes;
use App\Actions\Route\PartRoute;
use App\Models\Part;

/** How a part hangs: as it was set, or a usual rack for its size. */
final readonly class RackOfPart
{
    /** More than this is for two people or a hoist, kg. House limit. */
    public const LIFT_KG = 25.0;

    private const USUAL_GAP_MM = 120.0;

    /** @param  array<string, mixed>  $set */
    private function __construct(public array $set, public Rack $rack, public bool $guessed)
    {
    }

    public static function of(Part $part, ?PartRoute $route = null): self
    {
        $set = $part->hang ?? self::usual($part);

        return new self($set, self::rack($route ?? PartRoute::of($part), $part, $set), $part->hang === null);
    }

    /** @param  array<string, mixed>  $set */
    public static function save(Part $part, array $set): void
    {
        $part->update(['hang' => $set, 'view_factor' => round(self::rack(PartRoute::of($part), $part, $set)->viewFactor, 3)]);
    }

    /** @param  array<string, mixed>  $set */
    private static function rack(PartRoute $route, Part $part, array $set): Rack
    {
        $equipment = $route->facts->equipment;

        return Rack::of($set['box_mm'], $part->mass_kg, $set['across'], $set['rows'], $set['pitch_mm'], $set['drop_mm'], $set['hooks'], ['hook_kg' => $equipment->hookKg, 'rail_kg' => $equipment->railKg, 'oven_mm' => $equipment->ovenMm, 'lift_kg' => self::LIFT_KG]);
    }

    /** @return array<string, mixed> */
    private static function usual(Part $part): array
    {
        $built = PartShapes::of($part);
        $box = $part->facts['box_mm'] ?? $part->mesh['box_mm'] ?? null;
        foreach ($built->pieces as $piece) {
            $box ??= $piece['shape']->extent->boxMm;
        }
        if ($box === null) {
            // A cube-ish casting of its mass in twice its metal's volume: something to draw until it is measured.
            $side = 1000 * (8 * $part->mass_kg / ($part->metalKind()->densityKgPerM3 ?? 7850)) ** (1 / 3);
            $box = [$side, $side, $side];
        }
        sort($box);
        [$deep, $along, $up] = array_map(floatval(...), $box);
        $across = max(1, min($part->count, (int) floor((1600 + self::USUAL_GAP_MM) / ($along + self::USUAL_GAP_MM))));

        return ['across' => $across, 'rows' => 1, 'hooks' => 1, 'pitch_mm' => $along + self::USUAL_GAP_MM, 'drop_mm' => $up + self::USUAL_GAP_MM, 'box_mm' => [$along, $up, $deep], 'jigged' => $part->mass_kg > self::LIFT_KG, 'drain' => null];
    }

    /**
     * The rack as seen from the aisle, in a box of 420 by 250: parts, hooks and the bar they hang from.
     *
     * @return array{scale: float, bar: float, parts: list<array{x: float, y: float, width: float, height: float, hook: float}>}
     */
    public function picture(): array
    {
        $rack = $this->rack;
        [$along, $up] = $this->set['box_mm'];
        $scale = min(380 / max(1, $rack->lengthMm), 180 / max(1, $rack->heightMm));
        $left = (420 - $rack->lengthMm * $scale) / 2;
        $parts = [];
        for ($row = 0; $row < $rack->rows; $row++) {
            for ($n = 0; $n < $rack->across; $n++) {
                $y = 42 + $row * $rack->dropMm * $scale;
                $parts[] = ['x' => round($left + $n * $rack->pitchMm * $scale, 1), 'y' => round($y, 1), 'width' => round(max(1, $along * $scale), 1), 'height' => round(max(1, $up * $scale), 1), 'hook' => round($row === 0 ? 18 : $y - ($rack->dropMm - $up) * $scale, 1)];
            }
        }

        return ['scale' => $scale, 'bar' => round($left - 16, 1), 'parts' => $parts];
    }
}
