<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Unit\UnitSystem;
use App\Support\Units;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    /** @return array<string, array{string, string}> */
    public static function sentences(): array
    {
        return [
            'one' => ['It stands 260 °C.', 'It stands 500 °F.'],
            'a run' => ['Seals 10.0 to 14.0 mm, asked 12.7 mm.', 'Seals 0.39 to 0.55 in, asked 0.5 in.'],
            'a box' => ['Railing is 900 × 450 × 60 mm, the booth 2000 mm', 'Railing is 35.4 × 17.7 × 2.36 in, the booth 78.7 in'],
            'weights' => ['one piece is 6.3 kg, the hook carries 5.0 kg', 'one piece is 13.9 lb, the hook carries 11 lb'],
            'pressure and film' => ['At 6.0 bar about 50 µm.', 'At 87 psi about 1.97 mil.'],
            'air' => ['The nozzle takes 3.40 m³/min at 6.0 bar; the compressor gives 2.90 m³/min.', 'The nozzle takes 120 cfm at 87 psi; the compressor gives 102 cfm.'],
            'litres' => ['Put 2 l in 20 l', 'Put 0.53 gal in 5.28 gal'],
            'not a unit' => ['8.4 kg/min of media, 40 minutes, bar the door, 12 barrels', '8.4 kg/min of media, 40 minutes, bar the door, 12 barrels'],
        ];
    }

    #[DataProvider('sentences')]
    public function test_the_core_s_sentences_are_said_in_a_person_s_units(string $metric, string $us): void
    {
        self::assertSame($metric, (new Units(UnitSystem::Metric))->said($metric));
        self::assertSame($us, (new Units(UnitSystem::Us))->said($metric));
    }

    public function test_no_rule_is_left_half_in_one_system(): void
    {
        foreach (RuleBook::all() as $rule) {
            $said = (new Units(UnitSystem::Us))->said($rule->reason().' '.$rule->wayOut());
            self::assertDoesNotMatchRegularExpression('/\d (°C|mm|kg|bar|µm|m²)(?![\p{L}\/])/u', $said, $rule->key());
        }
    }
}
