<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** One piece of evidence of a record, and how far it moves a cause. */
final readonly class WeighedEvidence
{
    /** @param  float  $weight  natural log-odds */
    public function __construct(public Evidence $evidence, public bool|float $value, public float $weight)
    {
    }

    /** What the record shows, with its figure. */
    public function words(): Message
    {
        $value = $this->value;

        return Message::of('{what}: {shows}', [
            'what' => $this->evidence->says(),
            'shows' => is_bool($value) ? ($value ? 'yes' : 'no') : self::figure($this->evidence, $value),
        ]);
    }

    private static function figure(Evidence $evidence, float $value): Quantity|string
    {
        return match ($evidence) {
            Evidence::BareOver, Evidence::BathOver, Evidence::HeatUp => Quantity::minutes($value),
            Evidence::Humidity => round($value).' %',
            Evidence::Ground => self::ohms($value),
            Evidence::RecessVoltage => round($value).' kV',
            Evidence::Away => Quantity::of(Dimension::Length, $value),
            Evidence::Profile => Quantity::micron($value),
            Evidence::PartTemperature => Quantity::celsius($value),
            Evidence::FilmShare => round(100 * $value).' %',
            Evidence::Rub => round($value).' of 5',
            Evidence::SameLot, Evidence::SameGun, Evidence::SamePerson, Evidence::SameRack => (string) round($value),
            default => number_format($value, 2),
        };
    }

    private static function ohms(float $ohm): string
    {
        return match (true) {
            $ohm >= 1e6 => round($ohm / 1e6, 1).' MΩ',
            $ohm >= 1e3 => round($ohm / 1e3, 1).' kΩ',
            default => round($ohm, 1).' Ω',
        };
    }
}
