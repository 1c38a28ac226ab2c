<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Models\Signature;
use App\Routing\Queries\PartRoute;

final class RouteTest extends ShopTestCase
{
    /** @return array<string, mixed> */
    private function facts(array $with = []): array
    {
        return $with + [
            'lives' => 'outdoors',
            'made' => 'cast',
            'duty' => 'none',
            'on_it' => ['grease'],
            'features' => ['bores', 'faces'],
            'is' => ['oily'],
            'box' => ['900', '600', ''],
            'media' => 'garnet',
            'pressure' => '100 psi',
        ];
    }

    /** @return array{Job, Part} */
    private function casting(): array
    {
        $job = $this->job(Station::Intake);

        return [$job, $this->part($job, 'hinge', 1.9, 0.09, 12, 'cast_aluminium')];
    }

    /** @return list<string> */
    private function keys(Part $part): array
    {
        return array_map(
            fn ($finding): string => $finding->rule->key,
            PartRoute::of(Part::query()->findOrFail($part->id))->findings,
        );
    }

    public function test_what_is_found_is_answered_at_once(): void
    {
        [, $part] = $this->casting();
        $this->actingAs($this->finisher)
            ->put("/parts/{$part->id}/facts", $this->facts(['media' => 'steel_grit']), ['HX-Request' => 'true'])
            ->assertOk()
            ->assertSee('Hinge is cast aluminium and the medium is steel grit')
            ->assertSee('hold')
            ->assertSee('Bake out');
        $kept = $part->refresh();
        self::assertSame('outdoors', $kept->job->lives);
        self::assertContains('oily', $kept->traits->pluck('word'));
        self::assertNull($kept->box_high_mm);
        self::assertEqualsWithDelta(6.895, $kept->blast_bar, 0.001);
        $this->actingAs($this->finisher)
            ->put("/parts/{$part->id}/facts", $this->facts(['box' => ['900', '600', '40 in']]), [
                'HX-Request' => 'true',
            ])
            ->assertDontSee('steel grit');
        self::assertEqualsWithDelta(1016, $part->refresh()->box_high_mm, 0.01);
        $this->send(
            "/parts/{$part->id}/facts",
            $this->facts(['on_it' => ['jam']]),
            null,
            'PUT',
        )->assertSessionHasErrors('on_it.0');
        $this->send(
            "/parts/{$part->id}/facts",
            $this->facts(['pressure' => '99']),
            null,
            'PUT',
        )->assertSessionHasErrors('pressure');
    }

