<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Files\RouteFile;
use Aenum\Core\Routing\CoatAdvice;
use Aenum\Core\Routing\CostEstimate;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Promise;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\TestCase;

/** What is said at the counter: which coats fit, what is promised, what it takes. */
final class CounterTest extends TestCase
{
    /**
     * @param  array<string, mixed>  $part
     * @param  list<array<string, mixed>>  $coats
     */
    private static function facts(array $part, string $where, array $coats = [['role' => 'base']]): JobFacts
    {
        return RouteFile::parse(
            json_encode(
                [
                    'format' => 'aenum-route/1',
                    'part' => $part,
                    'where' => $where,
                    'coats' => array_map(fn (array $coat): array => $coat + ['bake_c' => 190], $coats),
                ],
                JSON_THROW_ON_ERROR,
            ),
        )->facts;
    }

    /** @return list<string> */
    private static function stack(JobFacts $facts): array
    {
        return array_column(CoatAdvice::for($facts)->stack, 'what');
    }

    public function test_coats_follow_metal_past_and_place(): void
    {
        self::assertSame(['base coat'], self::stack(self::facts(['metal' => 'carbon_steel'], 'indoors')));
        self::assertSame(
            ['zinc-rich primer', 'weatherproof base coat'],
            self::stack(self::facts(['metal' => 'carbon_steel'], 'outdoors')),
        );
        self::assertSame(
            ['epoxy primer', 'weatherproof base coat'],
            self::stack(self::facts(['metal' => 'aluminium'], 'coast')),
        );
        self::assertSame(
            ['gas-tolerant primer', 'base coat'],
            self::stack(self::facts(['metal' => 'cast_iron', 'oily' => true], 'indoors')),
        );
        self::assertSame(
            ['base coat', 'clear'],
            self::stack(
                self::facts(['metal' => 'carbon_steel'], 'indoors', [['role' => 'base', 'effect' => 'metallic']]),
            ),
        );
        $advice = CoatAdvice::for(
            self::facts(['metal' => 'carbon_steel'], 'outdoors', [
                ['role' => 'primer', 'zinc_rich' => true],
                ['role' => 'base'],
            ]),
        );
        self::assertSame([], $advice->missing());
        self::assertStringContainsString('phosphate', $advice->pretreatment->name);
        self::assertStringContainsString(
            'conversion',
            CoatAdvice::for(self::facts(['metal' => 'cast_aluminium'], 'outdoors'))->pretreatment->name,
        );
        self::assertStringContainsString(
            'comes to 60',
            str_replace(
                'come to',
                'comes to',
                (string) CoatAdvice::for(
                    self::facts(['metal' => 'carbon_steel'], 'coast', [['role' => 'base', 'film_um' => 60]]),
                )->film?->in(UnitSystem::Metric),
            ),
        );
        self::assertNull(
            CoatAdvice::for(
                self::facts(['metal' => 'carbon_steel'], 'indoors', [['role' => 'base', 'film_um' => 70]]),
            )->film,
        );
    }

    public function test_what_will_show_what_is_not_promised_and_what_comes_off(): void
    {
        $promise = Promise::for(
            self::facts(
                [
                    'metal' => 'cast_iron',
                    'made' => 'cast',
                    'on_it' => ['rust', 'plating'],
                    'features' => ['sealed_bearings', 'sealed_hollow'],
                    'duty' => 'lifting',
                    'oily' => true,
                ],
                'coast',
            ),
            ['chip in the skirt.'],
        );
        self::assertSame('Chip in the skirt will show through the film.', $promise->shows[0]);
        self::assertCount(3, $promise->shows);
        self::assertCount(4, $promise->notPromised);
        self::assertCount(2, $promise->offFirst);
        $plain = Promise::for(self::facts(['metal' => 'carbon_steel', 'made' => 'sheet'], 'indoors'));
        self::assertSame([[], [], []], [$plain->shows, $plain->notPromised, $plain->offFirst]);
    }

    public function test_cost_is_hands_powder_media_and_heat(): void
    {
        $facts = self::facts(['metal' => 'aluminium', 'count' => 10, 'mass_kg' => 2, 'area_m2' => 0.5], 'indoors', [
            ['role' => 'base', 'film_um' => 80],
        ]);
        $plan = new PartRouting($facts, [
            new Step(StepKind::Coat, 30, 0, ''),
            new Step(StepKind::Bake, 3, 40, '', 200, 10),
        ]);
        $cost = CostEstimate::of($plan, [['sg' => 1.5, 'price' => null]], 2.0, 20, [
            'hour' => 60,
            'powder_kg' => 10,
            'media_kg' => 1,
            'kwh' => 0.3,
        ]);
        self::assertEqualsWithDelta(33, $cost->handMinutes, 1e-9);
        self::assertEqualsWithDelta((5 * 1.5 * 80) / 1000 / 0.7 + 0.045, $cost->powderKg, 1e-9);
        // cp = 903 + 0.41 T: 20 kg from 20 to 200 °C, three tenths of the oven's energy in the load.
        $kwh = (20 * (903 * 180 + 0.205 * (200 ** 2 - 20 ** 2))) / 3.6e6 / 0.3;
        self::assertEqualsWithDelta($kwh, $cost->kwh, 1e-6);
        self::assertEqualsWithDelta(33 + 10 * $cost->powderKg + 2 + 0.3 * $kwh, $cost->total(), 1e-6);
        self::assertSame(0.0, CostEstimate::of($plan, [], 0, 20, [])->total());
    }

