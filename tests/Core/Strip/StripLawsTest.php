<?php

declare(strict_types=1);

namespace Tests\Core\Strip;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Blast\MediaChoice;
use Aenum\Core\Format\RouteFile;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Rule\Facts\PartFacts;
use Aenum\Core\Strip\Agent;
use Aenum\Core\Strip\StripWay;
use PHPUnit\Framework\TestCase;

/** For every metal and everything that can be on it: there is a way, and no way harms the metal. */
final class StripLawsTest extends TestCase
{
    /** @param  list<string>  $onIt */
    private static function facts(string $metal, array $onIt, bool $oily = false): JobFacts
    {
        return RouteFile::parse(json_encode(['format' => 'aenum-route/1', 'part' => ['metal' => $metal, 'on_it' => $onIt, 'oily' => $oily], 'coats' => [['bake_c' => 190, 'film_um' => 75]]], JSON_THROW_ON_ERROR))->facts;
    }

    /** @return \Generator<array{string, list<string>}> every metal with every one and every two things on it */
    private static function everything(): \Generator
    {
        foreach (PartFacts::METALS as $metal) {
            foreach (PartFacts::ON_IT as $n => $first) {
                yield [$metal, [$first]];
                foreach (array_slice(PartFacts::ON_IT, $n + 1) as $second) {
                    yield [$metal, [$first, $second]];
                }
            }
        }
    }

    public function test_there_is_always_a_way_and_none_that_is_allowed_eats_the_metal(): void
    {
        foreach (self::everything() as [$metal, $on]) {
            $ways = StripWay::all(self::facts($metal, $on), 3.0, fn (array $left): array => [10.0 + 10 * count($left), 5.0]);
            self::assertTrue($ways[0]->allowed(), "{$metal} with ".implode(' and ', $on));
            $forbidden = false;
            foreach ($ways as $way) {
                $told = "{$metal}, ".implode(' and ', $on).", {$way->key}";
                $forbidden = $forbidden || ! $way->allowed();
                self::assertSame(! $way->allowed(), $forbidden, "the forbidden come last: {$told}");
                foreach ($way->allowed() ? $way->agents : [] as $agent) {
                    self::assertArrayNotHasKey($metal, $agent->never, $told);
                }
                // Everything is taken off somewhere: by an agent, or left to the blast.
                $taken = array_filter($on, fn (string $what): bool => $what === 'bare' || in_array($what, $way->toBlast, true) || array_filter($way->agents, fn (Agent $agent): bool => $agent->takesOff($what)) !== []);
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
            foreach (StripWay::all(self::facts($metal, $on), 1.0, fn (array $left): array => [1.0, 1.0]) as $way) {
                self::assertNotSame([], $way->agents, 'something takes the grease');
                self::assertTrue($way->agents[0]->takesOff('grease') || array_filter($way->agents, fn (Agent $agent): bool => $agent->takesOff('grease')) !== []);
                self::assertNotContains('grease', $way->toBlast);
            }
        }
        // A part that was oily once is degreased even when no grease is seen.
        $ways = StripWay::all(self::facts('cast_iron', ['rust'], true), 1.0, fn (array $left): array => [1.0, 1.0]);
        self::assertTrue($ways[0]->agents[0]->takesOff('grease'));
    }

    public function test_more_area_is_more_work_and_the_same_wait(): void
    {
        foreach (['carbon_steel', 'aluminium'] as $metal) {
            $of = fn (float $area): array => array_column(array_map(fn (StripWay $way): array => [$way->key, $way], StripWay::all(self::facts($metal, ['old_powder']), $area, fn (array $left): array => [$area, $area])), 1, 0);
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
        foreach (PartFacts::METALS as $metal) {
            foreach ([2.5, 6.0] as $bar) {
                $ranked = MediaChoice::rank(self::facts($metal, ['paint']), ['paint'], $bar);
                $allowed = array_filter($ranked, fn (MediaChoice $choice): bool => $choice->allowed);
                foreach ($allowed as $choice) {
                    self::assertFalse(MediaCatalogue::isSilica($choice->media), $metal);
                    self::assertFalse(MediaCatalogue::isFerrous($choice->media) && in_array($metal, ['aluminium', 'cast_aluminium', 'stainless_steel', 'brass', 'bronze', 'copper'], true), "{$choice->media} on {$metal}");
                    self::assertFalse($metal === 'galvanised_steel' && ($bar > 3 || ! MediaCatalogue::isFine($choice->media)), "{$choice->media} on {$metal} at {$bar}");
                }
                // A galvanised part above 3 bar is the one that nothing may touch.
                self::assertSame($metal === 'galvanised_steel' && $bar > 3, $allowed === [], "{$metal} at {$bar} bar");
            }
        }
    }
}
