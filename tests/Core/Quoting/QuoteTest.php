<?php

declare(strict_types=1);

namespace Tests\Core\Quoting;

use Aenum\Core\Files\QuoteFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Quoting\AskedFor;
use Aenum\Core\Quoting\LineKind;
use Aenum\Core\Quoting\PartQuote;
use Aenum\Core\Quoting\Policy;
use Aenum\Core\Quoting\PolicyOption;
use Aenum\Core\Quoting\Quote;
use Aenum\Core\Quoting\QuoteLine;
use Aenum\Core\Quoting\QuotePowder;
use Aenum\Core\Quoting\QuoteTerms;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class QuoteTest extends TestCase
{
    /**
     * @param  list<ArrivalCondition>  $onIt
     * @param  list<Feature>  $features
     * @param  list<float>|null  $box
     */
    private static function plan(
        int $count = 10,
        string $metal = 'carbon_steel',
        array $onIt = [ArrivalCondition::Rust],
        array $features = [],
        ?array $box = null,
        ?string $zone = null,
    ): PartRouting {
        $coats = [new CoatFacts(Role::Base, 180, 18, 75)];
        if ($zone !== null) {
            $coats[] = new CoatFacts(Role::Base, 180, 18, 75, zone: $zone, share: 0.2);
        }
        $facts = new JobFacts(new PartFacts(
            name: 'railing panel',
            metal: MetalCatalog::find($metal) ?? throw new \LogicException($metal),
            count: $count,
            massKg: 12.0,
            areaM2: 1.5,
            boxMm: $box,
            onIt: $onIt,
            features: $features,
        ), coats: $coats);

        return new PartRouting($facts, RoutePlanner::lay($facts));
    }

    /** @param  array<string, PolicyOption>  $policies */
    private static function terms(array $policies = [], int $reworked = 0, int $lots = 0): QuoteTerms
    {
        return QuoteTerms::of(
            60.0, 14.0, 1.0, 0.30, changeMin: 20.0, policies: $policies, reworked: $reworked, lots: $lots,
        );
    }

    private static function line(PartQuote $quote, LineKind $kind): ?QuoteLine
    {
        foreach ($quote->lines as $line) {
            if ($line->kind === $kind) {
                return $line;
            }
        }

        return null;
    }

    public function test_a_line_is_its_minutes_and_material_by_hand(): void
    {
        $plan = self::plan();
        $quote = PartQuote::of($plan, [QuotePowder::of(1.5)], self::terms(), 8.0);
        $coat = self::line($quote, LineKind::Coat);
        self::assertNotNull($coat);
        $minutes = array_sum(array_map(fn ($step): float => $step->minutes, $plan->all(StepKind::Coat)));
        // Half of a change of 20 min; 15 m2 at 75 um of 1.5, 70 % on the part: 1000*0.7/(1.5*75) m2 from a kg, and 45 g
        // that stay in the cup.
        self::assertEqualsWithDelta($minutes + 10.0, $coat->minutes, 1e-9);
        self::assertEqualsWithDelta($minutes + 10.0, $coat->hands, 1e-9, 'a minute is a unit of money here');
        self::assertEqualsWithDelta((15.0 / (700 / 112.5) + 0.045) * 14.0, $coat->material, 1e-9);
        self::assertSame(8.0, self::line($quote, LineKind::Blast)?->material);
        // The metal's own heat and what the oven loses beside it: 120 kg of steel to 180 °C, 30 % of all of it.
        $kwh = 120 * MetalCatalog::find('carbon_steel')?->heatCapacity->enthalpy(20.0, 180.0) / 3.6e6 / 0.3;
        self::assertEqualsWithDelta($kwh * 0.30, self::line($quote, LineKind::Oven)?->material, 1e-6);
        self::assertEqualsWithDelta(
            $quote->total(),
            array_sum(array_map(fn (QuoteLine $line): float => $line->hands + $line->material, $quote->lines)),
            1e-9,
        );
    }

    public function test_half_an_oven_bears_half_of_what_it_loses(): void
    {
        $of = fn (float $share): float => self::line(
            PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms(), 0.0, $share),
            LineKind::Oven,
        )->material ?? NAN;
        $metal = 0.3 * $of(1.0);
        self::assertEqualsWithDelta($metal + 0.5 * ($of(1.0) - $metal), $of(0.5), 1e-9);
    }

    public function test_a_special_colour_buys_whole_boxes_a_panel_and_a_reserve(): void
    {
        $quote = fn (int $count): PartQuote => PartQuote::of(
            self::plan($count), [QuotePowder::of(1.5, 20.0, true, 5.0)], self::terms(),
        );
        // 2.41 kg, a quarter of it and 45 g: 3.06 kg, a box of 5. Twenty pieces: 6.07 kg, two boxes.
        $ten = self::line($quote(10), LineKind::Special);
        self::assertSame([100.0, 35.0], [$ten?->material, $ten?->minutes]);
        self::assertSame(200.0, self::line($quote(20), LineKind::Special)?->material);
        self::assertSame(0.0, self::line($quote(10), LineKind::Coat)?->material, 'its powder is in the boxes');
        $stock = PartQuote::of(self::plan(), [QuotePowder::of(1.5, 20.0)], self::terms());
        self::assertNull(self::line($stock, LineKind::Special));
    }

    public function test_by_count_what_is_shared_is_shared(): void
    {
        $quote = Quote::of(
            4,
            fn (int $count): PartRouting => self::plan($count),
            [QuotePowder::of(1.5)],
            self::terms([Policy::Least->value => PolicyOption::off()]),
            fn (PartRouting $plan): float => 0.0,
            fn (int $count): float => 1.0,
        );
        self::assertSame([1, 4, 40], array_keys($quote->byCount));
        $each = array_map(fn (PartQuote $at): float => $at->each(), array_values($quote->byCount));
        self::assertGreaterThan($each[1], $each[0]);
        self::assertGreaterThan($each[2], $each[1]);
        self::assertGreaterThan(20.0, $quote->shared());
        self::assertLessThan($quote->byCount[1]->total(), $quote->shared());
    }

    public function test_policies_have_their_price_or_refuse(): void
    {
        $quote = fn (
            array $policies,
            array $onIt = [ArrivalCondition::Rust],
            array $features = [],
            ?AskedFor $asked = null,
            ?array $box = null,
        ): PartQuote => PartQuote::of(
            self::plan(10, 'carbon_steel', $onIt, $features, $box),
            [QuotePowder::of(1.5)],
            self::terms($policies),
            asked: $asked ?? new AskedFor(),
        );
        self::assertSame(
            ['Plated parts, a piece: the shop does not take it.'],
            $quote([], [ArrivalCondition::Plating])->refused,
        );
        self::assertSame(
            [],
            $quote([Policy::Plated->value => PolicyOption::at(9.0)], [ArrivalCondition::Plating])->refused,
        );
        $extra = fn (PartQuote $one): float => self::line($one, LineKind::Extra)?->material ?? 0.0;
        self::assertSame(
            90.0,
            $extra($quote([Policy::Plated->value => PolicyOption::at(9.0)], [ArrivalCondition::Plating])),
        );
        self::assertSame(150.0, $extra($quote([], features: [Feature::SealedBearings])));
        self::assertSame(0.0, $extra($quote([], asked: new AskedFor(6))));
        self::assertSame(15.0, $extra($quote([], asked: new AskedFor(7))));
        self::assertSame(0.0, $extra($quote([], box: [1999.0, 100.0, 20.0])));
        self::assertSame(400.0, $extra($quote([], box: [2000.0, 100.0, 20.0])));
        self::assertSame(20.0, $extra($quote([], [ArrivalCondition::Grease])));
        self::assertSame(60.0, $extra($quote([], asked: new AskedFor(colours: 3))));
        self::assertSame(0.0, $extra($quote([], asked: new AskedFor(damages: 2))));
        $repairs = [Policy::Repair->value => PolicyOption::at(8.0)];
        self::assertSame(160.0, $extra($quote($repairs, asked: new AskedFor(damages: 2))));
        $bareOnly = [Policy::BareOnly->value => PolicyOption::refuse()];
        self::assertCount(1, $quote($bareOnly, [ArrivalCondition::Paint])->refused);
        self::assertSame([], $quote($bareOnly, [ArrivalCondition::Rust])->refused);
        $least = $quote(
            [Policy::Least->value => PolicyOption::at(5000.0), Policy::Deposit->value => PolicyOption::at(0.3)],
        );
        self::assertEqualsWithDelta(5000.0, $least->total(), 1e-9);
        self::assertEqualsWithDelta(1500.0, $least->deposit, 1e-9);
        self::assertNull(self::line($quote([Policy::Least->value => PolicyOption::at(1.0)]), LineKind::Least));
        $never = PartQuote::of(
            self::plan(zone: 'rim'),
            array_fill(0, 2, QuotePowder::of(1.5)),
            self::terms([Policy::TwoTone->value => PolicyOption::refuse()]),
        );
        self::assertCount(1, $never->refused, 'and its coats are not had for nothing');
        self::assertGreaterThan(0.0, self::line($never, LineKind::Coat)?->hands);
        $tone = fn (?string $zone): float => self::line(PartQuote::of(
            self::plan(zone: $zone),
            array_fill(0, $zone === null ? 1 : 2, QuotePowder::of(1.5)),
            self::terms([Policy::TwoTone->value => PolicyOption::at(2.0)]),
        ), LineKind::Coat)->planned ?? NAN;
        self::assertGreaterThan(2 * $tone(null), $tone('rim'));
    }

    public function test_what_was_measured_moves_the_minutes_and_says_how_sure_it_is(): void
    {
        $logs = array_fill(0, 12, [10.0, 20.0]);
        $all = array_fill_keys(array_column(LineKind::cases(), 'value'), ShopFactor::from($logs));
        $plain = PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms());
        $taught = PartQuote::of(
            self::plan(),
            [QuotePowder::of(1.5)],
            QuoteTerms::of(60.0, 14.0, 1.0, 0.30, changeMin: 20.0, learned: $all),
        );
        // Twelve that agree: variance 0.18 / 14, k = that / 0.0625.
        $factor = 2 ** (12 / (12 + 0.18 / 14 / 0.0625));
        self::assertEqualsWithDelta($factor, $taught->minutes() / $plain->minutes(), 1e-9);
        self::assertSame([false, true], [$plain->isMeasured, $taught->isMeasured]);
        self::assertGreaterThan($plain->lowMinutes, $plain->minutes());
        self::assertLessThan($plain->highMinutes, $plain->minutes());
        $planned = fn (PartQuote $one): array => array_map(fn (QuoteLine $line): float => $line->planned, $one->lines);
        self::assertSame($planned($plain), $planned($taught), 'what it learns from stays the book\'s');
    }

    public function test_the_reserve_for_rework_is_the_shop_s_own_record(): void
    {
        // Half a lot of ten before anything is known; 9 of 90 and that.
        self::assertEqualsWithDelta(0.05, self::terms()->reworkShare(), 1e-12);
        self::assertEqualsWithDelta(9.5 / 100, self::terms([], 9, 90)->reworkShare(), 1e-12);
        $risk = fn (int $of): float => self::line(
            PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms([], $of, 90)),
            LineKind::Risk,
        )->material ?? NAN;
        self::assertEqualsWithDelta(9.5 / 0.5, $risk(9) / $risk(0), 1e-9);
        $this->expectException(InvalidInput::class);
        self::terms([], 2, 1);
    }

    public function test_the_file_is_answered_and_refused_by_name(): void
    {
        $file = [
            'format' => 'aenum-quote/1',
            'part' => ['name' => 'bracket', 'metal' => 'carbon_steel', 'count' => 5, 'mass_kg' => 2, 'area_m2' => 0.3],
            'coats' => [['role' => 'base', 'bake_c' => 180, 'bake_min' => 15, 'film_um' => 75]],
            'powders' => [['sg' => 1.5, 'price_kg' => 12]],
            'prices' => ['hour' => 60, 'powder_kg' => 14, 'media_kg' => 1, 'kwh' => 0.3],
            'policies' => ['least' => 500, 'deposit' => 'off'],
            'rework' => ['reworked' => 1, 'lots' => 20],
        ];
        $answer = QuoteFile::parse((string) json_encode($file))->answer();
        self::assertSame('aenum-quote-price/1', $answer['format']);
        self::assertSame([1, 5, 50], array_column((array) $answer['counts'], 'count'));
        self::assertSame(500.0, ((array) $answer['counts'])[0]['total']);
        foreach ([
            'powders has 0 entries' => ['powders' => []],
            'room_share is 0' => ['room_share' => 0],
            'policies.tea is not a known key' => ['policies' => ['tea' => 1]],
            'policies.least is -1' => ['policies' => ['least' => -1]],
            'policies.plated is "maybe"' => ['policies' => ['plated' => 'maybe']],
            'prices.hour is -1' => ['prices' => ['hour' => -1] + $file['prices']],
        ] as $says => $change) {
            try {
                QuoteFile::parse((string) json_encode($change + $file))->answer();
                self::fail($says);
            } catch (InvalidInput $e) {
                self::assertStringContainsString($says, $e->getMessage());
            }
        }
    }
}
