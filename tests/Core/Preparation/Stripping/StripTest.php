<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Stripping;

use Aenum\Core\Advice\StripOption;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class StripTest extends TestCase
{
    /** @param  list<string>  $onIt */
    private static function facts(string $metal, array $onIt, array $more = []): JobFacts
    {
        return RouteFile::parse(
            json_encode(
                ['format' => 'aenum-route/1', 'part' => $more + ['metal' => $metal, 'on_it' => $onIt]],
                JSON_THROW_ON_ERROR,
            ),
        )->facts;
    }

    /**
     * @param  list<string>  $onIt
     * @return array<string, StripOption>
     */
    private static function ways(string $metal, array $onIt, float $area = 2.0, array $more = []): array
    {
        $ways = StripOption::all(
            self::facts($metal, $onIt, $more + ['area_m2' => $area]),
            fn (array $left): array => [$area * ($left === [] ? 5 : 5 + 15 * count($left)), $area],
        );

        return array_column(array_map(fn (StripOption $way): array => [$way->key, $way], $ways), 1, 0);
    }

    public function test_every_way_for_old_powder_on_steel_is_offered(): void
    {
        $ways = self::ways('carbon_steel', ['old_powder', 'grease']);
        self::assertEqualsCanonicalizing(
            ['blast', 'benzyl', 'benzyl_soak', 'dcm_gel', 'acid_stripper', 'caustic', 'burn_off'],
            array_keys($ways),
        );
        self::assertTrue(array_product(array_map(fn (StripOption $way): bool => $way->allowed(), $ways)) === 1);
        // Grease first, always; caustic and fire take it themselves.
        self::assertSame('degreaser', $ways['blast']->agents[0]->key);
        self::assertSame([ArrivalCondition::OldPowder], $ways['blast']->toBlast);
        self::assertSame(['degreaser', 'benzyl'], array_column($ways['benzyl']->agents, 'key'));
        self::assertSame(['caustic'], array_column($ways['caustic']->agents, 'key'));
        self::assertSame([], $ways['benzyl']->toBlast);
        self::assertGreaterThan($ways['benzyl']->blastMinutes, $ways['blast']->blastMinutes);
        $free = array_filter($ways, fn (StripOption $way): bool => ! $way->isRegulated());
        self::assertSame('dcm_gel', array_key_last($ways));
        $hands = array_map(fn (StripOption $way): float => $way->allHands(), array_values($free));
        $sorted = $hands;
        sort($sorted);
        self::assertSame($sorted, $hands, 'the least work first');
    }

    public function test_dwell_is_shared_by_the_coats_and_has_a_too_long_end(): void
    {
        $way = self::ways('carbon_steel', ['two_part_paint', 'paint'])['benzyl'];
        $coats = array_values(
            array_filter(
                $way->steps,
                fn ($step): bool => str_starts_with($step->key, 'benzyl-') && $step->dwell > 0,
            ),
        );
        self::assertCount(2, $coats);
        self::assertSame(120.0, $coats[0]->dwell + $coats[1]->dwell, 'the slowest coating decides');
        self::assertSame(360.0, $coats[0]->tooLong, 'and its limit holds');
        self::assertEqualsWithDelta(2 * 0.5 * 2, $way->litres, 1e-9);
        self::assertEqualsWithDelta(2 * (2 + 5 * 2) + 3 + 2, $way->handMinutes, 1e-9);
    }

    public function test_the_longest_stay_is_never_shorter_than_the_dwell(): void
    {
        $ways = self::ways('carbon_steel', ['factory_clear', 'old_powder']);
        [$brushed, $soaked] = [$ways['benzyl']->steps[0], $ways['benzyl_soak']->steps[0]];
        self::assertSame([120.0, 720.0], [$brushed->dwell, $brushed->tooLong], 'two coats of it');
        self::assertSame([480.0, 1440.0], [$soaked->dwell, $soaked->tooLong], 'overnight, put on once');
        foreach (Agents::all() as $agent) {
            foreach (ArrivalCondition::cases() as $one) {
                foreach (ArrivalCondition::cases() as $other) {
                    self::assertGreaterThan($agent->dwell($one, $other), $agent->tooLong($one, $other), $agent->key);
                }
            }
            self::assertSame(INF, $agent->tooLong());
        }
        // Two that must stay equally long: the stricter limit.
        self::assertSame(
            240.0,
            Agents::get('caustic')->tooLong(
                ArrivalCondition::TwoPartPaint,
                ArrivalCondition::Paint,
                ArrivalCondition::Grease,
            ),
        );
    }

    public function test_metals_and_hard_steel_forbid_or_ask_for_a_name(): void
    {
        $aluminium = self::ways('aluminium', ['paint']);
        self::assertTrue($aluminium['benzyl']->allowed());
        foreach (['caustic', 'acid_stripper', 'burn_off'] as $way) {
            self::assertFalse($aluminium[$way]->allowed(), $way);
        }
        $keys = fn (array $findings): array => array_map(
            fn (Finding $finding): string => $finding->rule->key,
            $findings,
        );
        $spring = self::ways('carbon_steel', ['paint'], more: ['hardened' => true, 'temper_c' => 250]);
        self::assertSame(['acid-on-hardened'], $keys($spring['acid_stripper']->toSign()));
        self::assertSame([], $spring['benzyl']->findings);
        self::assertSame(['burn-off-unfit'], $keys($spring['burn_off']->against()));
        $unknown = self::ways('carbon_steel', ['paint'], more: ['hardened' => true]);
        self::assertSame(['temper-unknown'], $keys($unknown['acid_stripper']->against()));
        // Brass and caustic: one answer, everywhere.
        self::assertSame(['agent-on-metal'], $keys(self::ways('brass', ['paint'])['caustic']->against()));
        // A product made for the metal turns the stop into a signature.
        $made = self::ways('zinc_die_cast', ['paint'], more: ['acid_product' => 'Pickle Z']);
        self::assertTrue($made['acid_stripper']->allowed());
        self::assertSame(['acid-product'], $keys($made['acid_stripper']->toSign()));
    }

    public function test_rust_can_be_converted_with_two_layers_and_its_day_of_waiting(): void
    {
        $way = self::ways('carbon_steel', ['rust'])['converter'];
        self::assertSame(0.0, $way->blastMinutes);
        self::assertSame(
            ['converter-1', 'converter-2', 'converter-rinse', 'converter-wait'],
            array_column($way->steps, 'key'),
        );
        self::assertSame(1440.0, $way->steps[3]->dwell);
        self::assertFalse(self::ways('aluminium', ['rust'])['converter']->allowed());
    }

    public function test_every_agent_says_gloves_caution_and_waste_and_names_only_metals_there_are(): void
    {
        foreach (Agents::all() as $key => $agent) {
            self::assertSame($key, $agent->key);
            self::assertNotSame('', $agent->gloves.$agent->caution.$agent->waste);
            foreach ([...array_keys($agent->never), ...array_keys($agent->withName)] as $family) {
                self::assertInstanceOf(MetalFamily::class, MetalFamily::tryFrom($family));
            }
            foreach ($agent->takes as $on => [$dwell, $late]) {
                self::assertInstanceOf(ArrivalCondition::class, ArrivalCondition::tryFrom($on));
                self::assertGreaterThan($dwell, $late);
            }
        }
        $this->expectException(InvalidInput::class);
        Agents::get('holy water');
    }
}
