<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use Aenum\Core\Units\UnitSystem;
use App\Intake\Models\Part;

/** Formats quantities in the reader's units. */
final readonly class Units
{
    public function __construct(public UnitSystem $system)
    {
    }

    public static function current(): self
    {
        return new self(Viewer::current()->unit_system ?? UnitSystem::Metric);
    }

    public function isMetric(): bool
    {
        return $this->system === UnitSystem::Metric;
    }

    public function show(Dimension $dimension, ?float $kept, ?int $decimals = null): string
    {
        return $kept === null ? 'not known' : $dimension->show($kept, $this->system, $decimals);
    }

    /** Energy, no finer than a model of an oven bears. */
    public static function energy(float $kwh): string
    {
        return number_format($kwh, $kwh < 10 ? 1 : 0).' kWh';
    }

    /** Mass and area of one piece, the same wherever it is read. */
    public function ofOne(Part $part): string
    {
        $mass = $part->mass_kg === null ? 'not weighed yet' : $this->show(Dimension::Mass, $part->mass_kg);
        $area = $part->area_m2 === null ? 'area not known' : $this->show(Dimension::Area, $part->area_m2);

        return "{$mass}, {$area} each";
    }

    /** The same, and where the area is from. */
    public function ofOneAndWall(Part $part): string
    {
        return $this->ofOne($part).($part->wall_mm === null
            ? ''
            : ', from a mean wall of '.$this->show(Dimension::Length, $part->wall_mm));
    }

    /** What stands in a form field: the bare number. */
    public function field(Dimension $dimension, ?float $kept, ?int $decimals = null): string
    {
        return $kept === null
            ? ''
            : $dimension->number(
                $kept,
                $this->system,
                $decimals ?? ($dimension === Dimension::Temperature ? 1 : 4),
            );
    }

    /** A film without its unit, to a micron or a tenth of a mil. */
    public function film(float $microns): string
    {
        return $this->field(Dimension::Film, $microns, $this->isMetric() ? 0 : 1);
    }

    public function unit(Dimension $dimension): string
    {
        return $dimension->unit($this->system);
    }

    public function temp(float $celsius, int $decimals = 0): string
    {
        return $this->show(Dimension::Temperature, $celsius, $decimals);
    }

    /** What the core says, in the units of whoever is looking. */
    public function said(Message|string|null $said): string
    {
        return $said === null ? '' : Message::from($said)->in($this->system);
    }

    /** A quantity in the units of whoever is looking. */
    public function quantity(Quantity $quantity): string
    {
        return $quantity->in($this->system);
    }

    /** Minutes as a person says them: "41 min", "1 h 12 min". */
    public static function minutes(float $minutes): string
    {
        return Dimension::duration($minutes);
    }

    /** A step's time: "20 min (max 30 min) · 2 min labor"; what a step does not have is left out. */
    public static function dwell(float $minutes, ?float $most, ?float $hands): string
    {
        $least = $minutes > 0 ? self::minutes($minutes) : '';
        $most = $most > 0 ? ' (max '.self::minutes($most).')' : '';
        $hands = $hands > 0 ? ' · '.self::minutes($hands).' labor' : '';

        return $least.$most.$hands;
    }

    public static function share(float $share): string
    {
        return number_format($share, 2);
    }
}
