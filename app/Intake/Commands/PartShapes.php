<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Files\Node;
use Aenum\Core\Files\ShapeFile;
use Aenum\Core\Geometry\Shape;
use App\Intake\Models\Part;
use App\Platform\Errors\Refused;

/** Edits the shapes a part is built from, and compares them with its weight. */
final readonly class PartShapes
{
    /** Weighed and computed further apart than this are worth a word. */
    public const GAP = 0.15;

    /** @param  list<array{shape: Shape, count: int, label: string, massKg: float}>  $pieces */
    private function __construct(public Part $part, public array $pieces)
    {
    }

    public static function of(Part $part): self
    {
        return new self(
            $part,
            array_map(function (array $kept) use ($part): array {
                $file = self::read($kept, $part->metal);

                return [
                    'shape' => $file->shape,
                    'count' => $file->count,
                    'label' => $file->shape->kind->label(),
                    'massKg' => (float) $file->shape->massKg($file->metal),
                ];
            }, $part->shapes ?? []),
        );
    }

    /** @param  array<string, mixed>  $shape as calc shape takes it, without its material */
    public static function read(array $shape, string $metal): ShapeFile
    {
        return ShapeFile::read(Node::parse(json_encode($shape + ['material' => $metal], JSON_THROW_ON_ERROR)));
    }

    public function isEmpty(): bool
    {
        return $this->pieces === [] && $this->part->mesh === null;
    }

    /** A figure of the mesh, if there is one: area_m2 or volume_m3. */
    private function mesh(string $figure): float
    {
        return (float) ($this->part->mesh[$figure] ?? 0.0);
    }

    public function massKg(): float
    {
        return $this->mesh('volume_m3') * ($this->part->metalKind()->densityKgPerM3 ?? 0.0) +
            array_sum(array_map(fn (array $piece): float => $piece['count'] * $piece['massKg'], $this->pieces));
    }

    public function coatAreaM2(): float
    {
        return $this->mesh('area_m2') +
            array_sum(
                array_map(
                    fn (array $piece): float => $piece['count'] * $piece['shape']->extent->coatAreaM2,
                    $this->pieces,
                ),
            );
    }

    public function blastAreaM2(): float
    {
        return $this->mesh('area_m2') +
            array_sum(
                array_map(
                    fn (array $piece): float => $piece['count'] * $piece['shape']->extent->blastAreaM2,
                    $this->pieces,
                ),
            );
    }

    public function heatAreaM2(): float
    {
        return $this->mesh('area_m2') +
            array_sum(
                array_map(
                    fn (array $piece): float => $piece['count'] * $piece['shape']->extent->heatAreaM2,
                    $this->pieces,
                ),
            );
    }

    public function thickestMm(): float
    {
        return max(
            0.0,
            ...array_map(fn (array $piece): float => $piece['shape']->extent->thickestMm, $this->pieces),
        );
    }

    /** What is odd about the weighed mass; null where nothing is, or nothing is built. */
    public function gap(): ?string
    {
        if ($this->isEmpty() || $this->massKg() <= 0 || $this->part->mass_kg === null) {
            return null;
        }
        $gap = $this->part->mass_kg / $this->massKg() - 1;

        return match (true) {
            abs($gap) <= self::GAP => null,
            $gap > 0 => sprintf(
                'It weighs %.0f %% more than the shapes: a shape is missing, a hollow is solid or full, the walls '
                    .'are thicker, or the metal is heavier than said.',
                100 * $gap,
            ),
            default => sprintf(
                'It weighs %.0f %% less than the shapes: holes or hollows are left out, the walls are thinner, or '
                    .'the metal is lighter than said.',
                -100 * $gap,
            ),
        };
    }

    /** @param  array<string, mixed>  $shape */
    public static function add(Part $part, array $shape): void
    {
        $kept = $part->shapes ?? [];
        if (count($kept) >= 12) {
            throw Refused::because([
                'shape' => 'There are 12 shapes already; a part is built from at most 12.',
            ]);
        }
        self::read($shape, $part->metal);
        $part->update(['shapes' => [...$kept, $shape]]);
    }

    public static function drop(Part $part, int $at): void
    {
        $part->update(['shapes' => array_values(array_diff_key($part->shapes ?? [], [$at => true]))]);
    }

    /** Takes what was built as the part's own mass and area. */
    public static function take(Part $part): void
    {
        $built = self::of($part);
        if ($built->isEmpty() || $part->sections()->exists()) {
            throw Refused::because([
                'shape' => $built->isEmpty()
                    ? 'Nothing is built yet.'
                    : 'The part has regions, which make its mass and area; change them there.',
            ]);
        }
        // An open mesh has an area and no volume: the weighed mass stays.
        $part->update(
            ['area_m2' => round($built->coatAreaM2(), 5)] +
                ($built->massKg() > 0 ? ['mass_kg' => round($built->massKg(), 4)] : []),
        );
    }
}
