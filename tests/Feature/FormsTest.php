<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Catalog\Models\Mask;
use App\Curing\Models\OvenLoad;
use App\Intake\Commands\PlacePin;
use App\Intake\Models\Bag;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Preparation\Models\MaskApplication;
use App\Routing\Commands\WriteFacts;
use App\Routing\Models\LogLine;
use App\Routing\Models\StepTimer;
use App\Training\Models\PracticeRun;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Str;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * Every form of the benches: sent twice it does its work once; sent wrong it names the field, keeps what was typed and
 * changes nothing.
 */
final class FormsTest extends ShopTestCase
{
    private function part_(Station $at): Part
    {
        $part = $this->part($this->job($at), 'rail', 6.3, 0.8, 4, 'carbon_steel');
        WriteFacts::on($part, [
            'made' => 'sheet',
            'on_it' => ['rust', 'paint'],
            'features' => [],
            'paint_test' => 'none',
        ]);

        return $part->refresh();
    }

    private function pin(Part $part): Pin
    {
        return (new PlacePin())(
            $part,
            ['kind' => 'thread', 'x' => 0.5, 'y' => 0.5, 'size_mm' => 12.0, 'places' => 1],
            $this->finisher,
        );
    }

    /** How much is written down in all: nothing may be added by a form that was refused or repeated. */
    private function written(): int
    {
        return LogLine::query()->count() +
            StepTimer::query()->count() +
            Pin::query()->count() +
            Bag::query()->count() +
            MaskApplication::query()->count() +
            Mask::query()->count() +
            OvenLoad::query()->count() +
            PracticeRun::query()->count();
    }

    /** @return array<string, array{Station, string, array<string, mixed>, int}> station, path, data, lines it writes */
    public static function forms(): array
    {
        return [
            'a pin' => [
                Station::Intake,
                '/parts/{part}/pins',
                ['kind' => 'bore', 'across' => '20', 'down' => '30', 'size' => '12'],
                1,
            ],
            'a bag' => [
                Station::Intake,
                '/parts/{part}/bags',
                ['bag' => 'B1', 'holds' => 'screws', 'count' => '4'],
                1,
            ],
            'a strip clock' => [Station::Strip, '/batches/{batch}/strip-clock', ['step' => 'benzyl-1'], 1],
            'the air' => [Station::Blast, '/air', ['air' => '20', 'rh' => '50'], 1],
            'the weather station' => [Station::Blast, '/air', ['from_station' => '1'], 1],
            'a blast' => [
                Station::Blast,
                '/batches/{batch}/blasted',
                ['minutes' => '12', 'kind' => 'blast', 'media' => 'garnet'],
                4,
            ],
            'a medium' => [Station::Blast, '/media-log', ['medium' => 'garnet', 'what' => 'new', 'kg' => '50'], 1],
            'a bake-out' => [
                Station::BakeOut,
                '/bake-outs',
                ['oven' => '{oven}', 'lots' => ['{batch}' => ['hang' => '1', 'count' => '2']]],
                1,
            ],
            'a wash clock' => [Station::Wash, '/batches/{batch}/wash-clock', ['step' => 'wipe'], 1],
            'a bath' => [Station::Wash, '/bath-log', ['bath' => 'rinse', 'conductivity_us' => '120'], 1],
            'a mask on the shelf' => [
                Station::MaskAndHang,
                '/masks',
                [
                    'name' => 'plug',
                    'kind' => 'plug',
                    'material' => 'silicone',
                    'from' => '10',
                    'to' => '14',
                    'held' => '9',
                ],
                1,
            ],
            'a ground' => [Station::MaskAndHang, '/batches/{batch}/ground', ['ohm' => '12', 'unit' => '1'], 1],
            'a practice move' => [Station::Blast, '/practice/mixture/move', ['move' => 'more_media'], 1],
        ];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('forms')]
    public function test_sent_twice_it_does_its_work_once(Station $at, string $path, array $data, int $lines): void
    {
        $part = $this->part_($at);
        if ($path === '/batches/{batch}/strip-clock') {
            $part->update(['strip_way' => 'benzyl']);
        }
        $lot = (string) $this->batch($part)->id;
        $names = ['{oven}' => (string) $this->oven->id, '{part}' => (string) $part->id, '{batch}' => $lot];
        $data = json_decode(strtr((string) json_encode($data), $names), true) + ['_once' => (string) Str::uuid()];
        $path = strtr($path, $names);
        $before = $this->written();
        foreach (range(1, 3) as $time) {
            $this->actingAs($this->finisher)->post($path, $data)->assertRedirect()->assertSessionHasNoErrors();
            self::assertSame($before + $lines, $this->written(), "sent {$time} times");
        }
        // A viewer cannot, however often.
        $this->actingAs($this->viewer)
            ->post($path, ['_once' => (string) Str::uuid()] + $data)
            ->assertForbidden();
        self::assertSame($before + $lines, $this->written());
    }

