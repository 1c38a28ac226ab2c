<?php

declare(strict_types=1);

namespace App\Support;

use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
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
        return $kept === null
            ? ''
            : $dimension->number(
                $kept,
                $this->system,
                $decimals ?? ($dimension === Dimension::Temperature ? 1 : 4),
            );
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
    public function said(Said|string|null $said): string
    {
        return $said === null ? '' : Said::from($said)->in($this->system);
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

    public static function share(float $share): string
    {
        return number_format($share, 2);
    }
}