    public function test_what_will_hit_it_and_how_long_it_is_to_last_goes_into_the_stack(): void
    {
        $steel = ['metal' => 'carbon_steel', 'on_it' => ['bare']];
        $coats = [['role' => 'base', 'film_um' => 80]];
        $advice = fn (array $with): CoatAdvice => CoatAdvice::for(self::facts($with + $steel, 'indoors', $coats));
        self::assertSame([], array_filter($advice([])->missing(), fn ($coat): bool => $coat->role === Role::Primer));
        self::assertNull($advice([])->film);
        foreach (['hit_by_stones', 'hit_by_tools', 'chemicals_on_face'] as $mark) {
            self::assertSame('epoxy primer', $advice([$mark => true])->stack[0]->what, $mark);
            self::assertNotNull($advice([$mark => true])->film, $mark);
        }
        self::assertSame('epoxy primer', $advice(['for_ten_years' => true])->stack[0]->what);
        self::assertNull($advice(['for_ten_years' => true])->film);
    }

    public function test_what_failed_before_what_is_loose_and_what_is_bared_is_said_and_done(): void
    {
        $lay = fn (array $part): array => array_map(
            fn (Step $step): string => $step->kind->value,
            RoutePlanner::lay(self::facts($part, 'indoors')),
        );
        $steel = ['metal' => 'carbon_steel', 'on_it' => ['paint'], 'paint_test' => 'none'];
        self::assertContains('degrease', $lay(['failed_try' => true] + $steel));
        self::assertNotContains('degrease', $lay($steel));
        self::assertContains('bare_after', $lay(['bared_after' => true] + $steel));
        self::assertContains('take_apart', $lay(['features' => ['hoses', 'valves']] + $steel));
        self::assertContains('test_hang', $lay(['mass_kg' => 30] + $steel));
        self::assertNotContains('test_hang', $lay(['mass_kg' => 29.9] + $steel));
        $loose = ['features' => ['weights', 'hoses'], 'failed_try' => true] + $steel;
        $promise = Promise::for(self::facts($loose, 'indoors'));
        self::assertCount(2, $promise->offFirst);
        self::assertStringContainsString('last coat fail', implode(' ', $promise->notPromised));
        $tight = $lay(['old_primer_tight' => true, 'on_it' => ['two_part_paint']] + $steel);
        self::assertSame([], array_intersect(['strip_chemical', 'blast'], $tight));
        self::assertContains('sweep_blast', $tight);
        self::assertContains('strip_chemical', $lay(['on_it' => ['two_part_paint']] + $steel));
        // A tight old primer that stays is not blasted off; rust beside it is.
        $minutes = fn (array $part): float => array_sum(array_map(
            fn (Step $step): float => $step->kind === StepKind::Blast ? $step->minutes : 0.0,
            RoutePlanner::lay(self::facts($part + ['area_m2' => 1, 'mass_kg' => 5], 'indoors')),
        ));
        $both = ['on_it' => ['paint', 'rust']] + $steel;
        self::assertEqualsWithDelta(
            60 / 6 - 60 / 8,
            $minutes($both) - $minutes(['old_primer_tight' => true] + $both),
            1e-9,
        );
    }

    public function test_aluminium_takes_twice_the_hands_where_its_surface_is_worked_and_says_why(): void
    {
        $blast = fn (string $metal): Step => array_values(array_filter(
            RoutePlanner::lay(self::facts(
                ['metal' => $metal, 'on_it' => ['rust'], 'area_m2' => 1, 'mass_kg' => 5],
                'indoors',
            )),
            fn (Step $step): bool => $step->kind === StepKind::Blast,
        ))[0];
        self::assertEqualsWithDelta(2 * $blast('carbon_steel')->minutes, $blast('aluminium')->minutes, 1e-9);
        self::assertStringContainsString('twice the hands', $blast('aluminium')->why->in(UnitSystem::Metric));
    }

    public function test_small_work_takes_an_afternoon_and_a_masked_casting_two_days(): void
    {
        $hours = function (array $part, array $coats): float {
            $sum = 0.0;
            foreach (RoutePlanner::lay(self::facts($part, 'indoors', $coats)) as $step) {
                $sum += $step->minutes + $step->waitMinutes;
            }

            return $sum / 60;
        };
        $bracket = $hours(['metal' => 'carbon_steel', 'count' => 4, 'mass_kg' => 1.2, 'area_m2' => 0.12,
            'on_it' => ['rust'], 'features' => ['threads']], [['role' => 'base']]);
        self::assertTrue($bracket >= 2.0 && $bracket <= 3.5, "{$bracket} h");
        $casting = $hours(['metal' => 'cast_aluminium', 'count' => 4, 'mass_kg' => 9, 'area_m2' => 0.6, 'oily' => true,
            'on_it' => ['old_powder', 'grease'], 'heat_treated' => true,
            'features' => ['threads', 'bores', 'seats', 'sealed_bearings', 'oil_passages', 'caps', 'hoses']],
            [['role' => 'primer'], ['role' => 'base'], ['role' => 'clear']]);
        self::assertTrue($casting >= 16 && $casting <= 40, "{$casting} h");
    }
}