    /**
     * @return array<string, array{string, array<string, mixed>, string, string}> path, data, the field that is wrong, a
     *      word of what is said
     */
    public static function mistakes(): array
    {
        $pin = ['kind' => 'bore', 'across' => '20', 'down' => '30'];
        $hang = [
            'across' => '2',
            'rows' => '1',
            'hooks' => '1',
            'pitch' => '400',
            'drop' => '400',
            'along' => '100',
            'up' => '300',
            'deep' => '50',
        ];

        return [
            'pin off the picture' => ['/parts/{part}/pins', ['down' => '-1'] + $pin, 'down', 'from the top'],
            'pin of no kind' => ['/parts/{part}/pins', ['kind' => 'wormhole'] + $pin, 'kind', ''],
            'pin of a size that is no size' => [
                '/parts/{part}/pins',
                ['size' => '12 bananas'] + $pin,
                'size',
                'mm',
            ],
            'pin as a list' => ['/parts/{part}/pins', ['note' => ['a', 'b']] + $pin, 'note', 'is a list'],
            'bag without a count' => [
                '/parts/{part}/bags',
                ['bag' => 'B', 'holds' => 'x', 'count' => '1.5'],
                'count',
                '1 to 10000',
            ],
            'blast of no minutes' => [
                '/batches/{batch}/blasted',
                ['minutes' => 'long', 'kind' => 'blast'],
                'minutes',
                'above 0',
            ],
            'blast with a medium nobody has' => [
                '/batches/{batch}/blasted',
                ['minutes' => '5', 'kind' => 'blast', 'media' => 'ice'],
                'media',
                '',
            ],
            'blast harder than any pot' => [
                '/batches/{batch}/blasted',
                ['minutes' => '5', 'kind' => 'blast', 'bar' => '300 psi'],
                'bar',
                '12 bar',
            ],
            'blast of another kind' => ['/batches/{batch}/blasted', ['minutes' => '5', 'kind' => 'wash'], 'kind', ''],
            'air hotter than a shop' => ['/air', ['air' => '200 F', 'rh' => '50'], 'air', '60'],
            'humidity over all' => ['/air', ['air' => '20', 'rh' => '101'], 'rh', '1 to 100'],
            'medium in no weight' => [
                '/media-log',
                ['medium' => 'garnet', 'what' => 'new', 'kg' => '-5'],
                'kg',
                '',
            ],
            'bath with pH of soup' => ['/bath-log', ['bath' => 'iron_phosphate', 'ph' => 'sour'], 'ph', ''],
            'bath of less than nothing' => [
                '/bath-log',
                ['bath' => 'iron_phosphate', 'concentration_pct' => '-1'],
                'concentration_pct',
                '',
            ],
            'bath in no tank' => [
                '/bath-log',
                ['bath' => 'iron_phosphate', 'ph' => '5', 'volume_l' => '0'],
                'volume_l',
                '',
            ],
            'rack of no rows' => ['/batches/{batch}/hang', ['rows' => '0'] + $hang, 'rows', ''],
            'rack of a part without depth' => ['/batches/{batch}/hang', ['deep' => '0 mm'] + $hang, 'deep', ''],
            'rack that is not measured' => ['/batches/{batch}/hang', ['pitch' => ''] + $hang, 'pitch', ''],
            'ground below nought' => ['/batches/{batch}/ground', ['ohm' => '-1', 'unit' => '1'], 'ohm', '0 or more'],
            'ground in furlongs' => ['/batches/{batch}/ground', ['ohm' => '1', 'unit' => '7'], 'unit', ''],
            'mask that seals backwards' => [
                '/masks',
                [
                    'name' => 'p',
                    'kind' => 'plug',
                    'material' => 'silicone',
                    'from' => '14',
                    'to' => '10',
                    'held' => '1',
                ],
                'to',
                'smaller',
            ],
            'mask hotter than fire' => [
                '/masks',
                [
                    'name' => 'p',
                    'kind' => 'plug',
                    'material' => 'silicone',
                    'from' => '10',
                    'held' => '1',
                    'rated' => '900',
                ],
                'rated',
                '400',
            ],
            'bake-out in no oven' => [
                '/bake-outs',
                ['oven' => '999', 'lots' => ['1' => ['hang' => '1', 'count' => '1']]],
                'oven',
                '',
            ],
            'bake-out of words' => [
                '/bake-outs',
                ['oven' => '1', 'lots' => 'all of them'],
                'lots',
                'is one value',
            ],
            'clock for no step' => ['/batches/{batch}/strip-clock', ['step' => 'nap'], 'step', 'not one of'],
            'move of another game' => ['/practice/mixture/move', ['move' => 'castle'], 'move', ''],
            'mesh in miles' => ['/parts/{part}/mesh', ['unit' => 'mile'], 'unit', ''],
        ];
    }

