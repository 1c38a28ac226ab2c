<?php

declare(strict_types=1);

namespace Tests\Core\Quoting;

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
use Aenum\Core\Trade\Role;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Each line of a quote by hand: its minutes, its money, and the words it rests on. */
final class QuoteLinesTest extends TestCase
{
    /** Ten lamp brackets of 12 kg and 1.5 m2, primed and coated or coated in two colours. */
    private static function plan(
        string $metal = 'carbon_steel',
        ?string $zone = null,
        float $share = 1.0,
        ?float $massKg = 12.0,
        int $count = 10,
        ?array $boxMm = null,
    ): PartRouting {
        $coats = [new CoatFacts(Role::Base, 180, 18, 75, share: $zone === null ? $share : 1.0)];
        if ($zone !== null) {
            $coats[] = new CoatFacts(Role::Base, 180, 18, 75, zone: $zone, share: $share);
        }
        $facts = new JobFacts(new PartFacts(
            name: 'lamp bracket',
            metal: MetalCatalog::find($metal) ?? throw new \LogicException($metal),
            count: $count,
            massKg: $massKg,
            areaM2: 1.5,
            boxMm: $boxMm,
            onIt: [ArrivalCondition::Rust],
        ), coats: $coats);

        return new PartRouting($facts, RoutePlanner::lay($facts));
    }

    /**
     * Prices of 90 an hour, 14 a kilogram of powder, 2 a kilogram of media and 0.30 a kilowatt-hour.
     *
     * @param  array<string, PolicyOption>  $policies
     * @param  array<string, ShopFactor>  $learned
     */
    private static function terms(array $policies = [], array $learned = []): QuoteTerms
    {
        return QuoteTerms::of(90.0, 14.0, 2.0, 0.30, changeMin: 20.0, learned: $learned, policies: $policies);
    }

    /** @param  array<string, PolicyOption>  $policies */
    private static function quote(?PartRouting $plan = null, array $policies = [], float $mediaKg = 0.0): PartQuote
    {
        $plan ??= self::plan();
        $powders = array_fill(0, count($plan->facts->coats), QuotePowder::of(1.5));

        return PartQuote::of($plan, $powders, self::terms($policies), $mediaKg);
    }

    private static function line(PartQuote $quote, LineKind $kind): QuoteLine
    {
        foreach ($quote->lines as $line) {
            if ($line->kind === $kind) {
                return $line;
            }
        }
        self::fail("no line {$kind->value}");
    }

    /** @return list<LineKind> */
    private static function kinds(PartQuote $quote): array
    {
        return array_map(fn (QuoteLine $line): LineKind => $line->kind, $quote->lines);
    }

    /** @return list<string> */
    private static function rests(QuoteLine $line): array
    {
        return array_map(fn (Message $rest): string => $rest->in(UnitSystem::Metric), $line->rests);
    }

    private static function steel(float $toC): float
    {
        return MetalCatalog::find('carbon_steel')?->heatCapacity->enthalpy(20.0, $toC) ?? NAN;
    }

    public function test_there_is_a_line_for_each_kind_of_work_in_the_route_and_no_other(): void
    {
        $always = [LineKind::Wash, LineKind::Mask, LineKind::Coat, LineKind::Oven, LineKind::Inspect, LineKind::Risk];
        self::assertSame([LineKind::Blast, ...$always], self::kinds(self::quote()));
        self::assertSame(
            [LineKind::Blast, LineKind::BakeOut, ...$always],
            self::kinds(self::quote(self::plan('cast_iron'))),
            'iron gasses',
        );
    }

    public function test_each_line_says_what_it_rests_on(): void
    {
        $quote = self::quote(mediaKg: 8.0);
        self::assertSame(
            ['2 h 5 min by the book for 10 pieces', '8 kg of media worn away'],
            self::rests(self::line($quote, LineKind::Blast)),
        );
        self::assertSame(['32 min by the book for 10 pieces'], self::rests(self::line($quote, LineKind::Wash)));
        self::assertSame(
            [
                '70 min by the book for 10 pieces',
                '10 min of colour changes, half of each',
                '2.46 kg of powder for coat 1',
            ],
            self::rests(self::line($quote, LineKind::Coat)),
        );
        $kwh = round(120 * self::steel(180.0) / 3.6e6 / 0.3, 1);
        self::assertSame(
            ['3 min by the book for 10 pieces', "{$kwh} kWh, 100 % of the oven taken"],
            self::rests(self::line($quote, LineKind::Oven)),
        );
        self::assertSame(
            [
                '5 % of masking, coating, oven and inspection',
                'nothing of its kind was handed over yet: the house figure',
            ],
            self::rests(self::line($quote, LineKind::Risk)),
        );
    }

