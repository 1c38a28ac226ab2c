<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\BakeModelFactory;
use App\Intake\Models\Part;
use Illuminate\Support\Once;

final class IntakeTest extends ShopTestCase
{
    /** @return array<string, mixed> */
    private function form(array $with = []): array
    {
        return $with + [
            'name' => 'bench end',
            'count' => 4,
            'metal' => 'cast_iron',
            'mass_kg' => '34',
            'area_m2' => '1.15',
            'wall_mm' => '',
            'view_factor' => '0.8',
            'sections' => [['name' => '', 'mass_kg' => '', 'area_m2' => '']],
            'coats' => [
                ['role' => 'base', 'powder_id' => $this->green->id, 'bake_to' => 'full'],
                ['role' => 'clear', 'powder_id' => '', 'bake_to' => 'full'],
            ],
        ];
    }

    public function test_a_part_is_written_down_with_its_coats(): void
    {
        $job = $this->job(Station::Intake);
        $this->send("/jobs/{$job->id}/parts", $this->form())->assertSessionHasNoErrors();
        $part = Part::query()->with('coats', 'sections')->firstOrFail();
        $this->actingAs($this->finisher)
            ->get("/parts/{$part->id}/route")
            ->assertSee('What is on it now');
        self::assertSame(
            [34.0, 1.15, 1, 0],
            [$part->mass_kg, $part->area_m2, $part->coats->count(), $part->sections->count()],
        );
    }

