<?php

declare(strict_types=1);

namespace App\Support;

use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\UnitSystem;
use Illuminate\Support\Facades\Auth;

/** Figures in the units of whoever is looking. */
final readonly class Units
{
    public function __construct(public UnitSystem $system)
    {
    }

    public static function current(): self
    {
        return new self(Auth::user()->unit_system ?? UnitSystem::Metric);
    }

    public function show(Dimension $dimension, ?float $kept, ?int $decimals = null): string
    {
        return $kept === null ? 'not known' : $dimension->show($kept, $this->system, $decimals);
    }

    /** What stands in a form field: the bare number. */
    public function field(Dimension $dimension, ?float $kept, ?int $decimals = null): string
    {
        return $kept === null ? '' : $dimension->number($kept, $this->system, $decimals ?? ($dimension === Dimension::Temperature ? 1 : 4));
    }

    public function unit(Dimension $dimension): string
    {
        return $dimension->unit($this->system);
    }

    public function temp(float $celsius, int $decimals = 0): string
    {
        return $this->show(Dimension::Temperature, $celsius, $decimals);
    }

    /**
     * A sentence of the core, which speaks °C, kg, mm, µm, bar, m², l and m³/min, in the units of whoever is looking: every number
     * or run of numbers ("10 to 14 mm", "900 × 450 mm") that stands before such a unit.
     */
    public function said(string $sentence): string
    {
        if ($this->system === UnitSystem::Metric) {
            return $sentence;
        }
        $units = ['mm' => Dimension::Length, 'kg' => Dimension::Mass, 'bar' => Dimension::Pressure, 'µm' => Dimension::Film, '°C' => Dimension::Temperature, 'm²' => Dimension::Area, 'l' => Dimension::Volume, 'm³/min' => Dimension::AirFlow];

        return (string) preg_replace_callback('/(\d+(?:\.\d+)?(?:(?: to | × )\d+(?:\.\d+)?)*) (mm|kg|bar|µm|°C|m³\/min|m²|l)(?![\p{L}\d\/])/u', fn (array $found): string => preg_replace_callback('/\d+(?:\.\d+)?/', fn (array $number): string => $units[$found[2]]->number((float) $number[0], $this->system), $found[1]).' '.$this->unit($units[$found[2]]), $sentence);
    }

    /** Minutes as a person says them: "41 min", "1 h 12 min". */
    public static function minutes(float $minutes): string
    {
        if ($minutes < 10 && abs($minutes - round($minutes)) > 0.05) {
            return number_format($minutes, 1).' min';
        }
        $whole = (int) round($minutes);

        return $whole < 100 ? "{$whole} min" : intdiv($whole, 60).' h'.($whole % 60 === 0 ? '' : ' '.($whole % 60).' min');
    }

    public static function share(float $share): string
    {
        return number_format($share, 2);
    }
}
