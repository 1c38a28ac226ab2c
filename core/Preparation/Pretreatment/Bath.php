<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Pretreatment;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/**
 * A bath or sprayer of the wash bench: what it is made up to, and the limits it is kept within. Typical of the family,
 * unverified; the chemical maker's sheet comes first.
 */
final readonly class Bath
{
    /**
     * @param  float  $percent  of the chemical by volume
     * @param  float  $celsius  the bath's own temperature
     * @param  array<string, array{float, float}>  $limits  BathFigure => least and most
     */
    private function __construct(
        public string $key,
        public string $name,
        public float $percent,
        public float $celsius,
        public array $limits,
        public string $caution,
    ) {
    }

    /** @return array<string, self> by key */
    public static function all(): array
    {
        static $all = null;

        /** @var array<string, self> */
        return $all ??= array_column(
            array_map(fn (self $bath): array => [$bath->key, $bath], self::records()),
            1,
            0,
        );
    }

    /** @throws InvalidInput where no bath has that key */
    public static function get(string $key): self
    {
        return self::all()[$key] ??
            throw InvalidInput::outside('bath', $key, 'one of '.implode(', ', self::keys()));
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::all());
    }

    /** @return list<BathFigure> what is measured of it */
    public function figures(): array
    {
        return array_map(BathFigure::from(...), array_keys($this->limits));
    }

    /** Litres of the chemical for a tank or sprayer of so many litres, above 0 to 100 000. */
    public function litresFor(float $volumeL): float
    {
        return (Check::above('volume_l', $volumeL, 0, 100000) * $this->percent) / 100;
    }

    /**
     * Litres of chemical to bring so much bath from one concentration to what it is made up to; 0 where it is there.
     */
    public function topUp(float $volumeL, float $concentrationPct): float
    {
        $short = $this->percent - Check::between('concentration_pct', $concentrationPct, 0, 100);

        // What is put in makes the bath larger too: (c·V + x)/(V + x) = p.
        return $short <= 0
            ? 0.0
            : (Check::above('volume_l', $volumeL, 0, 100000) * $short) / (100 - $this->percent);
    }

    /** @return list<self> */
    private static function records(): array
    {
        return [
            new self(
                key: 'alkaline_cleaner',
                name: 'Mild alkaline cleaner',
                percent: 4.0,
                celsius: 50.0,
                limits: ['concentration_pct' => [3.0, 5.0], 'ph' => [9.5, 11.0]],
                caution: 'Warm alkali: gloves and eye protection.',
            ),
            new self(
                key: 'iron_phosphate',
                name: 'Iron phosphate',
                percent: 3.0,
                celsius: 45.0,
                limits: ['concentration_pct' => [2.0, 4.0], 'ph' => [4.0, 5.5]],
                caution: 'Weak acid: gloves and eye protection.',
            ),
            new self(
                key: 'deoxidiser',
                name: 'Deoxidiser for aluminium',
                percent: 5.0,
                celsius: 25.0,
                limits: ['concentration_pct' => [4.0, 7.0], 'ph' => [0.5, 2.0]],
                caution: 'Strong acid, often with fluoride: face shield, apron, acid gloves, calcium gluconate gel at '.
                    'hand; acid into water, never water into acid.',
            ),
            new self(
                key: 'zirconium',
                name: 'Zirconium conversion',
                percent: 2.0,
                celsius: 25.0,
                limits: ['concentration_pct' => [1.0, 3.0], 'ph' => [3.8, 5.0]],
                caution: 'Weak acid with fluoride: gloves of the class the sheet names, face shield, calcium '
                    .'gluconate '.
                    'gel at hand.',
            ),
            new self(
                key: 'zinc_conversion',
                name: 'Conversion made for zinc',
                percent: 2.0,
                celsius: 25.0,
                limits: ['concentration_pct' => [1.0, 3.0], 'ph' => [3.5, 5.0]],
                caution: 'Weak acid, often with fluoride: gloves of the class the sheet names, face shield.',
            ),
            new self(
                key: 'rinse',
                name: 'Rinse water',
                percent: 0.0,
                celsius: 20.0,
                limits: ['conductivity_us' => [0.0, 300.0]],
                caution: 'Wet floor.',
            ),
            new self(
                key: 'last_rinse',
                name: 'Last rinse, clean water',
                percent: 0.0,
                celsius: 20.0,
                limits: ['conductivity_us' => [0.0, 30.0]],
                caution: 'Wet floor.',
            ),
        ];
    }
}
