<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/**
 * A kind of quantity: which units it is met in, and how text becomes a figure in the unit the program keeps.
 *
 * Kept as: °C, K, kg, g of powder, mm, m, m², µm, bar, kW, kWh, l, m³/min, min. Gallons are US gallons, cfm is of free
 * air. Exact factors: inch 25.4 mm, pound 0.45359237 kg (international yard and pound, 1959).
 */
enum Dimension
{
    case Temperature;
    case TemperatureDifference;
    case Mass;
    case Powder;
    case Length;
    case Size;
    case Area;
    case Film;
    case Pressure;
    case Power;
    case Energy;
    case Volume;
    case AirFlow;
    case AirSpeed;
    case Duration;

    /** @return array<string, array{float, float}> unit as written => [factor, offset]: kept = factor·x + offset */
    private function units(): array
    {
        return match ($this) {
            self::Temperature => [
                '°C' => [1.0, 0.0],
                '°F' => [1 / 1.8, -32 / 1.8],
                'K' => [1.0, -Constant::KELVIN_AT_0_C],
            ],
            self::TemperatureDifference => ['K' => [1.0, 0.0], '°F' => [1 / 1.8, 0.0], '°C' => [1.0, 0.0]],
            self::Mass => [
                'kg' => [1.0, 0.0],
                'lb' => [0.45359237, 0.0],
                'g' => [0.001, 0.0],
                'oz' => [0.45359237 / 16, 0.0],
                't' => [1000.0, 0.0],
            ],
            self::Powder => [
                'g' => [1.0, 0.0],
                'oz' => [453.59237 / 16, 0.0],
                'kg' => [1000.0, 0.0],
                'lb' => [453.59237, 0.0],
            ],
            self::Length => [
                'mm' => [1.0, 0.0],
                'in' => [25.4, 0.0],
                'cm' => [10.0, 0.0],
                'm' => [1000.0, 0.0],
                'ft' => [304.8, 0.0],
            ],
            self::Size => [
                'm' => [1.0, 0.0],
                'ft' => [0.3048, 0.0],
                'mm' => [0.001, 0.0],
                'cm' => [0.01, 0.0],
                'in' => [0.0254, 0.0],
            ],
            self::Area => [
                'm²' => [1.0, 0.0],
                'ft²' => [0.3048 ** 2, 0.0],
                'cm²' => [1e-4, 0.0],
                'in²' => [0.0254 ** 2, 0.0],
            ],
            self::Film => ['µm' => [1.0, 0.0], 'mil' => [25.4, 0.0], 'mm' => [1000.0, 0.0]],
            self::Pressure => ['bar' => [1.0, 0.0], 'psi' => [0.0689475729, 0.0], 'kPa' => [0.01, 0.0]],
            self::Power => ['kW' => [1.0, 0.0], 'W' => [0.001, 0.0], 'BTU/h' => [0.000293071, 0.0]],
            self::Energy => ['kWh' => [1.0, 0.0]],
            self::Volume => ['l' => [1.0, 0.0], 'gal' => [3.785411784, 0.0], 'ml' => [0.001, 0.0]],
            self::AirFlow => ['m³/min' => [1.0, 0.0], 'cfm' => [0.028316846592, 0.0], 'l/s' => [0.06, 0.0]],
            self::AirSpeed => ['m/s' => [1.0, 0.0], 'ft/min' => [0.00508, 0.0]],
            self::Duration => ['min' => [1.0, 0.0], 'h' => [60.0, 0.0], 's' => [1 / 60, 0.0]],
        };
    }

    /** Other spellings people type. */
    private const ALSO = [
        'c' => '°C',
        'f' => '°F',
        'degc' => '°C',
        'degf' => '°F',
        'k' => 'K',
        'lbs' => 'lb',
        'pound' => 'lb',
        'pounds' => 'lb',
        '#' => 'lb',
        '"' => 'in',
        'inch' => 'in',
        'inches' => 'in',
        "'" => 'ft',
        'feet' => 'ft',
        'foot' => 'ft',
        'm2' => 'm²',
        'ft2' => 'ft²',
        'sqft' => 'ft²',
        'sqm' => 'm²',
        'cm2' => 'cm²',
        'in2' => 'in²',
        'um' => 'µm',
        'μm' => 'µm',
        'micron' => 'µm',
        'microns' => 'µm',
        'mils' => 'mil',
        'kw' => 'kW',
        'btu/h' => 'BTU/h',
        'btuh' => 'BTU/h',
        'kilo' => 'kg',
        'kilos' => 'kg',
        'gram' => 'g',
        'grams' => 'g',
        'kpa' => 'kPa',
        'litre' => 'l',
        'litres' => 'l',
        'liter' => 'l',
        'liters' => 'l',
        'gallon' => 'gal',
        'gallons' => 'gal',
        'm3/min' => 'm³/min',
        'scfm' => 'cfm',
    ];

