<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Application\Models\Spraying;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Cache\LocalCache;
use App\Platform\Database\JoinedRead;
use App\Platform\Database\LevelLoader;
use App\Platform\Database\TableColumns;
use App\Routing\Models\LogFigure;
use App\Routing\Models\LogLine;
use App\Scheduling\Models\DayPlan;
use App\Training\Models\BoothRun;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use PHPUnit\Framework\Attributes\DataProvider;

/** Relations loaded one statement a level are what Eloquent loads one by one. */
final class LevelLoaderTest extends DemoTestCase
{
    /** @return array<string, array{class-string<Model>}> */
    public static function models(): array
    {
        $cases = [];
        foreach ([
            Part::class, Coat::class, Powder::class, Oven::class, Batch::class, Spraying::class, Inspection::class,
            OvenResult::class, OvenLoad::class, LogLine::class, LogFigure::class, Job::class, DayPlan::class,
        ] as $model) {
            $cases[class_basename($model)] = [$model];
        }

        return $cases;
    }

    /** @param  class-string<Model>  $model */
    #[DataProvider('models')]
    public function test_a_row_read_with_others_is_the_row_to_the_type_of_every_column(string $model): void
    {
        $rows = JoinedRead::rows([
            'first' => JoinedRead::by($model::query()->orderByDesc('id')) ?? self::fail('it can be read with others'),
            'other' => JoinedRead::by(Job::query()->orderBy('id')) ?? self::fail('it can be read with others'),
        ]);
        $plain = $model::query()->toBase()->orderByDesc('id')->get()->map(fn (\stdClass $row): array => (array) $row);
        self::assertSame($plain->all(), array_map(fn (\stdClass $row): array => (array) $row, $rows['first']));
        self::assertCount(Job::query()->count(), $rows['other']);
    }

    public function test_words_bytes_and_figures_come_whole(): void
    {
        $odd = "ätzt “kalt”\n\\ ' \" 🛶 </script>";
        $part = Part::query()->orderBy('id')->firstOrFail();
        $part->update(['name' => $odd, 'shapes' => [['name' => $odd]]]);
        DB::update('update parts set mass_kg = 0.30000000000000004, area_m2 = 1e-7 where id = ?', [$part->id]);
        $batch = Batch::query()->where('part_id', $part->id)->firstOrFail()->load(['part', 'marks', 'clocks']);
        self::assertSame($odd, $batch->part->name);
        self::assertSame(0.1 + 0.2, $batch->part->mass_kg);
        self::assertSame(1e-7, $batch->part->area_m2);
        self::assertSame([['name' => $odd]], $batch->part->shapes);
    }

    public function test_one_statement_a_level_however_many_relations(): void
    {
        $statements = function (callable $load): int {
            DB::flushQueryLog();
            DB::enableQueryLog();
            $load();

            return count(DB::getQueryLog());
        };
        $names = ['part.coats.powder.rows', 'part.coats.results', 'part.pins', 'part.signatures', 'part.job', 'marks'];
        self::assertSame(5, $statements(fn () => Batch::query()->with($names)->get()), 'the batches and four levels');
        $batches = Batch::query()->with($names)->get();
        self::assertSame(0, $statements(fn () => $batches->loadMissing($names)), 'nothing is missing');
        self::assertSame(1, $statements(fn () => $batches->loadMissing([...$names, 'part.bags'])));
        self::assertSame(1, $statements(fn () => Batch::query()->whereKey(0)->get()->load($names)), 'of none, none');
    }

    public function test_relations_are_the_same_as_one_by_one_and_in_their_order(): void
    {
        $names = ['parts.coats.inspections', 'parts.coats.powder.rows', 'parts.batches.marks.user', 'moves.user',
            'parts.pins.fittings.mask', 'customer'];
        $together = Job::query()->orderBy('id')->with($names)->get();
        foreach ($together as $job) {
            $alone = Job::query()->findOrFail($job->id);
            foreach ($alone->parts as $n => $part) {
                self::assertSame($part->getAttributes(), $job->parts[$n]->getAttributes());
                foreach ($part->coats as $k => $coat) {
                    $other = $job->parts[$n]->coats[$k];
                    self::assertSame($coat->powder->rows->pluck('id')->all(), $other->powder->rows->pluck('id')->all());
                    self::assertSame($coat->inspections->pluck('id')->all(), $other->inspections->pluck('id')->all());
                    $isWhole = fn (Inspection $one): bool => $one->relationLoaded('readings')
                        && $one->relationLoaded('ovenLog');
                    self::assertTrue($other->inspections->every($isWhole), 'what a relation itself loads is loaded');
                }
            }
            self::assertSame($alone->moves->pluck('id')->all(), $job->moves->pluck('id')->all());
        }
    }

    public function test_a_constraint_a_limit_and_a_missing_parent_are_kept(): void
    {
        $parts = Part::query()->with([
            'coats' => fn ($coats) => $coats->where('role', 'base'),
            'job',
        ])->get();
        self::assertSame(['base'], $parts->flatMap->coats->pluck('role')->unique()->values()->all());
        $read = LevelLoader::together([
            'last' => Job::query()->orderByDesc('id')->limit(2)->with('customer'),
            'first' => Powder::query()->orderBy('id')->limit(1)->with('rows'),
        ]);
        $last = Job::query()->orderByDesc('id')->limit(2)->pluck('id');
        self::assertSame($last->all(), $read['last']->pluck('id')->all());
        self::assertCount(1, $read['first']);
        self::assertTrue($read['last']->every(fn (Model $job): bool => $job->relationLoaded('customer')));
        $spraying = Spraying::query()->orderBy('id')->firstOrFail();
        $spraying->update(['gun_id' => null]);
        self::assertNull($spraying->refresh()->load(['gun', 'zones'])->gun);
    }

    public function test_what_cannot_be_read_with_others_is_read_alone(): void
    {
        self::assertNull(JoinedRead::by(BoothRun::query()), 'bytes are no JSON');
        self::assertNull(JoinedRead::by(Job::query()->select('id')), 'not a whole row');
        self::assertNull(JoinedRead::by(Job::query()->lockForUpdate()), 'a lock');
        self::assertNull(JoinedRead::by(Job::query()->join('parts', 'parts.job_id', '=', 'jobs.id')), 'two tables');
        self::assertNotNull(JoinedRead::by(Batch::hanging()), 'whole rows of one of several tables');
        self::assertSame([], TableColumns::of('no such table'));
    }

    public function test_a_column_that_a_migration_adds_is_read(): void
    {
        TableColumns::forget();
        self::assertArrayHasKey('mass_kg', TableColumns::of('parts'));
        self::assertSame('double', TableColumns::of('parts')['mass_kg']);
    }

    public function test_a_cache_that_cannot_be_written_costs_time_and_nothing_else(): void
    {
        config(['cache.stores.file.path' => '/dev/null/cache', 'cache.stores.file.lock_path' => '/dev/null/cache']);
        Cache::forgetDriver('file');
        TableColumns::forget();
        self::assertSame('double', TableColumns::of('parts')['mass_kg']);
        self::assertSame(7, LocalCache::remember('seven', 60, fn (): int => 7));
        $this->actingAs($this->mara)->get('/station/blast')->assertOk();
    }
}