    /** @param  array<string, mixed>  $data */
    #[DataProvider('mistakes')]
    public function test_sent_wrong_it_names_the_field_and_keeps_what_was_typed(
        string $path,
        array $data,
        string $field,
        string $says,
    ): void {
        $part = $this->part_(Station::Blast);
        $before = $this->written();
        $this->from('/station/blast')
            ->actingAs($this->finisher)
            ->post($this->filled($path, $part), $data + ['_once' => (string) Str::uuid()])
            ->assertRedirect()
            ->assertSessionHasErrors($field);
        self::assertStringContainsString($says, session('errors')->first($field));
        foreach (
            array_filter(
                $data,
                fn (mixed $typed): bool => is_string($typed) && ! in_array($typed, ['', 'all of them'], true),
            ) as $name => $typed
        ) {
            self::assertSame($typed, session()->getOldInput($name), 'what was typed stays');
        }
        self::assertSame($before, $this->written());
        // The page it goes back to still opens, with the mistake on it.
        $this->get("/station/blast?part={$part->id}")->assertOk();
    }

    private function filled(string $path, Part $part): string
    {
        return strtr($path, ['{part}' => (string) $part->id, '{batch}' => (string) $this->batch($part)->id]);
    }

    /** Whatever comes where a value belongs, an answer goes out: no route falls over. */
    public function test_nothing_that_is_sent_brings_a_page_down(): void
    {
        $part = $this->part_(Station::Intake);
        $this->pin($part);
        $bake = $this->hang($this->part($this->job(), 'arm'));
        $names = [
            'q',
            'part',
            'picture',
            'bath',
            'load',
            'for',
            'job',
            'kind',
            'severity',
            'at',
            'how',
            'name',
            'note',
            'minutes',
            'media',
            'bar',
            'air',
            'rh',
            'step',
            'way',
            'mask',
            'fitted',
            'across',
            'down',
            'size',
            'oven',
            'parts',
            'lots',
            'lot',
            'batch_id',
            'undone',
            'pieces',
            'each',
            'into',
            'scrapped',
            'why',
            'coat',
            'powder_lot',
            'sections',
            'coats',
            'rows',
            'items',
            'house',
            'box',
            'on_it',
            'title',
            'customer',
            'due_on',
            'to',
            'seen_at',
            'then',
            'setpoint',
            'shape',
            'unit',
            'count',
            'back',
            'rule',
            'from',
            'email',
            'role',
            'timezone',
            'begins',
            'simulated',
            'metal',
            'magnet',
            'water',
        ];
        $routes = array_filter(
            Route::getRoutes()->getRoutes(),
            fn ($route): bool => in_array('auth', $route->gatherMiddleware(), true) &&
                ! str_contains($route->uri(), 'sign-out') &&
                ! str_contains($route->uri(), 'people'),
        );
        self::assertGreaterThan(80, count($routes));
        foreach (
            [
                fn (string $name): mixed => [$name => ['x' => ['y']]],
                fn (string $name): mixed => "\u{202E}0x1F' OR 1=1 --",
                fn (string $name): mixed => str_repeat('9', 400),
                fn (string $name): mixed => ['', null, '-0', 'NaN'],
            ] as $make
        ) {
            $data = array_combine($names, array_map($make, $names));
            foreach ($routes as $route) {
                $path =
                    '/'.
                    strtr($route->uri(), [
                        '{job}' => (string) $part->job_id,
                        '{item}' => '1',
                        '{batch}' => (string) $this->batch($part)->id,
                        '{part}' => (string) $part->id,
                        '{bake}' => (string) $bake->id,
                        '{coat}' => (string) $this->coat($part)->id,
                        '{powder}' => (string) $this->green->id,
                        '{oven}' => (string) $this->oven->id,
                        '{pin}' => (string) Pin::query()->firstOrFail()->id,
                        '{station}' => 'intake',
                        '{exercise}' => 'mixture',
                        '{drill}' => 'edges',
                        '{at}' => '0',
                        '{signature}' => '1',
                        '{reading}' => '1',
                        '{event}' => '1',
                        '{picture}' => '1',
                        '{bag}' => '1',
                        '{clock}' => '1',
                        '{log}' => '1',
                        '{entry}' => '1',
                        '{bakeOut}' => '1',
                        '{fitting}' => '1',
                        '{mask}' => '1',
                    ]);
                $status = $this->actingAs($this->owner)->call($route->methods()[0], $path, $data)->getStatusCode();
                self::assertLessThan(
                    500,
                    $status,
                    "{$route->methods()[0]} {$path}: ".json_encode(array_slice($data, 0, 1), JSON_THROW_ON_ERROR),
                );
            }
        }
    }

