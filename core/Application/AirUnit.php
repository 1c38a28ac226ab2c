<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What a gun's powder air is set in: each gun has its own scale, and nobody converts at the booth. */
enum AirUnit: string
{
    case Ratio = 'ratio';
    case Bar = 'bar';
    case Psi = 'psi';
    case M3PerH = 'm3_h';
    case Percent = 'percent';

    /** As a form offers it. */
    public function label(): string
    {
        return match ($this) {
            self::Ratio => 'no scale: more or less than usual',
            self::Bar => 'bar',
            self::Psi => 'psi',
            self::M3PerH => 'm³/h',
            self::Percent => '%',
        };
    }

    /** The unit beside a field; × where the gun has no scale. */
    public function unit(): string
    {
        return $this === self::Ratio ? '×' : $this->label();
    }

    /** A setting as it is read on the gun: "1.4 bar", or "× 0.7" where it has no scale. */
    public function show(float $setting): string
    {
        $number = (string) round($setting, 2);

        return $this === self::Ratio ? "× {$number}" : "{$number} {$this->label()}";
    }
}
