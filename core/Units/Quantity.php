<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/** One figure, or a few alike, with what kind of quantity they are: shown in whichever system the reader reads. */
final readonly class Quantity
{
    /** @param  non-empty-list<float>  $kept  in the unit the program keeps */
    private function __construct(
        public Dimension $dimension,
        public array $kept,
        private string $between,
        private ?int $decimals,
    ) {
    }

    /**
     * @param  float  $kept  in the unit Dimension keeps
     * @param  int|null  $decimals  null for as many as bear meaning
     */
    public static function of(Dimension $dimension, float $kept, ?int $decimals = null): self
    {
        return new self($dimension, [$kept], '', $decimals);
    }

    /** From one figure to another, the unit said once. */
    public static function range(Dimension $dimension, float $from, float $to, ?int $decimals = null): self
    {
        return new self($dimension, [$from, $to], ' to ', $decimals);
    }

    /** Measures of a box, the unit said once: "900 × 500 × 200 mm". */
    public static function sides(float ...$mm): self
    {
        return new self(Dimension::Length, array_values($mm) ?: [0.0], ' × ', null);
    }

    /** Part metal, air or setpoint, °C. */
    public static function celsius(float $celsius): self
    {
        return self::of(Dimension::Temperature, $celsius, 0);
    }

    /** A difference of temperature, K. */
    public static function kelvin(float $kelvin): self
    {
        return self::of(Dimension::TemperatureDifference, $kelvin);
    }

    /** A mass, kg. */
    public static function kg(float $kg, ?int $decimals = null): self
    {
        return self::of(Dimension::Mass, $kg, $decimals);
    }

    /** Powder, g. */
    public static function gram(float $gram, ?int $decimals = null): self
    {
        return self::of(Dimension::Powder, $gram, $decimals);
    }

    /** A length, mm. */
    public static function mm(float $mm, ?int $decimals = null): self
    {
        return self::of(Dimension::Length, $mm, $decimals);
    }

    /** A film or a profile, µm. */
    public static function micron(float $micron): self
    {
        return self::of(Dimension::Film, $micron);
    }

    /** A band of film, µm. */
    public static function microns(float $from, float $to): self
    {
        return self::range(Dimension::Film, $from, $to);
    }

    /** A pressure, bar gauge. */
    public static function bar(float $bar): self
    {
        return self::of(Dimension::Pressure, $bar, 1);
    }

    /** Free air, m³/min. */
    public static function airFlow(float $m3PerMin): self
    {
        return self::of(Dimension::AirFlow, $m3PerMin);
    }

    /** Air through an opening, m/s. */
    public static function airSpeed(float $mPerS): self
    {
        return self::of(Dimension::AirSpeed, $mPerS);
    }

    /** A time, min; the same for every reader. */
    public static function minutes(float $minutes): self
    {
        return self::of(Dimension::Duration, $minutes);
    }

    /** The figures as text, their unit behind them. */
    public function in(UnitSystem $system): string
    {
        if (count($this->kept) === 1) {
            return $this->dimension->show($this->kept[0], $system, $this->decimals);
        }
        $numbers = array_map(
            fn (float $k): string => $this->dimension->number($k, $system, $this->decimals),
            $this->kept,
        );

        return implode($this->between, $numbers).' '.$this->dimension->unit($system);
    }
}
