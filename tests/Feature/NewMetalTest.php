<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Materials\HeatCapacity;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\Station;
use Aenum\Core\Units\UnitSystem;
use App\Curing\Models\OvenLoad;
use App\Intake\Models\Part;
use App\Routing\Queries\PartRoute;
use PHPUnit\Framework\Attributes\DataProvider;

/** One record in the registry is all a new metal takes: it is entered, routed, judged, baked and released. */
final class NewMetalTest extends ShopTestCase
{
    /** @return array<string, array{MetalFamily}> */
    public static function families(): array
    {
        $families = array_filter(
            MetalFamily::cases(),
            fn (MetalFamily $family): bool => $family !== MetalFamily::Unknown,
        );

        return array_column(
            array_map(fn (MetalFamily $family): array => [$family->name, [$family]], $families),
            1,
            0,
        );
    }

    #[DataProvider('families')]
    public function test_a_metal_added_to_the_registry_walks_every_station(MetalFamily $family): void
    {
        MetalCatalog::including(self::bellMetal($family), function (): void {
            $job = $this->job();
            $this->send("/jobs/{$job->id}/parts", [
                'name' => 'ship bell', 'count' => '2', 'metal' => 'bell_metal', 'mass_kg' => '4', 'area_m2' => '0.2',
                'view_factor' => '0.8',
                'coats' => [['role' => 'base', 'powder_id' => $this->green->id, 'bake_to' => 'full']],
            ])->assertSessionHasNoErrors();
            $part = Part::query()->where('metal', 'bell_metal')->firstOrFail();
            self::assertSame('Bell metal', $part->metalKind()->name);
            $said = RuleBook::judge(PartRoute::of($part)->plan(), ...Checkpoint::cases());
            foreach ($said as $finding) {
                self::assertNotSame('', $finding->words()->in(UnitSystem::Us));
            }
            foreach (Station::cases() as $station) {
                $this->hangAt($job, $station);
                $bench = "/station/{$station->value}";
                foreach ([$bench, "{$bench}?part={$part->id}", "/jobs/{$job->id}"] as $page) {
                    $answer = $this->actingAs($this->owner)->get($page);
                    self::assertSame(200, $answer->getStatusCode(), "{$station->value}: {$page}");
                }
            }
            $this->hangAt($job, Station::Cure);
            foreach (['edit', 'route', 'bench', 'pins', 'agreement'] as $page) {
                $this->actingAs($this->owner)->get("/parts/{$part->id}/{$page}")->assertOk();
            }
            $this->get("/parts/{$part->id}/edit")->assertSee('Bell metal');
            $load = $this->hang($part->refresh());
            $this->actingAs($this->owner)->get("/bakes/{$load->id}")->assertOk()->assertSee('Ship bell decides');
            self::assertSame(1, OvenLoad::query()->count());
        });
    }

    private static function bellMetal(MetalFamily $family): Metal
    {
        return new Metal(
            key: 'bell_metal',
            name: 'Bell metal',
            family: $family,
            heatCapacity: HeatCapacity::polynomial([370.0]),
            conductivityWPerMK: 50.0,
            densityKgPerM3: 8600.0,
            bareEmissivity: 0.4,
            softness: 1.1,
            alwaysCast: true,
            holdsZinc: false,
            bakeWarnC: null,
            bakeStopC: null,
            answers: [],
            sources: array_fill_keys(Metal::FIGURES, 'made up for this test'),
        );
    }
}
