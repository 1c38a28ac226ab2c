<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Advice\StripOption;
use Aenum\Core\Advice\StripStep;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The ways to get a part bare, each by hand: what it takes, how long hands and clocks run, what is left. */
final class StripOptionsTest extends TestCase
{
    /** @param  list<string>  $on */
    private static function facts(array $on, string $metal = 'carbon_steel', float $areaM2 = 1.0): JobFacts
    {
        return AdviceJob::of(['metal' => $metal, 'on_it' => $on, 'area_m2' => $areaM2])->facts;
    }

    /** @return array<string, StripOption> by key; the blast takes ten minutes, ten more for each thing off */
    private static function ways(JobFacts $facts): array
    {
        $blast = fn (array $left): array => [10.0 + 10.0 * count($left), 0.5 * count($left)];

        return array_column(
            array_map(fn (StripOption $way): array => [$way->key, $way], StripOption::all($facts, $blast)),
            1,
            0,
        );
    }

    /** @return array<string, array{list<string>, string, list<string>}> what is on it, metal, ways in order */
    public static function offered(): array
    {
        return [
            'rust' => [['rust'], 'carbon_steel', ['converter', 'blast']],
            'grease' => [['grease'], 'carbon_steel', ['degrease', 'blast']],
            'nothing' => [[], 'aluminium', ['degrease', 'blast']],
            'said to be bare' => [['bare'], 'aluminium', ['degrease', 'blast']],
            'paint, rust and grease' => [['paint', 'rust', 'grease'], 'carbon_steel', [
                'burn_off', 'caustic', 'benzyl_soak', 'blast', 'converter', 'quick_gel', 'benzyl', 'acid_stripper',
                'dcm_gel',
            ]],
            'powder on light metal' => [['old_powder'], 'aluminium', [
                'benzyl_soak', 'blast', 'benzyl', 'dcm_gel', 'burn_off', 'caustic', 'acid_stripper',
            ]],
            'powder, which the quick gel does not take' => [['paint', 'old_powder'], 'carbon_steel', [
                'burn_off', 'benzyl_soak', 'caustic', 'benzyl', 'blast', 'acid_stripper', 'dcm_gel',
            ]],
            'plastic, which none takes' => [['plastic_coating'], 'carbon_steel', ['blast']],
        ];
    }

    /**
     * @param  list<string>  $on
     * @param  list<string>  $ways
     */
    #[DataProvider('offered')]
    public function test_each_way_that_takes_all_of_it_is_offered_the_least_work_first(
        array $on,
        string $metal,
        array $ways,
    ): void {
        $all = self::ways(self::facts($on, $metal));
        self::assertSame($ways, array_keys($all));
        $order = array_map(fn (StripOption $way): array => [
            $way->allowed() ? 0 : 1, $way->isRegulated() ? 1 : 0, $way->allHands(),
        ], array_values($all));
        $sorted = $order;
        sort($sorted);
        self::assertSame($sorted, $order, 'the regulated after the others, the forbidden last');
    }

    public function test_the_bath_for_clear_is_open_on_alloy_once_a_product_is_named_and_closed_on_zinc(): void
    {
        $bath = fn (array $part): StripOption => self::ways(
            AdviceJob::of($part + ['on_it' => ['factory_clear']])->facts,
        )[
            'clear_bath'
        ];
        self::assertFalse($bath(['metal' => 'cast_aluminium'])->allowed(), 'no product named');
        self::assertTrue($bath(['metal' => 'cast_aluminium', 'acid_product' => 'a bath for alloy'])->allowed());
        self::assertFalse($bath(['metal' => 'galvanised_steel', 'acid_product' => 'a bath for alloy'])->allowed());
        self::assertTrue($bath(['metal' => 'carbon_steel'])->allowed());
    }

