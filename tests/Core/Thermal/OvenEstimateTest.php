<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Thermal\OvenEstimate;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** An oven 2 m wide, 2.5 m high and 3 m deep, by hand: 37 m² inside, 15 m³. */
final class OvenEstimateTest extends TestCase
{
    public function test_what_the_size_says_is_what_comes_out_by_hand(): void
    {
        $oven = OvenEstimate::from('electric', 2, 2.5, 3, 'normal', 30);
        self::assertEqualsWithDelta(56.25, $oven->airKjPerK, 1e-9, '3.75 kJ/K a m³');
        self::assertEqualsWithDelta(370.0, $oven->shellKjPerK, 1e-9, '10 kJ/K a m²');
        self::assertEqualsWithDelta(592.0, $oven->airToShellWPerK, 1e-9, '16 W/K a m²');
        self::assertEqualsWithDelta(51.8, $oven->shellLossWPerK, 1e-9, '1.4 W/K a m²');
        self::assertEqualsWithDelta(25.1153, $oven->ventWPerK, 1e-3, '0.746 × 1010 × 15 × 8 / 3600');
        self::assertEqualsWithDelta(2750.0, $oven->doorWPerK, 1e-9, '550 W/K a m² of doorway');
        self::assertSame([5.0, 16.0, 230.0], [$oven->bandK, $oven->convectionWPerM2K, $oven->maxC]);
        self::assertEqualsWithDelta(30, (float) OvenEstimate::minutesTo200($oven), 0.05);

        $gas = OvenEstimate::from('gas_direct', 2, 2.5, 3, 'strong', 30);
        self::assertEqualsWithDelta(62.788, $gas->ventWPerK, 1e-3, 'twenty changes an hour');
        self::assertEqualsWithDelta(925.0, $gas->airToShellWPerK, 1e-9);
        self::assertGreaterThan($oven->heaterKw, $gas->heaterKw);
    }

    public function test_a_plate_that_is_known_is_kept_and_the_shell_takes_the_rest(): void
    {
        $found = OvenEstimate::from('electric', 2, 2.5, 3, 'normal', 30);
        $told = OvenEstimate::from('electric', 2, 2.5, 3, 'normal', 30, $found->heaterKw + 10, 260);
        self::assertSame([$found->heaterKw + 10, 260.0], [$told->heaterKw, $told->maxC]);
        self::assertGreaterThan($found->shellKjPerK, $told->shellKjPerK);
        self::assertEqualsWithDelta(30, (float) OvenEstimate::minutesTo200($told), 0.1);
    }

    public function test_what_may_be_answered(): void
    {
        $bounds = [
            'width_m' => [0.2, 20.0],
            'height_m' => [0.2, 20.0],
            'depth_m' => [0.2, 50.0],
            'minutes_to_200' => [2.0, 600.0],
        ];
        foreach ($bounds as $field => [$least, $most]) {
            foreach ([$least - 0.01, $most + 0.01] as $out) {
                self::assertStringStartsWith($field, self::refused([$field => $out]));
            }
            foreach ([$least, $most] as $in) {
                self::assertStringStartsNotWith($field.' is', self::refused([$field => $in]).' ');
            }
        }
        self::assertStringStartsWith('heat', self::refused(['heat' => 'coal']));
        self::assertStringStartsWith('fan', self::refused(['fan' => 'gale']));
    }

    /** @param  array<string, mixed>  $with */
    private static function refused(array $with): string
    {
        $said = $with + [
            'heat' => 'electric', 'width_m' => 2.0, 'height_m' => 2.5, 'depth_m' => 3.0, 'fan' => 'normal',
            'minutes_to_200' => 30.0,
        ];
        try {
            OvenEstimate::from(
                $said['heat'],
                $said['width_m'],
                $said['height_m'],
                $said['depth_m'],
                $said['fan'],
                $said['minutes_to_200'],
            );
        } catch (InvalidInput $refused) {
            return $refused->getMessage();
        }

        return '';
    }
}
