<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Advice\SprayAdvice;
use Aenum\Core\Advice\WashLine;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\Feed;
use Aenum\Core\Application\Gun;
use Aenum\Core\Application\GunKind;
use Aenum\Core\Application\PowderSheet;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\ShopPolicies;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Turning a house way turns something: a route, or what the rules say of it. */
final class ShopPoliciesActTest extends TestCase
{
    private const COATS = [
        ['role' => 'primer', 'bake_c' => 190],
        ['role' => 'base', 'bake_c' => 200],
        ['role' => 'base', 'bake_c' => 200, 'zone' => 'the letters', 'share' => 0.1],
    ];

    /** Jobs on which the ways differ. */
    private const JOBS = [
        'a used casting, oily' => [
            'metal' => 'cast_iron', 'made' => 'cast', 'on_it' => ['old_powder'], 'oily' => true,
            'features' => ['threads', 'seats', 'recesses'],
        ],
        'a railing panel, rusty' => ['metal' => 'carbon_steel', 'on_it' => ['rust'], 'features' => ['seams', 'faces']],
        'a clean casting' => ['metal' => 'cast_iron', 'made' => 'cast', 'on_it' => ['bare']],
        'a painted bollard base' => ['metal' => 'carbon_steel', 'on_it' => ['paint'], 'paint_test' => 'none'],
        'a new bracket' => ['metal' => 'carbon_steel', 'on_it' => ['bare'], 'features' => ['seams']],
    ];

    /** Ways that act behind the route, each held by tests of its own: how film is judged, what is told by person. */
    private const BEHIND_THE_ROUTE = ['film', 'person'];

    /** @return iterable<string, array{string, string}> */
    public static function ways(): iterable
    {
        foreach (array_diff_key(ShopPolicies::choices(), array_flip(self::BEHIND_THE_ROUTE)) as $question => $ways) {
            foreach (array_slice($ways, 1) as $way) {
                yield "{$question}: {$way}" => [$question, $way];
            }
        }
    }

    #[DataProvider('ways')]
    public function test_a_way_changes_a_route_or_a_finding(string $question, string $way): void
    {
        $turned = [];
        foreach (self::JOBS as $name => $part) {
            foreach (['indoors', 'coast'] as $where) {
                $usual = self::answer($part, [], where: $where);
                if (self::answer($part, [$question => $way], where: $where) !== $usual) {
                    $turned[] = "{$name} {$where}";
                }
            }
        }
        self::assertNotSame([], $turned);
    }

    public function test_masks_for_the_blast_come_off_for_the_bake_out_and_go_on_again(): void
    {
        $steps = self::steps(self::JOBS['a used casting, oily'], ['masking' => 'off_for_bake_out']);
        $on = ['plug_mask', 'tape_mask'];
        self::assertInOrder([...$on, 'blast', 'masks_off', 'bake_out', ...$on, 'coat', 'unmask'], $steps);
        $late = self::steps(self::JOBS['a railing panel, rusty'], ['masking' => 'off_for_bake_out']);
        self::assertNotContains('masks_off', $late);
        self::assertCount(1, array_keys($late, 'tape_mask', true));
    }

    public function test_clean_new_metal_goes_without_a_blast_and_rust_does_not(): void
    {
        $ways = ['surface' => 'none'];
        self::assertNotContains('blast', self::steps(self::JOBS['a new bracket'], $ways));
        self::assertContains('solvent_wipe', self::steps(self::JOBS['a new bracket'], $ways));
        self::assertContains('blast', self::steps(self::JOBS['a railing panel, rusty'], $ways));
        self::assertNotContains('blow_out', self::steps(self::JOBS['a new bracket'], $ways));
    }

    public function test_what_hangs_before_the_wash_is_masked_and_earthed_after_it(): void
    {
        $steps = self::steps(self::JOBS['a railing panel, rusty'], [
            'hanging' => 'before_wash', 'last_clean' => 'detergent',
        ]);
        self::assertInOrder(['blast', 'hang', 'wash', 'dry_off', 'tape_mask', 'ground_check', 'coat'], $steps);
    }

    public function test_between_coats_flow_part_and_full_are_three_bakes(): void
    {
        $part = self::JOBS['a new bracket'];
        $hold = function (string $way) use ($part): float {
            $bakes = array_filter(
                self::answer($part, ['between' => $way])['steps'],
                fn (array $step): bool => $step['step'] === 'bake',
            );

            return array_values($bakes)[0]['hold_min'];
        };
        self::assertSame([5.0, 5.0, 10.0], [$hold('flow'), $hold('part'), $hold('full')]);
        self::assertNotContains('abrade', self::steps($part, ['between' => 'part']));
        self::assertInOrder(['bake', 'abrade', 'coat', 'bake'], self::steps($part, ['between' => 'full']));
    }