    public function test_a_way_s_minutes_litres_and_what_it_leaves_by_hand(): void
    {
        $ways = self::ways(self::facts(['paint', 'rust', 'grease'], areaM2: 2.0));
        // Degreaser 2 + 3 a m2 and a rinse of 3 + 1 a m2; two coats of 2 + 5 a m2 and a rinse.
        $benzyl = $ways['benzyl'];
        self::assertSame(['degreaser', 'benzyl'], array_column($benzyl->agents, 'key'));
        self::assertSame(8.0 + 5.0 + 2 * 12.0 + 5.0, $benzyl->handMinutes);
        self::assertSame(10.0 + 30.0, $benzyl->waitMinutes);
        self::assertEqualsWithDelta(2 * (0.4 + 2 * 0.5), $benzyl->litres, 1e-9);
        self::assertSame(
            [[ArrivalCondition::Rust], 20.0, 0.5],
            [$benzyl->toBlast, $benzyl->blastMinutes, $benzyl->mediaKg],
        );
        self::assertSame($benzyl->handMinutes + 20.0, $benzyl->allHands());
        self::assertTrue($benzyl->blasts());
        // Hot alkali takes the grease with it: no degreaser goes before it.
        self::assertSame(['caustic'], array_column($ways['caustic']->agents, 'key'));
        self::assertSame(
            [ArrivalCondition::Paint, ArrivalCondition::Rust],
            $ways['blast']->toBlast,
            'grease is never left to the blast',
        );
        $converter = $ways['converter'];
        self::assertSame(['degreaser', 'benzyl', 'converter'], array_column($converter->agents, 'key'));
        self::assertFalse($converter->blasts());
        self::assertSame([[], 0.0, 0.0], [$converter->toBlast, $converter->blastMinutes, $converter->mediaKg]);
        self::assertSame('Stripper, then rust converter, no blast', $converter->name);
        self::assertSame('Rust converter, no blast', self::ways(self::facts(['rust']))['converter']->name);
    }

    public function test_names_say_what_there_is_to_do(): void
    {
        self::assertSame('Nothing to take off', self::ways(self::facts([]))['degrease']->name);
        self::assertSame('Degrease only', self::ways(self::facts(['grease']))['degrease']->name);
        self::assertSame('Straight to the blast', self::ways(self::facts(['rust']))['blast']->name);
        self::assertStringEndsWith(', then a light blast', self::ways(self::facts(['paint']))['benzyl']->name);
    }

    public function test_what_must_not_be_is_said_and_what_wants_a_name_is_no_stop(): void
    {
        $ways = self::ways(self::facts(['old_powder'], 'aluminium'));
        foreach (['burn_off', 'caustic', 'acid_stripper'] as $key) {
            self::assertFalse($ways[$key]->allowed(), $key);
            self::assertNotSame([], $ways[$key]->against());
        }
        self::assertSame([], $ways['benzyl']->against());
        foreach ($ways as $way) {
            $is = fn (Finding $one): bool => $one->rule->severity === Severity::Sign;
            self::assertSame(array_values(array_filter($way->findings, $is)), $way->toSign());
        }
    }

