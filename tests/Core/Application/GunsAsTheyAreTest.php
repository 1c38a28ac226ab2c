<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\AirUnit;
use Aenum\Core\Application\CoatPlan;
use Aenum\Core\Application\CoatTask;
use Aenum\Core\Application\DrainTime;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun;
use Aenum\Core\Application\GunAdvice;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\GunSetting;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PinnedRecess;
use Aenum\Core\Application\Transfer;
use Aenum\Core\Application\Zone;
use Aenum\Core\Application\ZoneKind;
use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Trade\VoltagePolicy;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** Advice within what a gun can set: two steps of 15 and 25 kV, no current limit, positive charge, its own scale. */
final class GunsAsTheyAreTest extends TestCase
{
    private static function cupGun(mixed ...$with): Gun
    {
        return Gun::of(...$with + [
            'name' => 'cup gun', 'kind' => GunKind::TwoStep, 'feed' => Feed::Cup, 'mostKv' => 25.0, 'lowKv' => 15.0,
        ]);
    }

    private static function index(Gun $gun, mixed ...$with): float
    {
        return CoatPlan::of(CoatTask::of(...$with + [
            'zones' => Zone::all(2.0, 2, [PinnedRecess::of(1, 40, 30, 1)]),
            'pieces' => 2,
            'gun' => $gun,
            'transfer' => Transfer::of(Openness::Panel, false, false, Ground::Good),
            'specificGravity' => 1.5,
            'lowUm' => 60.0,
            'highUm' => 90.0,
        ]))->charge->index;
    }

    private static function advised(Gun $gun, ZoneKind $zone, bool $recoat = false): GunSetting
    {
        return GunAdvice::for($gun, $zone, $recoat, false, VoltagePolicy::LowAsItTakes)->setting;
    }

    public function test_a_gun_of_two_low_steps_has_its_low_one_for_recesses_and_second_coats(): void
    {
        $gun = self::cupGun();
        self::assertSame(15.0, self::advised($gun, ZoneKind::Recess)->kv);
        self::assertSame(25.0, self::advised($gun, ZoneKind::Face)->kv);
        self::assertSame(15.0, self::advised($gun, ZoneKind::Face, true)->kv);
    }

    public function test_without_a_current_limit_the_current_follows_the_voltage(): void
    {
        $plain = self::cupGun(kind: GunKind::VoltageOnly, mostKv: 80.0, lowKv: null);
        self::assertEqualsWithDelta(60.0, $plain->microAmps(20.0, 80.0), 1e-9);
        self::assertEqualsWithDelta(15.0, $plain->microAmps(20.0, 40.0), 1e-9);
        self::assertEqualsWithDelta(36.0, self::cupGun(isPositive: true)->microAmps(20.0, 80.0), 1e-9);
        $full = self::cupGun(kind: GunKind::Full, mostUa: 30.0);
        self::assertSame([20.0, 30.0], [$full->microAmps(20.0, 80.0), $full->microAmps(50.0, 80.0)]);
        $turned = self::index($plain, turned: ['face' => ['kv' => 80.0]]);
        self::assertGreaterThan(self::index($plain, turned: ['face' => ['kv' => 50.0]]), $turned);
    }

    public function test_an_ordinary_first_coat_does_not_cry_wolf(): void
    {
        foreach ([
            'two steps of 15 and 25 kV' => self::cupGun(),
            'positive' => self::cupGun(isPositive: true),
            'no current limit' => self::cupGun(kind: GunKind::VoltageOnly, mostKv: 90.0, lowKv: null),
            'nobody knows' => self::cupGun(kind: GunKind::Unknown, mostKv: 100.0, lowKv: null),
        ] as $name => $gun) {
            self::assertLessThan(0.9, self::index($gun), $name);
        }
        // And it still warns where there is something to warn of: a second coat, thick, without a current limit.
        $thick = self::index(
            self::cupGun(kind: GunKind::VoltageOnly, mostKv: 90.0, lowKv: null),
            recoat: true, underUm: 160.0, lowUm: 100.0, highUm: 140.0,
        );
        self::assertGreaterThan(1.0, $thick);
    }

    public function test_powder_air_is_told_in_the_gun_s_own_unit(): void
    {
        $bar = self::cupGun(airUnit: AirUnit::Bar, usualAir: 1.4);
        self::assertSame('0.98 bar', $bar->airWords(0.7));
        self::assertEqualsWithDelta(0.7, $bar->airRatio(0.98), 1e-12);
        self::assertSame('3.5 m³/h', self::cupGun(airUnit: AirUnit::M3PerH, usualAir: 5.0)->airWords(0.7));
        self::assertSame('28 %', self::cupGun(airUnit: AirUnit::Percent, usualAir: 40.0)->airWords(0.7));
        self::assertSame('14 psi', self::cupGun(airUnit: AirUnit::Psi, usualAir: 20.0)->airWords(0.7));
        $unsaid = self::cupGun(airUnit: AirUnit::Bar);
        self::assertSame(['× 0.7', 0.7], [$unsaid->airWords(0.7), $unsaid->airRatio(0.7)]);
        $this->expectException(InvalidInput::class);
        self::cupGun(airUnit: AirUnit::Bar, usualAir: 0.0);
    }

    public function test_charge_drains_as_long_as_practice_says_up_to_an_hour(): void
    {
        [$good, $edge, $poor] = [1e4, 99_999.0, 1e5];
        self::assertSame(0.0, DrainTime::minutes(0, $good, 0.0));
        self::assertSame(2.0, DrainTime::minutes(0, $good, 120.0), 'the layer\'s own time');
        self::assertSame([10.0, 20.0, 30.0, 30.0], array_map(
            fn (int $under): float => DrainTime::minutes($under, $edge, 60.0),
            [1, 2, 3, 7],
        ));
        self::assertSame([20.0, 40.0, 60.0], array_map(
            fn (int $under): float => DrainTime::minutes($under, $poor, 60.0),
            [1, 2, 3],
        ));
        self::assertSame(20.0, DrainTime::minutes(1, null, 60.0), 'not measured counts as poor');
        self::assertSame(60.0, DrainTime::minutes(1, $good, null), 'never, at this ground');
        self::assertSame(60.0, DrainTime::minutes(1, $good, 7200.0));
    }
}
