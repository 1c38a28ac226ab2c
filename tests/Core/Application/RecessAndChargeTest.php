<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\Charge;
use Aenum\Core\Application\Recess;
use Aenum\Core\Application\Stripes;
use Aenum\Core\Cli\Arguments;
use Aenum\Core\Cli\CalcCommand;
use Aenum\Core\Units\InvalidInput;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What a recess gets, what a layer's charge does, what strokes leave between them. */
final class RecessAndChargeTest extends TestCase
{
    use TestTrait;

    public function test_by_hand(): void
    {
        self::assertEqualsWithDelta(80 / 105, Recess::electricShare(80), 1e-12);
        self::assertEqualsWithDelta(0.177, Recess::slot(80 / 105, 50, 50), 5e-4);
        self::assertEqualsWithDelta(0.260, Recess::slot(40 / 65, 50, 50), 5e-4);
        self::assertEqualsWithDelta(0.5 * exp(-4.80965) + 0.5 * exp(-1), Recess::bore(0.5, 40, 40), 1e-12);
        self::assertEqualsWithDelta(0.571, Charge::of(70, 1.55)->index, 5e-4);
        self::assertEqualsWithDelta(0.75, Charge::of(70, 1.55, 80, 10)->index, 5e-4);
        self::assertEqualsWithDelta(0.0288, Stripes::of(240, 0.5)->ripple, 5e-5);
        self::assertEqualsWithDelta(0.446, Stripes::of(240, 0.25)->ripple, 5e-4);
        // Paschen's least for air with γ = 0.01: e·ln 101/15 Torr·cm, 305 V.
        self::assertEqualsWithDelta(305.3, Charge::of(0, 1.5)->breakdownV, 0.05);
        self::assertSame(0.0, Charge::of(0, 1.5)->index);
    }

    public function test_corners(): void
    {
        self::assertEqualsWithDelta(1.0, Recess::corner(0.7, 180, 0, 40), 1e-12, 'a flat is no corner');
        self::assertEqualsWithDelta(0.3, Recess::corner(0.7, 90, 0, 40), 1e-12, 'into an inside corner goes only air');
        self::assertEqualsWithDelta(0.7 * 3 + 0.3, Recess::corner(0.7, 300, 0, 40), 1e-12, 'an edge draws the most');
        self::assertEqualsWithDelta(1.0, Recess::corner(0.7, 90, 40, 40), 1e-12);
        self::assertEqualsWithDelta(1.0, Recess::corner(0.7, 90, 400, 40), 1e-12);
    }

    public function test_laws(): void
    {
        $kv = Generators::choose(0, 120);
        $this->limitTo(200)
            ->forAll($kv, Generators::choose(5, 300), Generators::choose(1, 200), Generators::choose(1, 30))
            ->then(function (int $kv, int $film, int $mm, int $tenths): void {
                $share = Recess::electricShare($kv, $tenths / 10);
                foreach ([Recess::slot(...), Recess::bore(...)] as $ratio) {
                    $at = $ratio($share, $mm, $film);
                    self::assertGreaterThan(0.0, $at);
                    self::assertLessThanOrEqual(1.0, $at, 'never more than its face');
                    self::assertLessThan($at, $ratio($share, $mm, $film + 5), 'less below its mouth');
                    self::assertLessThanOrEqual($ratio(Recess::electricShare($kv / 2, $tenths / 10), $mm, $film), $at);
                }
                $index = Charge::of($film, 1.5, $mm, $kv)->index;
                self::assertGreaterThan($index, Charge::of($film + 1, 1.5, $mm, $kv)->index);
                self::assertGreaterThan($index, Charge::of($film, 1.5, $mm + 1, $kv)->index);
                self::assertGreaterThan($index, Charge::of($film, 1.5, $mm, $kv + 1)->index);
                $waited = Charge::of($film, 1.5, $mm, $kv, waitS: (float) Charge::of($film, 1.5, $mm, $kv)->drainS);
                self::assertLessThanOrEqual(Charge::DRAINED + 1e-9, $waited->index);
            });
    }

    public function test_bad_earth_adds_a_voltage_that_does_not_drain(): void
    {
        $good = Charge::of(70, 1.55, microAmps: 20);
        $poor = Charge::of(70, 1.55, microAmps: 20, ohms: 5e6);
        self::assertEqualsWithDelta(100, $poor->earthV, 1e-9);
        self::assertEqualsWithDelta(($good->layerV + 100) / $good->breakdownV, $poor->index, 1e-12);
        self::assertEqualsWithDelta(0.5, Charge::of(
            70, 1.55, microAmps: 20, ohms: 5e6, waitS: (float) $poor->drainS,
        )->index, 1e-9);
        self::assertNull(Charge::of(70, 1.55, microAmps: 100, ohms: 1e7)->drainS, 'earth alone keeps it over');
    }

    /** @return array<string, array{string, array<string, mixed>, string}> */
    public static function refused(): array
    {
        $slot = ['width_mm' => 50, 'depth_mm' => 50];

        return [
            'no recess' => ['recess', ['kv' => 80], 'slot is missing'],
            'two of them' => ['recess', ['kv' => 80, 'slot' => $slot, 'bore' => []], 'bore is there beside slot'],
            'kv' => ['recess', ['kv' => -1, 'slot' => $slot], 'kv is -1'],
            'no air' => ['recess', ['kv' => 80, 'air' => 0, 'slot' => $slot], 'air is 0'],
            'a width of none' => ['recess', ['kv' => 80, 'slot' => ['width_mm' => 0] + $slot], 'slot.width_mm is 0'],
            'a full turn' => [
                'recess',
                ['kv' => 80, 'corner' => ['angle_deg' => 360, 'from_mm' => 1, 'reach_mm' => 9]],
                'corner.angle_deg is 360',
            ],
            'a typo' => ['charge', ['film_um' => 70, 'sg' => 1.5, 'uA' => 3], 'uA'],
            'no film' => ['charge', ['sg' => 1.5], 'film_um is missing'],
            'all overlap' => ['stripes', ['pattern_mm' => 240, 'overlap' => 1], 'overlap is 1'],
            'no pattern' => ['stripes', ['pattern_mm' => 0], 'pattern_mm is 0'],
        ];
    }

    /** @param  array<string, mixed>  $in */
    #[DataProvider('refused')]
    public function test_what_is_wrong_is_named(string $name, array $in, string $says): void
    {
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches('~^'.preg_quote($says).'~');
        $text = json_encode($in, JSON_THROW_ON_ERROR);
        (new CalcCommand())(Arguments::of(['calc', $name, '-']), fn (): string => $text);
    }
}
