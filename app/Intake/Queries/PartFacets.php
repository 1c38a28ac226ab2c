<?php

declare(strict_types=1);

namespace App\Intake\Queries;

use Aenum\Core\Geometry\Facets;
use Aenum\Core\Geometry\ShapeSolid;
use App\Intake\Commands\PartShapes;
use App\Intake\Models\Part;
use Illuminate\Support\Facades\DB;

/** The facets drawn on the part page: the mesh, or else the shapes side by side at one scale. */
final class PartFacets
{
    /** Room between two shapes, as a share of the longest side of all. */
    private const GAP = 0.08;

    /** Of one shape no more than this stand in the row: how many there are is said beside it. */
    private const MOST_ALIKE = 8;

    public static function bytes(Part $part): string
    {
        $kept = DB::table('part_facets')->where('part_id', $part->id)->value('facets');

        return is_string($kept) ? $kept : self::ofShapes(PartShapes::of($part));
    }

    public static function keep(Part $part, ?Facets $facets): void
    {
        DB::table('part_facets')->where('part_id', $part->id)->delete();
        if ($facets !== null) {
            DB::table('part_facets')->insert(['part_id' => $part->id, 'facets' => $facets->bytes()]);
        }
    }

    /** What one part has, another is built like. */
    public static function copy(Part $from, Part $to): void
    {
        DB::table('part_facets')->where('part_id', $to->id)->delete();
        $kept = DB::table('part_facets')->where('part_id', $from->id)->value('facets');
        if (is_string($kept)) {
            DB::table('part_facets')->insert(['part_id' => $to->id, 'facets' => $kept]);
        }
    }

    private static function ofShapes(PartShapes $built): string
    {
        $row = [];
        foreach ($built->pieces as $piece) {
            $solid = ShapeSolid::of($piece['shape']);
            array_push($row, ...array_fill(0, min(self::MOST_ALIKE, $piece['count']), $solid));
        }
        if ($row === []) {
            return '';
        }
        $longest = max(array_map(fn (ShapeSolid $solid): float => self::longest($solid), $row));
        $beside = 0.0;
        $places = [];
        $least = [INF, 0.0, INF];
        $most = [-INF, 0.0, -INF];
        foreach ($row as $solid) {
            [$from, $to] = $solid->box();
            $places[] = $beside - $from[1];
            $beside += $to[1] - $from[1];
            $most[1] = $beside;
            $beside += self::GAP * $longest;
            foreach ([0, 2] as $n) {
                $least[$n] = min($least[$n], $from[$n]);
                $most[$n] = max($most[$n], $to[$n]);
            }
        }
        $facets = new Facets($least, $most);
        foreach ($row as $n => $solid) {
            $solid->into($facets, $places[$n]);
        }

        return $facets->bytes();
    }

    private static function longest(ShapeSolid $solid): float
    {
        [$from, $to] = $solid->box();

        return max($to[0] - $from[0], $to[1] - $from[1], $to[2] - $from[2]);
    }
}
