<?php

declare(strict_types=1);

namespace Tests\Core\Inspection;

use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\FilmLayer;
use Aenum\Core\Inspection\LayerAfter;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Inspection\ReworkRoute;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\StepKind;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** The steps a way of mending lays, their minutes by hand, and what another bake leaves of a layer. */
final class ReworkRouteTest extends TestCase
{
    private static function facts(): JobFacts
    {
        return new JobFacts(new PartFacts(
            name: 'sundial plate', metal: MetalCatalog::get('carbon_steel'), count: 4, massKg: 2.0, areaM2: 0.5,
        ));
    }

    private static function coat(float $share = 1.0): CoatFacts
    {
        return new CoatFacts(Role::Base, 190, 12, 75, share: $share);
    }

    /** @return list<Step> */
    private static function lay(ReworkMethod $way, CoatFacts ...$stack): array
    {
        return ReworkRoute::lay($way, DefectKind::cases()[0], self::facts(), array_values($stack), 3);
    }

    public function test_a_coat_is_sanded_wiped_sprayed_baked_and_cooled_by_its_own_area(): void
    {
        $steps = self::lay(ReworkMethod::Recoat, self::coat(), self::coat(0.5));
        self::assertSame(
            [StepKind::Abrade, StepKind::SolventWipe, StepKind::Coat, StepKind::Bake, StepKind::Cool],
            array_map(fn (Step $step): StepKind => $step->kind, $steps),
        );
        // Half of four times half a square metre: 1 m2 of the top coat.
        self::assertSame([8.0, 4.0], [$steps[0]->minutes, $steps[1]->minutes]);
        self::assertSame(RouteTimes::FLASH_OFF, $steps[1]->waitMinutes);
        $spray = RouteTimes::COAT_SET_UP + 60 / RouteTimes::COAT_M2_PER_H;
        self::assertEqualsWithDelta($spray, $steps[2]->minutes, 1e-9);
        self::assertSame([0.0, 0.0], [$steps[0]->waitMinutes, $steps[2]->waitMinutes]);
        self::assertSame([190.0, 12.0], [$steps[3]->celsius, $steps[3]->holdMinutes]);
        self::assertSame(3.0, $steps[3]->minutes);
        self::assertSame(RouteTimes::HEAT_UP + 12.0, $steps[3]->waitMinutes, 'with no oven known, a usual heat-up');
        self::assertGreaterThan(0.0, $steps[4]->waitMinutes);
        self::assertSame([4, null, 4, 4, null], array_column($steps, 'coat'), 'numbered behind the three there were');
    }

    public function test_back_to_the_oven_is_the_bake_it_was(): void
    {
        $bake = ReworkRoute::bakeAgain(self::facts(), self::coat());
        self::assertSame(
            [StepKind::Bake, 3.0, RouteTimes::HEAT_UP + 12.0, 190.0, 12.0],
            [$bake->kind, $bake->minutes, $bake->waitMinutes, $bake->celsius, $bake->holdMinutes],
        );
        self::assertSame([], self::lay(ReworkMethod::Accept, self::coat()));
        self::assertSame([], self::lay(ReworkMethod::Rebake, self::coat()), 'its bake is open already');
    }

    public function test_stripped_all_coats_go_on_again_behind_those_there_were(): void
    {
        $steps = self::lay(ReworkMethod::Strip, self::coat(), self::coat());
        $coats = array_filter($steps, fn (Step $step): bool => $step->kind === StepKind::Coat);
        self::assertSame([4, 5], array_values(array_map(fn (Step $step): ?int => $step->coat, $coats)));
        $kinds = array_map(fn (Step $step): StepKind => $step->kind, $steps);
        self::assertNotContains(StepKind::Inspect, $kinds, 'looked at as the lot is anyway');
        self::assertNotContains(StepKind::Release, $kinds);
        self::assertTrue($steps[0]->kind->strips() || $steps[0]->kind->blasts());
    }

    public function test_a_layer_s_middle_and_when_it_is_spoilt(): void
    {
        self::assertSame(75.0, (new FilmLayer('base', Loads::sheet(), 1.0, null, 60.0, 90.0))->middleUm());
        $spoilt = fn (?float $after): bool => (new LayerAfter('base', 0.4, $after))->isSpoilt();
        self::assertSame([false, false, false, true], [$spoilt(null), $spoilt(0.99), $spoilt(1.0), $spoilt(1.01)]);
    }
}
