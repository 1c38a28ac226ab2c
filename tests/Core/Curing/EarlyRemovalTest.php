<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\EarlyRemoval;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Curing\Outlook;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenSchedule;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** Taking some out while the rest bakes on serves loads that no single pull does. */
final class EarlyRemovalTest extends TestCase
{
    /** @param  list<int>  $groups */
    private static function find(array $load, array $groups, array $setpoints = [190, 200, 210]): ?EarlyRemoval
    {
        $aims = array_fill(0, count($load), CureTarget::fullCure(self::sheet()));

        return EarlyRemoval::find(
            Loads::oven(), $load, $aims, $groups, self::schedule(), BakeRules::of(), $setpoints,
        );
    }

    private static function sheet(): CureSheet
    {
        return Loads::sheet([[180, 18, 45], [200, 8, 20]]);
    }

    private static function schedule(): OvenSchedule
    {
        return OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
    }

    public function test_the_thin_one_leaves_when_it_is_done_and_all_are_cured_and_none_over(): void
    {
        $load = [
            Loads::item('column base', 34, 1.15, 1),
            Loads::item('thin skirt', 1.2, 0.8, 4, 'carbon_steel'),
        ];
        $aims = array_fill(0, 2, CureTarget::fullCure(self::sheet()));
        $planner = new BakePlanner(Loads::oven(), $load, $aims, self::schedule(), BakeRules::of());
        self::assertFalse($planner->plan()->feasible);
        $early = self::find($load, [0, 1]);
        self::assertNotNull($early);
        self::assertSame([1], array_keys($early->outMinutes));
        $minute = $early->outMinutes[1];
        self::assertLessThan($early->minutes, $minute);
        // Looked at again from outside: each by its own curve.
        $schedule = self::schedule()->at($early->setpointC)->withDoor(Door::opened($minute, EarlyRemoval::DOOR_S));
        $look = fn (float $pull): Outlook => Outlook::of(
            Loads::oven(), [$load[0], $load[1]->outAt($minute)], $aims, $schedule, BakeRules::of(), $pull,
        );
        $state = fn (Judgement $one): CureState => $one->state(BakeRules::of()->way);
        self::assertSame(CureState::Cured, $state($look($early->minutes)->items[0]->atPull));
        self::assertSame(CureState::Cured, $state($look($minute)->items[1]->atPull));
        self::assertLessThanOrEqual(0.85 + 1e-6, $look($minute)->items[1]->atPull->overbake);
        $stayed = Outlook::of(
            Loads::oven(), $load, $aims, self::schedule()->at($early->setpointC), BakeRules::of(), $early->minutes,
        );
        self::assertGreaterThan(0.85, $stayed->items[1]->atPull->overbake);
    }

    public function test_regions_of_one_casting_never_part(): void
    {
        $load = [
            Loads::item('foot of the column', 34, 1.15, 1),
            Loads::item('skirt of the column', 1.2, 0.8, 1, 'carbon_steel'),
        ];
        self::assertNull(self::find($load, [0, 0]));
    }

    public function test_where_one_pull_serves_nothing_is_offered(): void
    {
        $load = [Loads::item('arm', 6, 0.5, 2, 'carbon_steel'), Loads::item('panel', 5, 0.45, 2, 'carbon_steel')];
        self::assertNull(self::find($load, [0, 1], [190]));
    }
}