    public function test_seams_are_sealed_on_the_flowed_coat_or_else_before_the_powder(): void
    {
        $part = self::JOBS['a new bracket'];
        self::assertInOrder(['coat', 'bake', 'cool', 'seal_seams', 'coat'], self::steps($part, ['seams' => 'seal']));
        $one = self::steps($part, ['seams' => 'seal'], [self::COATS[1]]);
        self::assertInOrder(['ground_check', 'seal_seams', 'coat', 'bake'], $one);
    }

    public function test_caustic_is_ended_with_acid_and_that_on_hard_steel_with_a_relief_bake(): void
    {
        $part = ['metal' => 'carbon_steel', 'on_it' => ['old_powder'], 'hardened' => true];
        $steps = self::steps($part, ['strip' => 'caustic']);
        self::assertInOrder(['strip_caustic', 'rinse', 'neutralise', 'rinse', 'relief_bake'], $steps);
    }

    public function test_sharp_edges_are_broken_before_anything_is_blasted(): void
    {
        $part = ['metal' => 'carbon_steel', 'on_it' => ['mill_scale'], 'features' => ['sharp_edges']];
        self::assertInOrder(['break_edges', 'blast'], self::steps($part, []));
    }

    /**
     * @param  list<string>  $wanted
     * @param  list<string>  $steps
     */
    private static function assertInOrder(array $wanted, array $steps): void
    {
        foreach ($steps as $step) {
            if ($step === ($wanted[0] ?? null)) {
                array_shift($wanted);
            }
        }
        self::assertSame([], $wanted, implode(', ', $steps));
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, string>  $house
     * @param  list<array<string, mixed>>  $coats
     * @return list<string>
     */
    private static function steps(array $part, array $house, array $coats = self::COATS): array
    {
        return array_column(self::answer($part, $house, $coats)['steps'], 'step');
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, string>  $house
     * @param  list<array<string, mixed>>  $coats
     * @return array<string, mixed>
     */
    private static function answer(
        array $part,
        array $house,
        array $coats = self::COATS,
        string $where = 'indoors',
    ): array {
        $file = RouteFile::parse((string) json_encode([
            'format' => RouteFile::FORMAT,
            'part' => $part,
            'where' => $where,
            'coats' => $coats,
            ...($house === [] ? [] : ['house' => $house]),
        ]));

        return $file->answer() + ['at the gun' => self::atTheGun($file->plan())];
    }

    /** @return list<array<mixed>> what is done with the gun, zone by zone */
    private static function atTheGun(PartRouting $plan): array
    {
        $gun = Gun::of('gun', GunKind::Full, Feed::Cup);
        $powder = PowderSheet::of(1.5, 60, 90);
        $bench = SprayAdvice::for($plan, 0, $powder, $gun, new CoatTurned(), ShopFactor::from([]));

        return array_map(
            fn (ZonePlan $one): array => [$one->zone->name, $one->setting->kv, $one->passes, round($one->filmUm, 3)],
            $bench->plan->zones,
        );
    }

    public function test_a_spray_line_asks_no_minutes_of_a_bath_and_scrubbing_is_a_step(): void
    {
        $job = self::JOBS['a railing panel, rusty'];
        $line = fn (array $ways): WashLine => WashLine::for(RouteFile::parse((string) json_encode([
            'format' => RouteFile::FORMAT, 'part' => $job, 'where' => 'outdoors', 'coats' => self::COATS,
            ...($ways === [] ? [] : ['house' => $ways]),
        ]))->plan());
        foreach ($line([])->stages as $n => $bath) {
            $spray = $line(['wash' => 'spray'])->stages[$n];
            self::assertSame($bath->key, $spray->key);
            if ($bath->bath !== null) {
                self::assertSame([min($bath->least, 0.5), 2.0], [$spray->least, $spray->most]);
            }
        }
        self::assertStringContainsString('sprayed', $line(['wash' => 'spray'])->name);
        $scrubbed = array_column(
            self::answer($job, ['wash' => 'scrub'], where: 'outdoors')['steps'],
            'step',
        );
        self::assertInOrder(['scrub', 'wash', 'rinse'], $scrubbed);
        self::assertNotContains('scrub', self::steps($job, []));
    }
}
