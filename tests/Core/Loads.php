<?php

declare(strict_types=1);

namespace Tests\Core;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;

/** Ovens, parts and powders the core's tests share. */
final class Loads
{
    public static function oven(float $heaterKw = 36, ?float $maxC = 230): Oven
    {
        return Oven::of($heaterKw, 5, 45, 260, 520, 45, 60, 2200, 16, $maxC);
    }

    public static function item(
        string $name = 'bench end',
        float $massKg = 24,
        float $areaM2 = 1.15,
        int $count = 2,
        string $metal = 'cast_iron',
        float $viewFactor = 0.8,
    ): LoadItem {
        return LoadItem::of($name, $count, MetalCatalog::get($metal), $massKg, $areaM2, 0.9, $viewFactor);
    }

    /** @param  list<array{float, float, ?float}>  $rows */
    public static function sheet(
        array $rows = [[180, 18, 60], [190, 12, 40], [200, 8, 28]],
        Chemistry $chemistry = Chemistry::Polyester,
        ?float $windowC = null,
    ): CureSheet {
        return CureSheet::of(
            $chemistry,
            array_map(fn (array $row): CureScheduleRow => CureScheduleRow::of(...$row), $rows),
            $windowC,
            120,
            3,
        );
    }

    /** @return list<array{string}> */
    public static function caseFiles(string $pattern): array
    {
        return array_map(
            fn (string $file): array => [$file],
            glob(__DIR__."/../cases/{$pattern}.load.json") ?: [],
        );
    }
}