    public function test_the_way_is_as_somebody_chose_else_as_the_route_has_it_and_never_a_forbidden_one(): void
    {
        $part = ['metal' => 'aluminium', 'on_it' => ['old_powder']];
        $route = fn (string ...$steps): \Aenum\Core\Routing\PartRouting => AdviceJob::of($part, [
            'steps' => array_map(fn (string $step): array => ['step' => $step], array_values($steps)),
        ]);
        $ways = array_values(self::ways($route('blast')->facts));
        $picked = fn (
            \Aenum\Core\Routing\PartRouting $plan,
            ?string $chosen,
        ): string => StripOption::pick($ways, $plan, $chosen)->key;
        self::assertSame('benzyl', $picked($route('strip_chemical', 'blast'), null));
        self::assertSame('blast', $picked($route('strip_chemical', 'blast'), 'blast'));
        self::assertSame('benzyl', $picked($route('strip_chemical', 'blast'), 'caustic'), 'which is forbidden');
        self::assertSame('benzyl', $picked($route('strip_chemical', 'blast'), 'prayer'));
        self::assertSame('blast', $picked($route('burn_off', 'blast'), null), 'its own way is forbidden');
        self::assertSame('blast', $picked($route('blast'), null), 'nothing is stripped, and degreasing is no way here');
        $converted = ['steps' => [['step' => 'rust_convert']]];
        $rusty = AdviceJob::of(['metal' => 'carbon_steel', 'on_it' => ['rust']], $converted);
        self::assertSame('converter', StripOption::pick(array_values(self::ways($rusty->facts)), $rusty, null)->key);
        $bad = array_values(array_filter($ways, fn (StripOption $way): bool => ! $way->allowed()));
        self::assertNotSame([], $bad);
        self::assertSame(
            $bad[0],
            StripOption::pick($bad, $route('blast'), null),
            'with none allowed the first is shown',
        );
    }

    public function test_an_agent_is_put_on_left_rinsed_and_waited_for(): void
    {
        $steps = StripStep::of(
            Agents::get('acid_stripper'),
            [ArrivalCondition::Paint, ArrivalCondition::OldPowder],
            2.0,
        );
        self::assertSame(
            [
                ['acid_stripper-1', 12.0, 90.0, 480.0],
                ['acid_stripper-2', 12.0, 90.0, 480.0],
                ['acid_stripper-rinse', 5.0, 0.0, null],
                ['acid_stripper-neutralise', 5.0, 0.0, null],
            ],
            array_map(fn (StripStep $one): array => [$one->key, $one->minutes, $one->dwell, $one->tooLong], $steps),
            'half of the longest dwell to a coat; the first that has had too long counts',
        );
        self::assertSame(['Acid stripper, coat 1', 'Acid stripper, coat 2'], [
            preg_replace('/^.*(, coat \d)$/', 'Acid stripper$1', $steps[0]->does),
            preg_replace('/^.*(, coat \d)$/', 'Acid stripper$1', $steps[1]->does),
        ]);
        self::assertStringContainsString('Takes the paint and old powder off', $steps[0]->why);
        self::assertStringContainsString('the second goes through', $steps[1]->why);
        $fire = StripStep::of(Agents::get('burn_off'), [ArrivalCondition::Paint], 1.0);
        self::assertSame(['burn_off-1', 'burn_off-wait'], array_column($fire, 'key'));
        self::assertSame([0.0, 60.0], [$fire[1]->minutes, $fire[1]->dwell]);
        self::assertStringNotContainsString('coat', $fire[0]->does);
        $none = StripStep::of(Agents::get('soda_rinse'), [], 1.0);
        self::assertSame(['soda_rinse-1', 'soda_rinse-rinse'], array_column($none, 'key'));
        self::assertNull($none[0]->tooLong, 'nothing says that it can stay too long');
    }

    public function test_the_last_coat_s_clock_closes_the_step_and_no_other_does(): void
    {
        self::assertNull(StripStep::closes('benzyl-1'));
        self::assertSame(StepKind::StripChemical, StripStep::closes('benzyl-2'));
        self::assertNull(StripStep::closes('benzyl-3'));
        self::assertNull(StripStep::closes('benzyl-rinse'));
        self::assertNull(StripStep::closes('benzyl'));
        self::assertSame(StepKind::Degrease, StripStep::closes('degreaser-1'));
        self::assertSame(StepKind::BurnOff, StripStep::closes('burn_off-1'));
        self::assertNull(StripStep::closes('prayer-1'));
        foreach (Agents::all() as $agent) {
            self::assertInstanceOf(Agent::class, $agent);
            self::assertSame(Agents::stepFor($agent), StripStep::closes("{$agent->key}-{$agent->coats}"));
        }
    }
}
