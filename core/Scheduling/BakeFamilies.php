<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Trade\BakeTo;

/**
 * Which lots one bake serves: at one temperature all of them are done, and none has had more than its sheet stands.
 *
 * A first sorting for the plan of a day, by sheets and by how long metal lags behind; the oven's own planner has the
 * last word when the load is hung.
 */
final readonly class BakeFamilies
{
    /** A film may have so many times what it needs where its sheet does not say what it stands. House figure. */
    private const SILENT_STANDS = 2.0;

    /** Share of what it stands that a film may have. House figure, as in the bake's own rules. */
    private const MOST_OF_IT = 0.8;

    /** Air to metal in an oven with a fan, W/m2K; heat of steel, J/kgK. House figures. */
    private const CONVECTION = 25.0;

    private const HEAT_J_KG_K = 500.0;

    /** A part is at temperature after so many times its lag. */
    private const LAGS = 3.0;

    /**
     * A name for each, the same where one bake serves: those named first lead.
     *
     * @param  array<array-key, array{CureSheet, BakeTo, float}>  $bakes  sheet, how far, kg of metal on a square metre
     * @return array<array-key, string>
     */
    public static function of(array $bakes): array
    {
        $families = $names = [];
        foreach ($bakes as $key => $bake) {
            foreach ($families as $name => $members) {
                if (self::serves($bake, $members)) {
                    $families[$name][] = $bake;
                    $names[$key] = (string) $name;

                    continue 2;
                }
            }
            $name = $bake[1]->label().' '.(count($families) + 1);
            $families[$name] = [$bake];
            $names[$key] = $name;
        }

        return $names;
    }

    /**
     * @param  array{CureSheet, BakeTo, float}  $one
     * @param  list<array{CureSheet, BakeTo, float}>  $others
     */
    private static function serves(array $one, array $others): bool
    {
        $all = [$one, ...$others];
        foreach ($all as [$sheet, $to]) {
            if ($to !== $one[1]) {
                return false;
            }
        }
        foreach (self::temperatures($all) as $celsius) {
            if (self::servesAt($celsius, $all)) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param  non-empty-list<array{CureSheet, BakeTo, float}>  $all
     * @return list<float>
     */
    private static function temperatures(array $all): array
    {
        $temperatures = [];
        foreach ($all as [$sheet, $to]) {
            foreach ($sheet->rows as $row) {
                $temperatures[] = $to === BakeTo::Flow ? $sheet->flowPointC() : $row->pmtC;
            }
        }

        return array_values(array_unique($temperatures));
    }

    /** @param  non-empty-list<array{CureSheet, BakeTo, float}>  $all */
    private static function servesAt(float $celsius, array $all): bool
    {
        $done = 0.0;
        foreach ($all as [$sheet, $to, $kgM2]) {
            $ceiling = CureSheet::ceiling($sheet)->celsius;
            if ($celsius > $ceiling || $celsius < ($to === BakeTo::Flow ? $sheet->flowPointC() : $sheet->lowestC())) {
                return false;
            }
            $needs = $to === BakeTo::Flow ? $sheet->flowPointMinutes() : $sheet->needs->minutesAt($celsius);
            $done = max($done, self::lag($kgM2) + $needs);
        }
        foreach ($all as [$sheet, , $kgM2]) {
            $stands = self::MOST_OF_IT * ($sheet->stands?->minutesAt($celsius)
                ?? self::SILENT_STANDS / self::MOST_OF_IT * $sheet->needs->minutesAt($celsius));
            if ($done - self::lag($kgM2) > $stands) {
                return false;
            }
        }

        return true;
    }

    /** Until the metal is at temperature, min. */
    private static function lag(float $kgM2): float
    {
        return self::LAGS * $kgM2 * self::HEAT_J_KG_K / self::CONVECTION / 60;
    }
}
