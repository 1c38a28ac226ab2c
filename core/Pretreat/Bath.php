<?php

declare(strict_types=1);

namespace Aenum\Core\Pretreat;

use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\InvalidQuantity;

/**
 * A bath or sprayer of the wash bench: what it is made up to, and the limits it is kept within. Typical of the family;
 * the chemical maker's sheet comes first.
 */
final readonly class Bath
{
    /** key => [name, per cent by volume, °C, limits by figure, caution] */
    private const ROWS = [
        'alkaline_cleaner' => ['Mild alkaline cleaner', 4.0, 50.0, ['concentration_pct' => [3.0, 5.0], 'ph' => [9.5, 11.0]], 'Warm alkali: gloves and eye protection.'],
        'iron_phosphate' => ['Iron phosphate', 3.0, 45.0, ['concentration_pct' => [2.0, 4.0], 'ph' => [4.0, 5.5]], 'Weak acid: gloves and eye protection.'],
        'deoxidiser' => ['Deoxidiser for aluminium', 5.0, 25.0, ['concentration_pct' => [4.0, 7.0], 'ph' => [0.5, 2.0]], 'Strong acid: face shield, apron, acid gloves; acid into water, never water into acid.'],
        'zirconium' => ['Zirconium conversion', 2.0, 25.0, ['concentration_pct' => [1.0, 3.0], 'ph' => [3.8, 5.0]], 'Weak acid with fluoride: gloves, face shield, and the maker\'s first-aid gel at hand.'],
        'rinse' => ['Rinse water', 0.0, 20.0, ['conductivity_us' => [0.0, 300.0]], 'Wet floor.'],
        'last_rinse' => ['Last rinse, clean water', 0.0, 20.0, ['conductivity_us' => [0.0, 50.0]], 'Wet floor.'],
    ];

    /** figure => [what it is called, unit, least and most that can be true] */
    public const FIGURES = ['concentration_pct' => ['Concentration', '%', 0, 100], 'ph' => ['pH', '', 0, 14], 'conductivity_us' => ['Conductivity', 'µS/cm', 0, 20000]];

    /** @param  array<string, array{float, float}>  $limits  figure => least and most */
    private function __construct(public string $key, public string $name, public float $percent, public float $celsius, public array $limits, public string $caution)
    {
    }

    public static function get(string $key): self
    {
        [$name, $percent, $celsius, $limits, $caution] = self::ROWS[$key] ?? throw InvalidQuantity::outside('bath', $key, 'one of '.implode(', ', self::keys()));

        return new self($key, $name, $percent, $celsius, $limits, $caution);
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::ROWS);
    }

    /** Litres of the chemical for a tank or sprayer of so many litres. */
    public function litresFor(float $volumeL): float
    {
        return Check::above('volume_l', $volumeL, 0, 100000) * $this->percent / 100;
    }

    /** Litres of chemical to bring so much bath from one concentration to what it is made up to; 0 where it is there. */
    public function topUp(float $volumeL, float $concentrationPct): float
    {
        $short = $this->percent - Check::between('concentration_pct', $concentrationPct, 0, 100);

        // What is put in makes the bath larger too: (c·V + x)/(V + x) = p.
        return $short <= 0 ? 0.0 : Check::above('volume_l', $volumeL, 0, 100000) * $short / (100 - $this->percent);
    }
}