    public function test_a_closed_job_takes_nothing_more(): void
    {
        $part = $this->part_(Station::Release);
        $pin = $this->pin($part);
        $bag = Bag::query()->create([
            'part_id' => $part->id,
            'name' => 'B',
            'holds' => 'x',
            'count' => 2,
            'user_id' => $this->owner->id,
            'at' => $this->now,
        ]);
        $fitting = MaskApplication::query()->create([
            'pin_id' => $pin->id,
            'fitted' => 4,
            'user_id' => $this->owner->id,
            'at' => $this->now,
        ]);
        $part->job->update(['status' => 'released']);
        $before = $this->written();
        foreach (
            [
                "/parts/{$part->id}/pins" => ['kind' => 'bore', 'across' => '1', 'down' => '1'],
                "/pins/{$pin->id}/withdraw" => [],
                "/pins/{$pin->id}/fit" => ['fitted' => '1'],
                "/pins/{$pin->id}/bare" => ['name' => 'x'],
                "/parts/{$part->id}/bags" => ['bag' => 'B', 'holds' => 'x', 'count' => '1'],
                "/bags/{$bag->id}/count" => ['back' => '2'],
                "/bags/{$bag->id}/withdraw" => [],
                "/mask-applications/{$fitting->id}/off" => ['removed' => '4'],
                "/mask-applications/{$fitting->id}/withdraw" => [],
                "/parts/{$part->id}/mesh/drop" => [],
                "/batches/{$this->batch($part)->id}/hang" => [
                    'across' => '1',
                    'rows' => '1',
                    'hooks' => '1',
                    'pitch' => '1',
                    'drop' => '1',
                    'along' => '1',
                    'up' => '1',
                    'deep' => '1',
                ],
            ] as $path => $data
        ) {
            $this->send($path, $data)->assertSessionHasErrors('job');
        }
        self::assertSame($before, $this->written());
        self::assertNull($fitting->refresh()->removed);
        self::assertNull($bag->refresh()->counted_back);
    }
}