    public function test_area_comes_from_mass_and_wall(): void
    {
        $job = $this->job(Station::Intake);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['area_m2' => '', 'wall_mm' => '8']),
        )->assertSessionHasNoErrors();
        self::assertEqualsWithDelta((2 * 34) / (7200 * 0.008), Part::query()->firstOrFail()->area_m2, 1e-6);
        $closed = $this->form(['area_m2' => '', 'wall_mm' => '8', 'outside_only' => '1']);
        $this->send("/jobs/{$job->id}/parts", $closed)->assertSessionHasNoErrors();
        $area = Part::query()->latest('id')->firstOrFail()->area_m2;
        self::assertEqualsWithDelta(34 / (7200 * 0.008), $area, 1e-6);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['mass_kg' => '40000', 'area_m2' => '', 'wall_mm' => '0.1']),
        )->assertSessionHasErrors('wall_mm');
    }

    public function test_a_part_may_be_weighed_later_and_is_not_baked_before(): void
    {
        $job = $this->job(Station::Intake);
        $this->send("/jobs/{$job->id}/parts", $this->form(['mass_kg' => '', 'area_m2' => '']))
            ->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        $batch = $this->batch($part);
        foreach (['intake', 'strip', 'blast', 'bake-out', 'wash', 'mask-and-hang', 'coat', 'cure', 'inspect'] as $at) {
            $batch->update(['station' => Station::from($at)]);
            $this->actingAs($this->finisher)->get("/station/{$at}?lot={$batch->id}")->assertOk();
        }
        foreach (["/jobs/{$job->id}", "/jobs/{$job->id}/record", "/parts/{$part->id}/bench", '/'] as $page) {
            $this->actingAs($this->finisher)->get($page)->assertOk();
        }
        $this->actingAs($this->finisher)->get("/parts/{$part->id}/route")->assertOk()->assertSee('not weighed yet');
        $batch->update(['station' => Station::Cure]);
        $this->coated($part);
        $this->send('/bakes', ['oven_id' => Oven::query()->firstOrFail()->id, 'items' => $this->allOf($part)])
            ->assertSessionHasErrors('load');
        self::assertStringContainsString('is not weighed', session('errors')->first('load'));
    }

    public function test_regions_never_take_the_place_of_what_was_weighed(): void
    {
        $job = $this->job(Station::Intake);
        $regions = [
            ['name' => 'foot', 'mass_kg' => '20', 'area_m2' => '0.5'],
            ['name' => 'arm', 'mass_kg' => '8', 'area_m2' => '0.65'],
        ];
        $this->send("/jobs/{$job->id}/parts", $this->form(['sections' => $regions]))
            ->assertSessionHasErrors('mass_kg');
        $regions[1]['mass_kg'] = '14.5';
        $this->send("/jobs/{$job->id}/parts", $this->form(['sections' => $regions]))->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        self::assertSame(34.0, $part->mass_kg);
        $regions[1]['mass_kg'] = '9';
        $this->send("/parts/{$part->id}", ['_method' => 'put'] + $this->form(['sections' => $regions]))
            ->assertSessionHasNoErrors();
        self::assertSame(29.0, $part->refresh()->mass_kg);
    }

    public function test_regions_are_one_casting_unless_somebody_says_how_they_hang_together(): void
    {
        $job = $this->job(Station::Intake);
        $form = $this->form(['mass_kg' => '', 'area_m2' => '', 'sections' => [
            ['name' => 'hub', 'mass_kg' => '20', 'area_m2' => '0.4'],
            ['name' => 'rim', 'mass_kg' => '8', 'area_m2' => '0.65'],
        ]]);
        $this->send("/jobs/{$job->id}/parts", ['joint' => 'spokes'] + $form)
            ->assertSessionHasErrors(['joint_many', 'joint_thick_mm', 'joint_long_mm']);
        $this->send("/jobs/{$job->id}/parts", ['joint' => 'weld'] + $form)->assertSessionHasErrors('joint_long_mm');
        $spokes = ['joint' => 'spokes', 'joint_many' => '5', 'joint_thick_mm' => '12', 'joint_long_mm' => '100'];
        $this->send("/jobs/{$job->id}/parts", $spokes + $form)->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        $this->actingAs($this->finisher)->get("/parts/{$part->id}/edit")->assertSee('W/K');
        $this->batch($part)->update(['station' => Station::Cure]);
        $load = fn (): BakeModelFactory => BakeModelFactory::from($this->hang($part->refresh()));
        $of = $load();
        self::assertSame('rim', $of->hung[1]->section?->name);
        self::assertEqualsWithDelta(50 * 5 * 113.1e-6 / 0.1, array_sum($of->hung[0]->item->links), 0.1);
        OvenLoad::query()->update(['status' => 'withdrawn']);
        $part->update(['joint' => 'apart']);
        self::assertSame([], $load()->hung[0]->item->links);
        OvenLoad::query()->update(['status' => 'withdrawn']);
        $part->update(['joint' => null]);
        self::assertEqualsWithDelta(0.453, array_sum($load()->hung[0]->item->links), 0.01, 'silent: one casting');
        $this->send("/parts/{$part->id}", ['_method' => 'put', 'joint' => 'apart'] + $form)
            ->assertSessionHasErrors('sections');
    }

    public function test_what_was_typed_waits_while_the_metal_is_asked(): void
    {
        $job = $this->job(Station::Intake);
        $this->send("/jobs/{$job->id}/metal", $this->form(['name' => 'weather-vane arm', 'metal' => '']))
            ->assertRedirect("/metal?job={$job->id}");
        $this->actingAs($this->finisher)->get("/metal?job={$job->id}&magnet=slips")->assertOk();
        $this->actingAs($this->finisher)->get("/jobs/{$job->id}/parts/create?metal=copper")->assertOk()
            ->assertSee('weather-vane arm')->assertSee('value="copper" selected', false);
        $this->actingAs($this->finisher)->get("/jobs/{$job->id}/parts/create")->assertDontSee('weather-vane arm');
    }

    public function test_a_coat_left_to_the_house_is_baked_as_the_house_goes_between_coats(): void
    {
        $job = $this->job(Station::Intake);
        $powder = Powder::query()->firstOrFail();
        $row = ['powder_id' => (string) $powder->id, 'bake_to' => '', 'zone' => '', 'share' => ''];
        $coats = [['role' => 'primer'] + $row, ['role' => 'base', 'zone' => 'letters', 'share' => '12,5'] + $row];
        $baked = function (string $way) use ($job, $coats): array {
            Shop::current()->keepHouseWays(['between' => $way]);
            Once::flush();
            $this->send("/jobs/{$job->id}/parts", $this->form(['coats' => $coats]))->assertSessionHasNoErrors();

            return Part::query()->latest('id')->firstOrFail()->coats->pluck('bake_to')->all();
        };
        self::assertSame(
            [['flow', 'full'], ['part', 'full'], ['full', 'full']],
            [$baked('flow'), $baked('part'), $baked('full')],
        );
        $part = Part::query()->latest('id')->firstOrFail();
        self::assertSame(['letters', 0.125], [$part->coats[1]->zone, $part->coats[1]->share]);
        $this->actingAs($this->finisher)->get("/parts/{$part->id}/route")->assertSee('Mask off the coat below');
    }

    public function test_units_are_understood_and_shown_as_the_person_likes(): void
    {
        $job = $this->job(Station::Intake);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['mass_kg' => '12 lb', 'area_m2' => '', 'wall_mm' => '3/8 in']),
        )->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        self::assertEqualsWithDelta(5.443, $part->mass_kg, 0.001);
        self::assertEqualsWithDelta(9.525, $part->wall_mm, 0.001);
        $this->finisher->update(['unit_system' => 'us']);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['name' => 'arm', 'mass_kg' => '12', 'area_m2' => '10']),
        )->assertSessionHasNoErrors();
        $arm = Part::query()->where('name', 'arm')->firstOrFail();
        self::assertEqualsWithDelta(5.443, $arm->mass_kg, 0.001);
        self::assertEqualsWithDelta(0.929, $arm->area_m2, 0.001);
        $this->actingAs($this->finisher->refresh())
            ->get("/jobs/{$job->id}")
            ->assertSee('12 lb')
            ->assertDontSee('5.44 kg');
        $this->actingAs($this->finisher)
            ->get("/parts/{$arm->id}/edit")
            ->assertSee('value="12"', false);
    }

    public function test_sections_make_the_part(): void
    {
        $job = $this->job(Station::Intake);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form([
                'mass_kg' => '',
                'area_m2' => '',
                'sections' => [
                    ['name' => 'foot', 'mass_kg' => '24', 'area_m2' => '0.5'],
                    ['name' => 'arm', 'mass_kg' => '10', 'area_m2' => '0.6'],
                ],
            ]),
        )->assertSessionHasNoErrors();
        $part = Part::query()->firstOrFail();
        self::assertSame([34.0, 1.1], [$part->mass_kg, $part->area_m2]);
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['sections' => [['name' => 'foot', 'mass_kg' => '24', 'area_m2' => '']]]),
        )->assertSessionHasErrors('sections.0.area_m2');
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form([
                'sections' => [
                    ['name' => 'a', 'mass_kg' => '1', 'area_m2' => '1'],
                    ['name' => 'a', 'mass_kg' => '1', 'area_m2' => '1'],
                ],
            ]),
        )->assertSessionHasErrors('sections.0.name');
    }

    public function test_nonsense_is_refused_by_field_and_stays_typed(): void
    {
        $job = $this->job(Station::Intake);
        foreach (
            [
                'name' => '',
                'count' => '0',
                'metal' => 'cheese',
                'mass_kg' => '-4',
                'area_m2' => 'wide',
                'view_factor' => '2',
            ] as $field => $value
        ) {
            $this->from("/jobs/{$job->id}/parts/create")
                ->send("/jobs/{$job->id}/parts", $this->form([$field => $value]))
                ->assertSessionHasErrors($field);
            self::assertSame($value === '' ? null : $value, session()->getOldInput($field));
        }
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['coats' => [['role' => 'base', 'powder_id' => 999, 'bake_to' => 'full']]]),
        )->assertSessionHasErrors('coats.0.powder_id');
        $this->send("/jobs/{$job->id}/parts", $this->form(['mass_kg' => ['a' => 1]]))->assertSessionHasErrors(
            'mass_kg',
        );
        self::assertSame(0, Part::query()->count());
    }

    public function test_a_coat_that_was_baked_stays_and_a_part_that_was_baked_is_not_withdrawn(): void
    {
        $job = $this->job();
        $part = $this->part($job, 'bench end', 24, 1.15, 4);
        $other = $this->powder('Lamp black', [[180, 15, null]]);
        $this->bakeFor($this->hang($part), 30);
        $black = [['role' => 'base', 'powder_id' => $other->id, 'bake_to' => 'full']];
        $this->send("/parts/{$part->id}", $this->form(['coats' => $black]), null, 'PUT')->assertSessionHasErrors(
            'coats.0.powder_id',
        );
        $this->send("/parts/{$part->id}", $this->form(['coats' => []]), null, 'PUT')->assertSessionHasErrors(
            'coats',
        );
        $this->send(
            "/parts/{$part->id}",
            $this->form(['sections' => [['name' => 'foot', 'mass_kg' => '24', 'area_m2' => '0.5']]]),
            null,
            'PUT',
        )->assertSessionHasErrors('sections');
        $this->send("/parts/{$part->id}/withdraw")->assertSessionHasErrors('part');
        $this->send(
            "/parts/{$part->id}",
            $this->form([
                'coats' => [
                    ['role' => 'base', 'powder_id' => $this->green->id, 'bake_to' => 'full'],
                    ['role' => 'clear', 'powder_id' => $other->id, 'bake_to' => 'full'],
                ],
            ]),
            null,
            'PUT',
        )->assertSessionHasNoErrors();
        self::assertSame(2, $part->coats()->count());
    }
}
