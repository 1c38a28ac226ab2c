<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\Shop;
use App\Intake\Commands\PartShapes;
use App\Intake\Models\Part;
use App\Intake\ViewModels\PartDrawing;
use App\Platform\Presentation\QrCode;
use App\Routing\Commands\WriteFacts;
use Illuminate\Http\UploadedFile;

final class PartBenchTest extends ShopTestCase
{
    private function part_(): Part
    {
        return $this->part($this->job(Station::Intake), 'railing', 6.3, 0.8, 4, 'carbon_steel');
    }

    public function test_a_part_is_built_drawn_and_weighed(): void
    {
        $part = $this->part_();
        $this->actingAs($this->finisher)
            ->get("/parts/{$part->id}/bench")
            ->assertOk()
            ->assertSee('Nothing is built yet');
        $this->send("/parts/{$part->id}/shapes", [
            'shape' => 'bar_flat',
            'count' => 2,
            'width_mm' => '40',
            'thickness_mm' => '1/4 in',
            'length_mm' => '0.9 m',
        ])->assertSessionHasNoErrors();
        $this->send("/parts/{$part->id}/shapes", [
            'shape' => 'tube_round',
            'count' => 3,
            'od_mm' => '30',
            'wall_mm' => '2',
            'length_mm' => '500',
            'inside_coated' => '1',
            'hole_mm' => '8',
            'hole_count' => '2',
        ])->assertSessionHasNoErrors();
        $this->send("/parts/{$part->id}/shapes", [
            'shape' => 'sheet_folded',
            'count' => 1,
            'length_mm' => '400',
            'legs_mm' => '30 80 30',
            'thickness_mm' => '1.5',
        ])->assertSessionHasNoErrors();
        $built = PartShapes::of($part->refresh());
        self::assertEqualsWithDelta(7850 * 2 * 0.04 * 0.00635 * 0.9, $built->pieces[0]['massKg'] * 2, 1e-6);
        self::assertSame(6.35, $built->thickestMm());
        $page = $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertOk();
        $page->assertSee('2 × flat bar')->assertSee('class="part-drawing"', false)->assertSee('to coat');
        $this->send("/parts/{$part->id}/shapes/take")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($built->massKg(), $part->refresh()->mass_kg, 1e-3);
        $this->send("/parts/{$part->id}/shapes/1/drop");
        self::assertCount(2, $part->refresh()->shapes);
        $other = $this->part_();
        $this->send("/parts/{$other->id}/shapes/copy", ['from' => $part->id])->assertSessionHasNoErrors();
        self::assertCount(2, $other->refresh()->shapes);
    }

    public function test_every_shape_can_be_drawn(): void
    {
        $measures = [
            'length_mm' => 500,
            'legs_mm' => '40 60',
            'thickness_mm' => 3,
            'width_mm' => 80,
            'height_mm' => 60,
            'wall_mm' => 3,
            'od_mm' => 60,
            'id_mm' => 30,
            'diameter_mm' => 40,
            'side_mm' => 20,
            'leg_a_mm' => 40,
            'leg_b_mm' => 30,
            'open_share' => 0.3,
            'mass_kg' => 12,
        ];
        $part = $this->part_();
        foreach (array_slice(ShapeKind::cases(), 0, 12) as $kind) {
            $this->send(
                "/parts/{$part->id}/shapes",
                ['shape' => $kind->value, 'count' => 1] +
                    array_intersect_key($measures, array_flip($kind->needs())),
            )->assertSessionHasNoErrors();
        }
        $this->send("/parts/{$part->id}/shapes", [
            'shape' => 'sphere',
            'count' => 1,
            'diameter_mm' => 40,
        ])->assertSessionHasErrors('shape');
        self::assertCount(12, PartDrawing::of(PartShapes::of($part->refresh()))?->pieces() ?? []);
        $html = (string) $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertOk()
            ->getContent();
        self::assertStringNotContainsString('NAN', $html);
    }

    public function test_weighed_and_built_apart_is_said_with_the_likely_reasons(): void
    {
        $part = $this->part_();
        $add = fn (float $length) => PartShapes::of(
            tap($part)->update([
                'shapes' => [['shape' => 'bar_round', 'count' => 1, 'diameter_mm' => 20, 'length_mm' => $length]],
            ]),
        )->gap();
        $kgPerMm = (((7850 * M_PI) / 4) * 0.02 ** 2) / 1000;
        self::assertNull($add(6.3 / $kgPerMm));
        self::assertStringContainsString('more than the shapes', (string) $add(4 / $kgPerMm));
        self::assertStringContainsString('less than the shapes', (string) $add(9 / $kgPerMm));
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertSee('Weighed and built are apart');
    }