    /** The unit shown and assumed. */
    public function unit(UnitSystem $system): string
    {
        $us = $system === UnitSystem::Us;

        return match ($this) {
            self::Temperature => $us ? '°F' : '°C',
            self::TemperatureDifference => $us ? '°F' : 'K',
            self::Mass => $us ? 'lb' : 'kg',
            self::Powder => $us ? 'oz' : 'g',
            self::Length => $us ? 'in' : 'mm',
            self::Size => $us ? 'ft' : 'm',
            self::Area => $us ? 'ft²' : 'm²',
            self::Film => $us ? 'mil' : 'µm',
            self::Pressure => $us ? 'psi' : 'bar',
            self::Power => 'kW',
            self::Energy => 'kWh',
            self::Volume => $us ? 'gal' : 'l',
            self::AirFlow => $us ? 'cfm' : 'm³/min',
            self::AirSpeed => $us ? 'ft/min' : 'm/s',
            self::Duration => 'min',
        };
    }

    /**
     * Reads "12", "12 lb", "3/8 in", "1 1/2 in", "200 °C", "0,8 m2". Without a unit, the person's own is meant. A comma
     * before just three digits, "1,200", means a thousand to some and one and a bit to others: it is asked about.
     *
     * @throws InvalidInput naming the field and the units understood
     */
    public function parse(string $field, string $text, UnitSystem $system): float
    {
        $typed = trim($text);
        $pattern =
            '/^(?<sign>[-+−]?)\s*(?:(?<whole>[0-9]+)\s+)?'
            .'(?:(?<top>[0-9]+)\s*\/\s*(?<bottom>[0-9]+)|(?<decimal>[0-9]+(?:[.,][0-9]+)?|[.,][0-9]+))'
            .'\s*(?<unit>[^0-9\s].*)?$/u';
        $matched = preg_match($pattern, $typed, $m) === 1;
        $m += ['sign' => '', 'whole' => '', 'top' => '', 'bottom' => '', 'decimal' => '', 'unit' => ''];
        if (
            ! $matched ||
            ($m['whole'] !== '' && $m['top'] === '') ||
            ($m['top'] !== '' && (int) $m['bottom'] === 0)
        ) {
            throw InvalidInput::outside(
                $field,
                $text,
                'a number, with '.$this->spelt().' if not '.$this->unit($system),
            );
        }
        if (preg_match('/^[1-9][0-9]{0,2},[0-9]{3}$/', $m['decimal']) === 1) {
            $either = str_replace(',', '', $m['decimal']).' or '.strtr($m['decimal'], ',', '.');
            throw InvalidInput::outside($field, $text, "{$either}, as it is meant; the comma says either");
        }
        $number =
            (float) $m['whole'] +
            ($m['top'] !== '' ? (int) $m['top'] / (int) $m['bottom'] : (float) strtr($m['decimal'], ',', '.'));
        if (in_array($m['sign'], ['-', '−'], true)) {
            $number = -$number;
        }
        [$factor, $offset] = $this->conversion($field, trim($m['unit']), $text, $system);

        return $factor * $number + $offset;
    }

    /** The kept figure in a person's unit. */
    public function in(float $kept, UnitSystem $system): float
    {
        [$factor, $offset] = $this->units()[$this->unit($system)];

        return ($kept - $offset) / $factor;
    }

    /** The kept figure as text with its unit, e.g. "34 kg". */
    public function show(float $kept, UnitSystem $system, ?int $decimals = null): string
    {
        return $this === self::Duration && $decimals === null
            ? self::duration($kept)
            : $this->number($kept, $system, $decimals)." {$this->unit($system)}";
    }

    /** The kept figure as text without its unit, as it stands in a field. */
    public function number(float $kept, UnitSystem $system, ?int $decimals = null): string
    {
        $value = $this->in($kept, $system);
        $decimals ??= $this->decimals($value);
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** Minutes as a person says them: "41 min", "1 h 12 min"; tenths only under ten. */
    public static function duration(float $minutes): string
    {
        if ($minutes < 10 && abs($minutes - round($minutes)) > 0.05) {
            return number_format($minutes, 1).' min';
        }
        $whole = (int) round($minutes);

        return $whole < 100
            ? "{$whole} min"
            : intdiv($whole, 60).' h'.($whole % 60 === 0 ? '' : ' '.$whole % 60 .' min');
    }

    private function decimals(float $value): int
    {
        if ($this === self::Temperature || $this === self::TemperatureDifference) {
            return 0;
        }

        return match (true) {
            abs($value) >= 100 => 0,
            abs($value) >= 10 => 1,
            default => 2,
        };
    }

    /** @return array{float, float} */
    private function conversion(string $field, string $unit, string $text, UnitSystem $system): array
    {
        $units = $this->units();
        if ($unit === '') {
            return $units[$this->unit($system)];
        }
        foreach (array_keys($units) as $known) {
            if (mb_strtolower($known) === mb_strtolower($unit)) {
                return $units[$known];
            }
        }
        $also = self::ALSO[str_replace([' ', '.'], '', mb_strtolower($unit))] ?? null;

        return $units[$also ?? ''] ??
            throw InvalidInput::outside($field, $text, 'a number with '.$this->spelt());
    }

    private function spelt(): string
    {
        return implode(', ', array_keys($this->units()));
    }
}