    public function test_a_line_that_is_only_money_takes_no_minutes(): void
    {
        $quote = self::quote(policies: [
            Policy::Least->value => PolicyOption::at(9000.55),
            Policy::BareOnly->value => PolicyOption::off(),
            Policy::Grease->value => PolicyOption::at(20.0),
        ]);
        foreach ([LineKind::Risk, LineKind::Least] as $kind) {
            $line = self::line($quote, $kind);
            self::assertSame([0.0, 0.0, 0.0], [$line->minutes, $line->planned, $line->hands]);
            self::assertGreaterThan(0.0, $line->material);
        }
        self::assertSame(['the shop\'s least charge, 9000.55'], self::rests(self::line($quote, LineKind::Least)));
        $asked = PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms(), asked: new AskedFor(7));
        $extra = self::line($asked, LineKind::Extra);
        self::assertSame([0.0, 0.0, 0.0, 15.0], [$extra->minutes, $extra->planned, $extra->hands, $extra->material]);
        self::assertSame(['Each mask past 6, a piece: 10 at 1.5'], self::rests($extra));
    }

    public function test_an_hour_is_charged_as_the_shop_charges_it(): void
    {
        $line = self::line(self::quote(mediaKg: 8.0), LineKind::Blast);
        self::assertEqualsWithDelta($line->minutes * 1.5, $line->hands, 1e-9, '90 an hour is 1.5 a minute');
        self::assertSame(16.0, $line->material, '8 kg at 2');
        $without = self::line(PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms()), LineKind::Blast);
        self::assertSame(0.0, $without->material);
        self::assertCount(1, $without->rests);
        self::assertSame(1.0, self::line(self::quote(mediaKg: 0.5), LineKind::Blast)->material);
    }

    public function test_each_bake_stands_in_its_own_line_with_the_metal_s_heat_at_its_own_temperature(): void
    {
        $quote = self::quote(self::plan('cast_iron'));
        $iron = MetalCatalog::find('cast_iron')?->heatCapacity;
        foreach ([[LineKind::BakeOut, 190.0], [LineKind::Oven, 180.0]] as [$kind, $celsius]) {
            $kwh = 120 * $iron?->enthalpy(20.0, $celsius) / 3.6e6 / 0.3;
            self::assertEqualsWithDelta($kwh * 0.30, self::line($quote, $kind)->material, 1e-9, $kind->value);
        }
        self::assertSame(0.0, self::line($quote, LineKind::Wash)->material, 'nothing is baked there');
    }

    public function test_the_reserve_for_rework_is_its_share_of_what_would_be_done_again(): void
    {
        $terms = QuoteTerms::of(90.0, 14.0, 2.0, 0.30, changeMin: 20.0, reworked: 1, lots: 9, reworkOf: 'such lots');
        $quote = PartQuote::of(self::plan(), [QuotePowder::of(1.5)], $terms, 8.0);
        $again = [LineKind::Mask, LineKind::Coat, LineKind::Oven, LineKind::Inspect];
        $sum = array_sum(array_map(fn (LineKind $kind): float => self::line($quote, $kind)->money(), $again));
        $risk = self::line($quote, LineKind::Risk);
        self::assertEqualsWithDelta(1.5 / 19 * $sum, $risk->material, 1e-9);
        self::assertSame('7.9 % of masking, coating, oven and inspection', self::rests($risk)[0]);
        self::assertSame('1 of 9 such lots had been mended, and the house figure', self::rests($risk)[1]);
    }

    public function test_a_small_part_is_charged_its_little_heat(): void
    {
        $of = fn (float $share): QuoteLine => self::line(
            PartQuote::of(self::plan(massKg: 0.2), [QuotePowder::of(1.5)], self::terms(), 0.0, $share),
            LineKind::Oven,
        );
        $kwh = 2 * self::steel(180.0) / 3.6e6;
        self::assertLessThan(0.1, $kwh);
        self::assertEqualsWithDelta(0.3 * ($kwh + 0.2 * ($kwh / 0.3 - $kwh)), $of(0.2)->material, 1e-9);
        self::assertStringEndsWith(', 20 % of the oven taken', self::rests($of(0.2))[1]);
    }

    /** @return array<string, array{Policy, float}> what each adds to a part of which nothing but this is asked */
    public static function counted(): array
    {
        return [
            'paint on it' => [Policy::BareOnly, 9.5],
            'a special colour' => [Policy::StockOnly, 9.5],
            'grease' => [Policy::Grease, 9.5],
            'two more colours in its set' => [Policy::OneColour, 19.0],
            'a hurt on each of ten' => [Policy::Repair, 95.0],
            'a mask too many on each of ten' => [Policy::ManyMasks, 95.0],
            'longer than two metres, ten of them' => [Policy::GreatSize, 95.0],
        ];
    }

    #[DataProvider('counted')]
    public function test_a_policy_counts_as_often_as_it_says(Policy $policy, float $adds): void
    {
        $all = array_map(fn (Policy $one): string => $one->value, Policy::cases());
        $terms = self::terms([$policy->value => PolicyOption::at(9.5)] + array_fill_keys($all, PolicyOption::off()));
        $extras = fn (JobFacts $facts, bool $special, AskedFor $asked): float => array_sum(array_map(
            fn (QuoteLine $line): float => $line->kind === LineKind::Extra ? $line->money() : 0.0,
            PartQuote::of(
                new PartRouting($facts, RoutePlanner::lay($facts)), [QuotePowder::of(1.5, isSpecial: $special)], $terms,
                asked: $asked,
            )->lines,
        ));
        $plain = self::plan()->facts;
        self::assertSame(0.0, $extras($plain, false, new AskedFor()));
        $part = new PartFacts(
            name: 'long rail',
            metal: $plain->part->metal,
            count: 10,
            massKg: 12.0,
            areaM2: 1.5,
            boxMm: [2400.0, 60.0, 60.0],
            onIt: [ArrivalCondition::Paint, ArrivalCondition::Grease],
        );
        $facts = new JobFacts($part, coats: $plain->coats);
        self::assertSame($adds, $extras($facts, true, new AskedFor(7, 1, 3)));
    }

    public function test_an_oversize_charge_shows_what_it_rests_on(): void
    {
        $rests = fn (float $long): array => array_merge(...array_map(
            self::rests(...),
            array_filter(
                self::quote(self::plan(boxMm: [$long, 60.0, 60.0]), [
                    Policy::GreatSize->value => PolicyOption::at(40.0),
                ])->lines,
                fn (QuoteLine $line): bool => $line->kind === LineKind::Extra,
            ),
        ));
        self::assertContains('Longest side 2000 mm; oversize from 2000 mm.', $rests(2000.0));
        self::assertSame([], $rests(1999.0));
    }

    public function test_a_part_nobody_has_weighed_is_charged_no_heat_and_none_is_told(): void
    {
        $oven = self::line(self::quote(self::plan(massKg: null)), LineKind::Oven);
        self::assertSame(0.0, $oven->material);
        self::assertCount(1, $oven->rests);
    }

    public function test_a_zone_takes_powder_for_its_own_share(): void
    {
        // 15 m² at 75 µm of 1.5: a panel keeps 70 % of it, 60 % over another coat; 45 g stay in the cup.
        $kg = fn (float $m2, float $transfer): float => $m2 * 1.5 * 75 / 1000 / $transfer + 0.045;
        $whole = self::line(self::quote(), LineKind::Coat)->material;
        self::assertEqualsWithDelta(14.0 * $kg(15, 0.7), $whole, 1e-9);
        self::assertEqualsWithDelta(14.0 * $kg(3, 0.7), self::line(
            self::quote(self::plan(share: 0.2)), LineKind::Coat,
        )->material, 1e-9);
        $both = self::line(self::quote(self::plan(zone: 'rim', share: 0.2)), LineKind::Coat);
        self::assertEqualsWithDelta(14.0 * ($kg(15, 0.7) + $kg(3, 0.6)), $both->material, 1e-9);
        self::assertContains('0.61 kg of powder for coat 2', self::rests($both));
    }

    public function test_the_factor_of_two_colours_is_for_two_colours(): void
    {
        $at = fn (?PartRouting $plan, PolicyOption $way): float => self::line(
            self::quote($plan, [Policy::TwoTone->value => $way]),
            LineKind::Coat,
        )->minutes;
        self::assertSame($at(null, PolicyOption::off()), $at(null, PolicyOption::at(2.0)));
        $rim = self::plan(zone: 'rim', share: 0.2);
        self::assertEqualsWithDelta(2 * $at($rim, PolicyOption::off()), $at($rim, PolicyOption::at(2.0)), 1e-9);
        self::assertSame($at($rim, PolicyOption::off()), $at($rim, PolicyOption::refuse()));
        self::assertNotContains(LineKind::Extra, self::kinds(self::quote($rim, [
            Policy::TwoTone->value => PolicyOption::at(2.0),
        ])), 'a factor is no money of its own');
        self::assertContains('times 1.25 for two colours', self::rests(self::line(
            self::quote($rim, [Policy::TwoTone->value => PolicyOption::at(1.25)]),
            LineKind::Coat,
        )), 'as it is reckoned with, not rounded');
    }

    public function test_what_a_special_colour_costs_by_hand(): void
    {
        $special = fn (float $boxKg): QuoteLine => self::line(
            PartQuote::of(self::plan(), [QuotePowder::of(1.5, null, true, $boxKg)], self::terms()),
            LineKind::Special,
        );
        // 2.4107 kg sprayed, a quarter of that for a redo, 45 g in the cup: just a box of that, two of a gram less.
        $kg = 15 * 1.5 * 75 / 1000 / 0.7 * 1.25 + 0.045;
        self::assertEqualsWithDelta($kg * 14.0, $special($kg)->material, 1e-9);
        self::assertEqualsWithDelta(2 * ($kg - 0.001) * 14.0, $special($kg - 0.001)->material, 1e-9);
        self::assertSame(35.0 * 1.5, $special(5.0)->hands);
        self::assertSame(
            [
                '3.06 kg for coat 1, with what stays in the gun and 25 % for a redo', 'a whole box of 5 kg',
                '35 min for a test panel',
            ],
            self::rests($special(5.0)),
        );
        self::assertSame('2 whole boxes of 2 kg', self::rests($special(2.0))[1]);
    }

    public function test_the_least_charge_is_filled_up_to_and_not_met_twice(): void
    {
        $sum = self::quote(policies: [Policy::Least->value => PolicyOption::off()])->total();
        $at = fn (float $least): PartQuote => self::quote(policies: [Policy::Least->value => PolicyOption::at($least)]);
        self::assertNotContains(LineKind::Least, self::kinds($at($sum)), 'it is just that');
        self::assertEqualsWithDelta(1.0, self::line($at($sum + 1), LineKind::Least)->material, 1e-9);
        self::assertEqualsWithDelta($sum + 1, $at($sum + 1)->total(), 1e-9);
        self::assertSame(0.0, $at($sum)->deposit, 'none is asked for where the shop asks for none');
    }

    public function test_a_policy_at_nothing_is_no_line_and_one_that_refuses_charges_nothing(): void
    {
        $grease = fn (PolicyOption $way): PartQuote => PartQuote::of(
            self::plan(),
            [QuotePowder::of(1.5)],
            self::terms([Policy::ManyMasks->value => $way]),
            asked: new AskedFor(9),
        );
        self::assertNotContains(LineKind::Extra, self::kinds($grease(PolicyOption::at(0.0))));
        self::assertContains(LineKind::Extra, self::kinds($grease(PolicyOption::at(0.5))));
        self::assertNotContains(LineKind::Extra, self::kinds($grease(PolicyOption::refuse())));
        self::assertCount(1, $grease(PolicyOption::refuse())->refused);
        self::assertSame([], self::quote(policies: [Policy::ManyMasks->value => PolicyOption::refuse()])->refused);
    }

    public function test_the_band_is_the_spread_of_each_line_added_as_squares(): void
    {
        $quote = self::quote();
        $down = $up = 0.0;
        // With nothing logged: 0.3 within a shop, 0.25 from shop to shop.
        $spread = sqrt(0.3 ** 2 + 0.25 ** 2);
        foreach ($quote->lines as $line) {
            $down += ($line->minutes * (1 - exp(-$spread))) ** 2;
            $up += ($line->minutes * (exp($spread) - 1)) ** 2;
        }
        self::assertEqualsWithDelta($quote->minutes() - sqrt($down), $quote->lowMinutes, 1e-9);
        self::assertEqualsWithDelta($quote->minutes() + sqrt($up), $quote->highMinutes, 1e-9);
    }

    public function test_it_is_measured_where_more_than_half_of_its_minutes_are(): void
    {
        $known = ShopFactor::from(array_fill(0, 5, [10.0, 10.0]));
        $with = fn (LineKind ...$kinds): PartQuote => PartQuote::of(
            self::plan(),
            [QuotePowder::of(1.5)],
            self::terms(learned: array_fill_keys(array_column($kinds, 'value'), $known)),
        );
        // Blast 124.5, coat 80, wash 32, inspect 28, mask 13, oven 3: 280.5 min.
        self::assertFalse($with(LineKind::Blast)->isMeasured);
        self::assertFalse($with(LineKind::Blast, LineKind::Mask)->isMeasured);
        self::assertTrue($with(LineKind::Blast, LineKind::Inspect)->isMeasured);
        self::assertContains(
            'times 1 as this shop takes it: 5 jobs logged, close together.',
            self::rests(self::line($with(LineKind::Blast), LineKind::Blast)),
        );
        $third = ShopFactor::from([[3.0, 4.0]]);
        $line = self::line(
            PartQuote::of(self::plan(), [QuotePowder::of(1.5)], self::terms(learned: ['wash' => $third])),
            LineKind::Wash,
        );
        // One log counts 1 / 1.96.
        self::assertEqualsWithDelta(32.0 * (4 / 3) ** (1 / 1.96), $line->minutes, 1e-9);
        self::assertStringStartsWith('times 1.16 as this shop takes it', self::rests($line)[1]);
    }

    public function test_what_is_shared_is_the_line_through_one_and_ten_times_as_many(): void
    {
        $quote = Quote::of(
            4,
            fn (int $count): PartRouting => self::plan(count: $count),
            [QuotePowder::of(1.5)],
            self::terms(),
            fn (PartRouting $plan): float => 0.0,
            fn (int $count): float => 1.0,
        );
        [$one, $four, $forty] = array_map(fn (int $n): float => $quote->byCount[$n]->total(), [1, 4, 40]);
        self::assertEqualsWithDelta($one - ($forty - $one) / 39, $quote->shared(), 1e-9);
        self::assertSame($four, $quote->asked()->total());
        $onlyOne = Quote::of(
            1,
            fn (int $count): PartRouting => self::plan(count: $count),
            [QuotePowder::of(1.5)],
            self::terms(),
            fn (PartRouting $plan): float => 0.0,
            fn (int $count): float => 1.0,
        );
        self::assertSame([1, 10], array_keys($onlyOne->byCount));
        $dear = Quote::of(
            2,
            fn (int $count): PartRouting => self::plan(count: $count),
            [QuotePowder::of(1.5)],
            self::terms(),
            fn (PartRouting $plan): float => $plan->facts->part->count > 1 ? 1e5 : 0.0,
            fn (int $count): float => 1.0,
        );
        self::assertSame(0.0, $dear->shared(), 'what grows faster than the count shares nothing');
    }

    public function test_how_policies_go_where_the_shop_has_said_nothing(): void
    {
        $usual = [];
        foreach (Policy::cases() as $policy) {
            $way = $policy->usual();
            $usual[$policy->value] = [$way->word(), $way->figure];
        }
        self::assertSame([
            'least' => ['at', 60.0],
            'deposit' => ['off', 0.0],
            'two_tone' => ['at', 1.2],
            'take_off' => ['at', 15.0],
            'plated' => ['refuse', 0.0],
            'bare_only' => ['off', 0.0],
            'stock_only' => ['off', 0.0],
            'grease' => ['at', 20.0],
            'great_size' => ['at', 40.0],
            'many_masks' => ['at', 1.5],
            'repair' => ['off', 0.0],
            'one_colour' => ['at', 30.0],
        ], $usual);
        self::assertEquals(new AskedFor(0, 0, 1), new AskedFor());
        $off = PolicyOption::off();
        self::assertSame([false, false], [$off->isOn, $off->refuses]);
        self::assertSame([true, true], [PolicyOption::refuse()->isOn, PolicyOption::refuse()->refuses]);
    }

    public function test_stock_only_refuses_a_special_colour_and_nothing_else(): void
    {
        $refused = fn (bool $special): array => PartQuote::of(
            self::plan(),
            [QuotePowder::of(1.5, isSpecial: $special)],
            self::terms([Policy::StockOnly->value => PolicyOption::refuse()]),
        )->refused;
        self::assertSame([[], ['Stock colours only: the shop does not take it.']], [$refused(false), $refused(true)]);
    }

    /** @return array<string, array{string, \Closure(float): mixed, float, float}> name, what takes it, least, most */
    public static function bounds(): array
    {
        return [
            'specific gravity' => ['sg', QuotePowder::of(...), 0.5, 10.0],
            'price' => ['price_kg', fn (float $price): QuotePowder => QuotePowder::of(1.5, $price), 0.0, 1e5],
            'figure' => ['figure', PolicyOption::at(...), 0.0, 1e6],
            'hour' => ['hour', fn (float $hour): QuoteTerms => QuoteTerms::of($hour, 1, 1, 1), 0.0, 1e5],
            'media' => ['media_kg', fn (float $media): QuoteTerms => QuoteTerms::of(1, 1, $media, 1), 0.0, 1e5],
            'change' => [
                'change_min',
                fn (float $change): QuoteTerms => QuoteTerms::of(1, 1, 1, 1, changeMin: $change),
                0.0,
                1e5,
            ],
        ];
    }

    /** @param  \Closure(float): mixed  $of */
    #[DataProvider('bounds')]
    public function test_figures_are_taken_to_their_bounds_and_refused_past_them(
        string $name,
        \Closure $of,
        float $least,
        float $most,
    ): void {
        $of($least);
        $of($most);
        foreach ([$least - 0.01, $most * 1.001] as $past) {
            try {
                $of($past);
                self::fail("{$name} of {$past} was taken");
            } catch (InvalidInput $e) {
                self::assertStringStartsWith("{$name} is", $e->getMessage());
            }
        }
    }

    public function test_a_box_holds_something_and_a_tonne_at_most(): void
    {
        self::assertSame(20.0, QuotePowder::of(1.5)->boxKg);
        self::assertSame(1000.0, QuotePowder::of(1.5, boxKg: 1000.0)->boxKg);
        self::assertSame(0.001, QuotePowder::of(1.5, boxKg: 0.001)->boxKg);
        foreach ([0.0, 1000.1] as $boxKg) {
            try {
                QuotePowder::of(1.5, boxKg: $boxKg);
                self::fail("a box of {$boxKg} kg was taken");
            } catch (InvalidInput $e) {
                self::assertStringStartsWith('box_kg is', $e->getMessage());
            }
        }
    }

    public function test_the_reserve_says_what_it_rests_on(): void
    {
        $words = fn (int $reworked, int $lots): string => QuoteTerms::of(
            1, 1, 1, 1, reworked: $reworked, lots: $lots, reworkOf: 'lots of cast iron',
        )->reworkWords();
        self::assertSame('nothing of its kind was handed over yet: the house figure', $words(0, 0));
        self::assertSame('0 of 1 lots of cast iron had been mended, and the house figure', $words(0, 1));
        self::assertSame(25.0, QuoteTerms::of(1, 1, 1, 1)->changeMin);
    }
}
