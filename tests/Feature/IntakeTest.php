<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Word\Station;
use App\Models\Part;

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
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['area_m2' => '', 'wall_mm' => '']),
        )->assertSessionHasErrors('area_m2');
        $this->send("/jobs/{$job->id}/parts", $this->form(['mass_kg' => '']))->assertSessionHasErrors('mass_kg');
        $this->send(
            "/jobs/{$job->id}/parts",
            $this->form(['mass_kg' => '40000', 'area_m2' => '', 'wall_mm' => '0.1']),
        )->assertSessionHasErrors('wall_mm');
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