    public function test_measures_that_cannot_be_are_refused_and_stay_typed(): void
    {
        $part = $this->part_();
        $tube = ['shape' => 'tube_round', 'count' => 1, 'od_mm' => '10', 'wall_mm' => '6', 'length_mm' => '5'];
        $this->send("/parts/{$part->id}/shapes", $tube)->assertSessionHasErrors('wall_mm');
        self::assertSame('6', session()->getOldInput('wall_mm'));
        $this->send("/parts/{$part->id}/shapes", ['wall_mm' => ''] + $tube)->assertSessionHasErrors('wall_mm');
        $this->send("/parts/{$part->id}/shapes", ['wall_mm' => 'thin'] + $tube)->assertSessionHasErrors('wall_mm');
        $this->send("/parts/{$part->id}/shapes", ['shape' => 'teapot'] + $tube)->assertSessionHasErrors('shape');
        $this->send("/parts/{$part->id}/shapes/take")->assertSessionHasErrors('shape');
        self::assertNull($part->refresh()->shapes);
    }

    public function test_the_card_says_what_the_route_says_and_opens_the_job(): void
    {
        $job = $this->job(Station::Blast);
        $this->part($job, 'lantern body', 6.2, 0.62, 2, 'cast_aluminium');
        $card = $this->actingAs($this->viewer)
            ->get("/jobs/{$job->id}/card")
            ->assertOk();
        $card
            ->assertSee('2 × lantern body')
            ->assertSee('Bake out')
            ->assertSee('210 °C')
            ->assertSee('aria-label="Opens job '.$job->number.'"', false)
            ->assertSee('dead-man');
        $code = QrCode::of(url("/jobs/{$job->id}"));
        self::assertGreaterThanOrEqual(21, $code->size);
        self::assertSame(1, (($code->size - 17) % 4) + 1);
        // The three finders: a dark ring of seven round a light one.
        foreach ([[0, 0], [$code->size - 7, 0], [0, $code->size - 7]] as [$x, $y]) {
            self::assertStringContainsString("M{$x} {$y}h1v1h-1z", $code->path);
            self::assertStringNotContainsString('M'.($x + 1).' '.($y + 1).'h1v1h-1z', $code->path);
        }
    }

    public function test_a_mesh_is_read_drawn_and_can_make_the_part_s_figures(): void
    {
        $part = $this->part_();
        $tetra = "v 0 0 0\nv 100 0 0\nv 0 100 0\nv 0 0 100\nf 1 3 2\nf 1 2 4\nf 2 3 4\nf 3 1 4\n";
        $send = fn (string $bytes, string $name, string $unit = 'mm') => $this->actingAs($this->finisher)->post(
            "/parts/{$part->id}/mesh",
            ['mesh' => UploadedFile::fake()->createWithContent($name, $bytes), 'unit' => $unit],
        );
        $send($tetra, 'finial.obj')->assertSessionHasNoErrors();
        $kg = (7850 * 0.001) / 6;
        self::assertEqualsWithDelta($kg, PartShapes::of($part->refresh())->massKg(), 1e-9);
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertOk()
            ->assertSee('4 triangles')
            ->assertSee('finial.obj')
            ->assertSee('class="mesh mesh-light"', false)
            ->assertDontSee('has no volume');
        $facets = $this->actingAs($this->viewer)->get("/parts/{$part->id}/facets")->assertOk();
        self::assertSame(4 * 18, strlen((string) $facets->getContent()));
        $like = $this->part($this->job(), 'finial like it', 1, 0.1, 1, 'carbon_steel');
        $this->send("/parts/{$like->id}/shapes/copy", ['from' => $part->id])->assertSessionHasNoErrors();
        $copied = $this->actingAs($this->viewer)->get("/parts/{$like->id}/facets");
        self::assertSame($facets->getContent(), $copied->getContent());
        $this->send("/parts/{$part->id}/shapes/take")->assertSessionHasNoErrors();
        self::assertEqualsWithDelta($kg, $part->refresh()->mass_kg, 1e-3);
        $this->get("/parts/{$part->id}/pins")
            ->assertOk()
            ->assertSee('class="mesh-picture"', false)
            ->assertDontSee('a blank sheet');
        $open = substr($tetra, 0, (int) strrpos(rtrim($tetra), "\n") + 1);
        $send($open, 'open.OBJ')->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertSee('The mesh is open');
        foreach (
            [
                ['', 'empty.stl'],
                ["solid x\nfacet\n", 'cut.stl'],
                ['v 1 2', 'short.obj'],
                [$tetra, 'part.step'],
                ["v 0 0 0\nf 1 2 9\n", 'far.obj'],
            ] as [$bytes, $name]
        ) {
            $send($bytes, $name)->assertSessionHasErrors('mesh');
        }
        $send($tetra, 'x.obj', 'mile')->assertSessionHasErrors('unit');
        self::assertSame('open.OBJ', $part->refresh()->mesh['name'], 'a refused file leaves the one before');
        $this->send("/parts/{$part->id}/mesh/drop");
        self::assertNull($part->refresh()->mesh);
    }