    public function test_a_stop_holds_the_job_at_intake_and_a_name_lets_a_sign_go(): void
    {
        [$job, $part] = $this->casting();
        $this->send(
            "/parts/{$part->id}/facts",
            $this->facts(['duty' => 'lifting', 'features' => ['sealed_hollow']]),
            null,
            'PUT',
        );
        $onward = ['seen_at' => 'intake', 'then' => 'on'];
        $this->send("/batches/{$this->batch($job)->id}/go", $onward)->assertSessionHasErrors('route');
        self::assertSame(Station::Intake, $job->refresh()->station);
        self::assertSame(0, $job->moves()->where('kind', 'signed')->count());
        $this->send("/parts/{$part->id}/signatures", [
            'rule' => 'sealed-hollow',
            'name' => 'Somebody',
        ])->assertSessionHasErrors('rule');
        $this->send(
            "/parts/{$part->id}/facts",
            $this->facts(['duty' => 'lifting', 'features' => ['sealed_hollow'], 'is' => ['vented']]),
            null,
            'PUT',
        );
        $this->send("/batches/{$this->batch($job)->id}/go", $onward)->assertSessionHasErrors('route');
        Shop::query()->update(['light_metal_cabinet' => true]);
        $this->send("/parts/{$part->id}/signatures", [
            'rule' => 'safety-duty',
            'name' => '',
        ])->assertSessionHasErrors('name');
        $this->send("/parts/{$part->id}/signatures", [
            'rule' => 'safety-duty',
            'name' => 'A. Lindqvall, inspector',
        ])->assertSessionHasNoErrors();
        $this->send("/batches/{$this->batch($job)->id}/go", $onward)->assertSessionHasNoErrors();
        self::assertSame(Station::Strip, $job->refresh()->station);
        $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}/record")
            ->assertSee('A. Lindqvall, inspector');
        $this->send('/signatures/'.Signature::query()->firstOrFail()->id.'/withdraw');
        self::assertSame(1, Signature::query()->whereNotNull('withdrawn_at')->count());
        self::assertContains('safety-duty', $this->keys($part));
    }

    public function test_old_plating_is_declined_or_waived(): void
    {
        [$job, $part] = $this->casting();
        $this->send("/parts/{$part->id}/facts", $this->facts(['on_it' => ['plating'], 'is' => []]), null, 'PUT');
        self::assertContains('old-plating', $this->keys($part));
        $this->send("/parts/{$part->id}/signatures", [
            'rule' => 'plating-adhesion',
            'name' => 'The owner',
        ])->assertSessionHasNoErrors();
        self::assertNotContains('old-plating', $this->keys($part));
        $this->send("/jobs/{$job->id}/decline", ['reason' => ''])->assertSessionHasErrors('reason');
        $this->send("/jobs/{$job->id}/decline", ['reason' => 'Too many layers.'])->assertSessionHasNoErrors();
        self::assertSame('declined', $job->refresh()->status);
        $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}")
            ->assertSee('Too many layers.');
        $this->send("/parts/{$part->id}/facts", $this->facts(), null, 'PUT')->assertSessionHasErrors('job');
    }

    public function test_reordering_names_the_contradiction_and_laying_out_anew_mends_it(): void
    {
        [, $part] = $this->casting();
        $this->send("/parts/{$part->id}/facts", $this->facts(), null, 'PUT');
        $at = fn (string $step): int => (int) array_search(
            $step,
            array_map(
                fn ($s): string => $s->kind->value,
                PartRoute::of(Part::query()->findOrFail($part->id))->steps,
            ),
            true,
        );
        self::assertNotContains('degrease-before-blast', $this->keys($part));
        while ($at('degrease') < $at('blast')) {
            $this->send("/parts/{$part->id}/route", [
                'how' => 'down',
                'at' => $at('degrease'),
            ])->assertSessionHasNoErrors();
        }
        self::assertContains('degrease-before-blast', $this->keys($part));
        $this->send("/parts/{$part->id}/route", ['how' => 'drop', 'at' => $at('bake_out')]);
        $this->send("/parts/{$part->id}/route", ['how' => 'drop', 'at' => $at('bake_out')]);
        self::assertContains('casting-needs-bake-out', $this->keys($part));
        $this->send("/parts/{$part->id}/route", ['how' => 'add', 'at' => 0, 'kind' => 'bake_out']);
        self::assertNotContains('casting-needs-bake-out', $this->keys($part));
        $this->send("/parts/{$part->id}/route", ['how' => 'up', 'at' => 99])->assertSessionHasErrors('at');
        $this->send("/parts/{$part->id}/route", ['how' => 'add', 'at' => 0])->assertSessionHasErrors('kind');
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/route")
            ->assertOk()
            ->assertSee('changed by hand')
            ->assertSee('Hinge is greasy and is blasted before it is degreased');
        $this->send("/parts/{$part->id}/route", ['how' => 'anew']);
        self::assertCount(0, $part->refresh()->steps);
        self::assertNotContains('degrease-before-blast', $this->keys($part));
    }

    public function test_the_house_ways_and_the_shop_s_things_are_heeded(): void
    {
        [, $part] = $this->casting();
        $this->send("/parts/{$part->id}/facts", $this->facts(['box' => ['3000', '100', '100']]), null, 'PUT');
        Shop::query()
            ->firstOrFail()
            ->update(['booth_wide_mm' => 2000, 'booth_high_mm' => 2000, 'booth_deep_mm' => 2900, 'rail_kg' => 1]);
        Shop::query()
            ->firstOrFail()
            ->keepHouseWays(['bake_out' => 'before_blast']);
        $this->app->forgetScopedInstances();
        \Illuminate\Support\Once::flush();
        $keys = $this->keys($part);
        self::assertContains('fits-booth', $keys);
        self::assertContains('rail-load', $keys);
        self::assertSame(
            1,
            count(
                array_filter(
                    PartRoute::of(Part::query()->findOrFail($part->id))->steps,
                    fn ($s): bool => $s->kind->value === 'bake_out',
                ),
            ),
        );
    }

    public function test_every_rule_can_be_looked_up(): void
    {
        $all = $this->actingAs($this->viewer)->get('/rules')->assertOk();
        $all->assertSee('silica sand')->assertSee('Equipment');
        $this->actingAs($this->viewer)
            ->get('/rules?severity=note&q=clear')
            ->assertSee('clear over effect')
            ->assertDontSee('silica sand');
        $this->actingAs($this->viewer)->get('/rules?q=xyzzy')->assertSee('No rule has that word');
    }
}
