<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Curing\Commands\RunOven;
use App\Platform\Validation\FieldNames;

/** A field and what is said of it use one name. */
final class FieldNamesTest extends ShopTestCase
{
    public function test_every_label_stands_on_a_form_and_its_error_names_it(): void
    {
        $job = $this->job(Station::Intake);
        $part = $this->part($job, 'arm', 3, 0.4, 2, 'carbon_steel');
        $bake = $this->hang($this->part($this->job(), 'panel', 4.7, 0.8, 2, 'carbon_steel'));
        $painted = $this->part($this->job(Station::Strip), 'gate', 9, 1.2, 1, 'carbon_steel');
        $painted->traits()->create(['kind' => 'on_it', 'word' => 'two_part_paint']);
        $more = ['/station/blast', "/station/strip?part={$painted->id}", '/powders/create'];
        $pages = [...$more, "/jobs/{$job->id}/parts/create", "/parts/{$part->id}/route", "/parts/{$part->id}/bench",
            "/bakes/{$bake->id}"];
        $read = fn (array $paths): string => implode('', array_map(
            fn (string $path): string => (string) $this->actingAs($this->finisher)->get($path)->getContent(),
            $paths,
        ));
        $seen = $read($pages);
        $this->actingAs($this->owner);
        $seen .= (string) $this->get('/shop')->getContent();
        (new RunOven)->shut($bake, $this->finisher);
        $seen .= $read(["/bakes/{$bake->id}"]);
        foreach (FieldNames::all() as $field => $label) {
            self::assertStringContainsString($label, $seen, $field);
        }
        $this->send("/jobs/{$job->id}/parts", ['wall_mm' => '501', 'mass_kg' => '-1'])
            ->assertSessionHasErrors(['wall_mm', 'mass_kg']);
        self::assertStringStartsWith('“Mean wall” is 501 mm;', session('errors')->first('wall_mm'));
        self::assertStringStartsWith('“Mass of one” is', session('errors')->first('mass_kg'));
        $this->send("/jobs/{$job->id}/parts", ['wall_mm' => 'thin'])->assertSessionHasErrors('wall_mm');
        self::assertStringStartsWith('“Mean wall” is', session('errors')->first('wall_mm'));
    }
}
