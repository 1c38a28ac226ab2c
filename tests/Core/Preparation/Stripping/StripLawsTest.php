<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Stripping;

use Aenum\Core\Advice\MediaChoice;
use Aenum\Core\Advice\StripOption;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Trade\ArrivalCondition;
use PHPUnit\Framework\TestCase;

/** For every metal and everything that can be on it: there is a way, and no way harms the metal. */
final class StripLawsTest extends TestCase
{
    /** @param  list<string>  $onIt */
    private static function facts(string $metal, array $onIt, bool $oily = false, float $area = 3.0): JobFacts
    {
        return RouteFile::parse(
            json_encode(
                [
                    'format' => 'aenum-route/1',
                    'part' => ['metal' => $metal, 'on_it' => $onIt, 'oily' => $oily, 'area_m2' => $area],
                    'coats' => [['bake_c' => 190, 'film_um' => 75]],
                ],
                JSON_THROW_ON_ERROR,
            ),
        )->facts;
    }

    /** @return \Generator<array{string, list<string>}> every metal with every one and every two things on it */
    private static function everything(): \Generator
    {
        foreach (MetalCatalog::keys() as $metal) {
            foreach (array_column(ArrivalCondition::cases(), 'value') as $n => $first) {
                yield [$metal, [$first]];
                foreach (array_slice(array_column(ArrivalCondition::cases(), 'value'), $n + 1) as $second) {
                    yield [$metal, [$first, $second]];
                }
            }
        }
    }

    public function test_there_is_always_a_way_and_none_that_is_allowed_eats_the_metal(): void
    {
        foreach (self::everything() as [$metal, $on]) {
            $ways = StripOption::all(
                self::facts($metal, $on),
                fn (array $left): array => [10.0 + 10 * count($left), 5.0],
            );
            self::assertTrue($ways[0]->allowed(), "{$metal} with ".implode(' and ', $on));
            $forbidden = false;
            foreach ($ways as $way) {
                $told = "{$metal}, ".implode(' and ', $on).", {$way->key}";
                $forbidden = $forbidden || ! $way->allowed();
                self::assertSame(! $way->allowed(), $forbidden, "the forbidden come last: {$told}");
                foreach ($way->allowed() ? $way->agents : [] as $agent) {
                    self::assertNull($agent->harms(MetalCatalog::get($metal)), $told);
                }
                // Everything is taken off somewhere: by an agent, or left to the blast.
                $taken = array_filter(
                    $on,
                    fn (string $what): bool => $what === 'bare' ||
                        in_array(ArrivalCondition::from($what), $way->toBlast, true) ||
                        array_filter(
                            $way->agents,
                            fn (Agent $agent): bool => $agent->takesOff(ArrivalCondition::from($what)),
                        ) !== [],
                );
                self::assertSame($on, array_values($taken), $told);
                self::assertTrue($way->handMinutes >= 0 && $way->litres >= 0 && $way->waitMinutes >= 0, $told);
            }
        }
    }

    public function test_grease_is_gone_before_anything_else_and_before_any_blast(): void
    {
        foreach (self::everything() as [$metal, $on]) {
            if (! in_array('grease', $on, true)) {
                continue;
            }
            foreach (StripOption::all(self::facts($metal, $on), fn (array $left): array => [1.0, 1.0]) as $way) {
                self::assertNotSame([], $way->agents, 'something takes the grease');
                self::assertTrue(
                    $way->agents[0]->takesOff(ArrivalCondition::Grease) ||
                        array_filter(
                            $way->agents,
                            fn (Agent $agent): bool => $agent->takesOff(ArrivalCondition::Grease),
                        ) !== [],
                );
                self::assertNotContains(ArrivalCondition::Grease, $way->toBlast);
            }
        }
        // A part that was oily once is degreased even when no grease is seen.
        $ways = StripOption::all(self::facts('cast_iron', ['rust'], true), fn (array $left): array => [1.0, 1.0]);
        self::assertTrue($ways[0]->agents[0]->takesOff(ArrivalCondition::Grease));
    }

    public function test_more_area_is_more_work_and_the_same_wait(): void
    {
        foreach (['carbon_steel', 'aluminium'] as $metal) {
            $of = fn (float $area): array => array_column(
                array_map(
                    fn (StripOption $way): array => [$way->key, $way],
                    StripOption::all(
                        self::facts($metal, ['old_powder'], false, $area),
                        fn (array $left): array => [$area, $area],
                    ),
                ),
                1,
                0,
            );
            foreach ($of(1.0) as $key => $small) {
                $large = $of(10.0)[$key];
                self::assertGreaterThanOrEqual($small->handMinutes, $large->handMinutes);
                self::assertEqualsWithDelta($small->waitMinutes, $large->waitMinutes, 1e-9);
                self::assertEqualsWithDelta(10 * $small->litres, $large->litres, 1e-9);
            }
        }
    }

    public function test_for_every_metal_some_medium_is_left_and_none_that_must_not_be(): void
    {
        foreach (MetalCatalog::keys() as $metal) {
            foreach ([2.5, 6.0] as $bar) {
                $ranked = MediaChoice::rank(self::facts($metal, ['paint']), [ArrivalCondition::Paint], $bar);
                $allowed = array_filter($ranked, fn (MediaChoice $choice): bool => $choice->allowed);
                foreach ($allowed as $choice) {
                    $told = "{$choice->medium->key} on {$metal} at {$bar}";
                    self::assertFalse($choice->medium->silica, $told);
                    self::assertTrue(! $choice->medium->ferrous || MetalCatalog::get($metal)->family->rusts(), $told);
                    self::assertFalse($metal === 'galvanised_steel' && ($bar > 3 || ! $choice->medium->fine), $told);
                }
                // A galvanised part above 3 bar is one that nothing may touch; magnesium and what is no metal are
                // never offered a medium.
                $none = ($metal === 'galvanised_steel' && $bar > 3) || $metal === 'magnesium'
                    || MetalCatalog::get($metal)->family === MetalFamily::NonMetal;
                self::assertSame($none, $allowed === [], "{$metal} at {$bar} bar");
            }
        }
    }
}
