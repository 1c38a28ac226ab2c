<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Blasting;

use Aenum\Core\Preparation\Blasting\BareSteel;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\TestCase;

final class BareSteelTest extends TestCase
{
    use TestTrait;

    public function test_in_steady_air_it_is_the_table(): void
    {
        $dry = BareSteel::in([[0.0, 35.0]], 3600.0, false);
        self::assertEqualsWithDelta(8 * 3600, $dry->endsAfterS, 1e-6);
        self::assertEqualsWithDelta(1 / 8, $dry->used, 1e-12);
        self::assertEqualsWithDelta(4 * 3600, BareSteel::in([[-500.0, 35.0]], 0.0, true)->endsAfterS, 1e-6);
        $wet = BareSteel::in([[0.0, 90.0]], 60.0, false);
        self::assertSame([true, 0.0], [$wet->none, $wet->endsAfterS]);
    }

    public function test_damper_air_shortens_what_is_left(): void
    {
        // Two of four hours gone, then 65 %: half is left of two hours.
        $turned = BareSteel::in([[0.0, 55.0], [7200.0, 65.0]], 7200.0, false);
        self::assertEqualsWithDelta(0.5, $turned->used, 1e-12);
        self::assertEqualsWithDelta(10800.0, $turned->endsAfterS, 1e-6);
        // Drier air gives time back only for what is left.
        self::assertEqualsWithDelta(
            7200 + 0.5 * 8 * 3600,
            BareSteel::in([[0.0, 55.0], [7200.0, 30.0]], 7200.0, false)->endsAfterS,
            1e-6,
        );
        // Fog ends it at once.
        $fog = BareSteel::in([[0.0, 55.0], [3600.0, 95.0]], 4000.0, false);
        self::assertSame(3600.0, $fog->endsAfterS);
        self::assertGreaterThanOrEqual(1.0, $fog->used);
    }

    public function test_it_never_runs_backwards_and_a_damper_day_is_never_longer(): void
    {
        $air = Generators::vector(4, Generators::choose(20, 84));
        $this->forAll($air, Generators::choose(0, 20000), Generators::choose(0, 15))->then(function (
            array $humidity,
            int $now,
            int $more,
        ): void {
            $in = fn (int $extra): array => array_map(
                fn (int $n, int $h): array => [1800.0 * $n, (float) min(100, $h + $extra)],
                array_keys($humidity),
                $humidity,
            );
            $day = BareSteel::in($in(0), $now, false);
            self::assertLessThanOrEqual(
                $day->endsAfterS + 1e-6,
                BareSteel::in($in($more), $now, false)->endsAfterS,
            );
            self::assertGreaterThanOrEqual($day->used - 1e-9, BareSteel::in($in(0), $now + 600, false)->used);
            self::assertSame($day->used >= 1 - 1e-9, $now >= $day->endsAfterS - 1e-6);
        });
    }
}