    public function test_it_says_whether_the_part_fits_and_what_was_learned_last_time(): void
    {
        Shop::current()->update([
            'rail_kg' => 100,
            'hook_kg' => 5,
            'booth_wide_mm' => 500,
            'booth_high_mm' => 500,
            'booth_deep_mm' => 500,
        ]);
        $old = $this->part($this->job(), 'railing', 6.3, 0.8, 2, 'carbon_steel');
        $this->bakeFor($this->hang($old), 40);
        $part = $this->part_();
        WriteFacts::on($part, ['box_mm' => [900, 450, 60]]);
        $page = $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/bench")
            ->assertOk();
        $page
            ->assertSee('Carries 100 kg; all 4 weigh 25 kg')
            ->assertSee('One piece is 6.3 kg, the hook carries 5 kg')
            ->assertSee('No. ')
            ->assertSee("Last time: <a href=\"/jobs/{$old->job_id}\"", false)
            ->assertSee('pulled after 40 min');
    }

    public function test_the_parts_the_shop_knows_are_found_and_built_again(): void
    {
        $old = $this->part($this->job(), 'pier lamp', 6.3, 0.8, 2, 'carbon_steel');
        $old->update([
            'shapes' => [['shape' => 'bar_round', 'count' => 1, 'diameter_mm' => 20, 'length_mm' => 400]],
        ]);
        $this->bakeFor($this->hang($old), 40);
        $new = $this->part_();
        $this->actingAs($this->finisher)
            ->get("/library?for={$new->id}")
            ->assertOk()
            ->assertSee('pier lamp')
            ->assertSee('pulled after 40 min')
            ->assertSee('Build it like this');
        $this->get('/library?q=100%25')->assertOk()->assertSee('No part has that word');
        $this->get('/library?q=lamp')->assertSee('pier lamp');
        $this->send("/parts/{$new->id}/shapes/copy", ['from' => $old->id])->assertSessionHasNoErrors();
        self::assertEquals($old->shapes, $new->refresh()->shapes);
    }

    public function test_the_counter_says_cost_coats_and_what_is_agreed(): void
    {
        Shop::current()->update(['price_hour' => 60, 'price_powder_kg' => 12, 'price_media_kg' => 1]);
        $job = $this->job(Station::Intake);
        $part = $this->part($job, 'railing', 6.3, 0.8, 4, 'carbon_steel');
        WriteFacts::on($part, ['made' => 'welded', 'on_it' => ['rust', 'plating'], 'features' => []]);
        $job->update(['lives' => 'outdoors']);
        $page = $this->actingAs($this->finisher)
            ->get("/parts/{$part->id}/route")
            ->assertOk();
        $page
            ->assertSee('CHF')
            ->assertSee('first idea of cost for 4')
            ->assertSee('Zinc-rich primer')
            ->assertSee('not planned.')
            ->assertSee('Pits the rust has eaten');
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/agreement")
            ->assertOk()
            ->assertSee('What is not promised')
            ->assertSee('Adhesion over old plating.')
            ->assertSee('sign-line', false);
        $this->send("/parts/{$part->id}/signatures", [
            'rule' => 'plating-adhesion',
            'name' => 'A. Holder',
        ])->assertSessionHasNoErrors();
        $this->actingAs($this->viewer)
            ->get("/parts/{$part->id}/agreement")
            ->assertSee('Signed A. Holder');
    }

    public function test_the_metal_is_found_by_questions(): void
    {
        $this->actingAs($this->viewer)
            ->get('/metal')
            ->assertOk()
            ->assertSee('12 possible metals')
            ->assertSee('Ask this next');
        $this->get('/metal?magnet=slips&weight=light&body=rolled')
            ->assertSee('2 possible metals')
            ->assertSee('Magnesium burns');
        $this->get('/metal?magnet=slips&weight=light&body=rolled&vinegar=quiet')
            ->assertSee('Aluminium')
            ->assertDontSee('possible metals');
        $this->get('/metal?magnet=holds&colour=red')->assertSee('Nothing fits');
        $this->get('/metal?air=1 kg&water=2 kg')->assertOk()->assertSee('allowed: 0 to');
        $this->get('/metal?magnet[]=x&air=soup&water=2')->assertOk();
    }
}
