<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\Feed;
use Aenum\Core\Application\PowderNeed;
use PHPUnit\Framework\TestCase;
use Tests\Core\Advice\AdviceJob;

/** What a coat takes out of the box, worked out by hand. */
final class PowderNeedTest extends TestCase
{
    public function test_what_is_sprayed_what_stays_behind_and_the_reserve(): void
    {
        // 10 m2 of 70 um at 1.5 g/cm3 is 1.05 kg on the part; at 70 % 1.5 kg leave the gun.
        self::assertEqualsWithDelta(1.5 + 0.045, PowderNeed::kg(10.0, 1.5, 70.0, 0.7, Feed::Cup), 1e-9);
        self::assertEqualsWithDelta(1.5 + 0.35, PowderNeed::kg(10.0, 1.5, 70.0, 0.7, Feed::Hopper), 1e-9);
        self::assertEqualsWithDelta(1.5 + 0.25, PowderNeed::kg(10.0, 1.5, 70.0, 0.7, Feed::ShakerBox), 1e-9);
        // The reserve is a share of what is sprayed, not of what stays in the cup.
        self::assertEqualsWithDelta(1.65 + 0.045, PowderNeed::kg(10.0, 1.5, 70.0, 0.7, Feed::Cup, 0.1), 1e-9);
        // A gun nobody recorded is taken for a cup gun.
        self::assertEqualsWithDelta(1.545, PowderNeed::kg(10.0, 1.5, 70.0, 0.7, null), 1e-9);
        self::assertEqualsWithDelta(0.0075 + 0.045, PowderNeed::kg(0.05, 1.5, 70.0, 0.7, null), 1e-9, 'a small hinge');
        self::assertSame(0.0, PowderNeed::kg(0.0, 1.5, 70.0, 0.7, Feed::Hopper), 'nothing coated, nothing bought');
    }

    public function test_open_work_needs_nearly_twice_what_a_panel_needs_and_a_casting_lies_between(): void
    {
        $kg = fn (array $part): float => AdviceJob::of($part + ['count' => 10], [
            'coats' => [['role' => 'base', 'bake_c' => 190, 'film_um' => 70]],
        ])->facts->powderKg(0, 1.5) - 0.045;
        $panel = $kg(['metal' => 'carbon_steel']);
        self::assertEqualsWithDelta(1.05 / 0.7, $panel, 1e-9);
        self::assertEqualsWithDelta(1.05 / 0.5, $kg(['metal' => 'cast_iron', 'made' => 'cast']), 1e-9);
        // Skin against twice the largest faces of its box: just open, and just closed.
        self::assertEqualsWithDelta(1.05 / 0.375, $kg(['metal' => 'carbon_steel', 'box_mm' => [1000, 834, 40]]), 1e-9);
        self::assertEqualsWithDelta($panel, $kg(['metal' => 'carbon_steel', 'box_mm' => [1000, 833, 40]]), 1e-9);
    }

    public function test_the_sheet_s_own_transfer_and_what_was_learned(): void
    {
        $facts = AdviceJob::of(['metal' => 'cast_iron', 'made' => 'cast', 'count' => 10], [
            'coats' => [['role' => 'base', 'bake_c' => 190, 'film_um' => 70]],
        ])->facts;
        // 84 % on a panel is 60 % on a casting; a shop that gets 0.9 of the book gets 54 %.
        self::assertEqualsWithDelta(1.05 / 0.6, $facts->powderKg(0, 1.5, 0.84) - 0.045, 1e-9);
        self::assertEqualsWithDelta(1.05 / 0.54, $facts->powderKg(0, 1.5, 0.84, 0.9) - 0.045, 1e-9);
    }
}
