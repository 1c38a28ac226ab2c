<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Catalog\Models\Powder;
use App\Curing\Commands\LoadCure;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenLoad;
use App\Inspection\Commands\InspectionChecklist;
use App\Intake\Commands\SaveJob;
use App\Intake\Commands\SavePart;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\RoutingProgress;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\RefreshDatabase;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Str;
use Illuminate\Testing\TestResponse;
use Tests\Core\Loads;

/** A small shop on an empty database, and the few things every test does in it. */
abstract class ShopTestCase extends AppTestCase
{
    use RefreshDatabase;

    protected User $owner;

    protected User $finisher;

    protected User $viewer;

    protected Oven $oven;

    /** @var array<int, Station> where the parts of a job are hung, by its id */
    private array $hangs = [];

    protected Powder $green;

    protected CarbonImmutable $now;

    protected function beforeRefreshingDatabase(): void
    {
        TestDatabase::make(config('database.connections.mariadb.database'));
    }

    protected function usualSender(): User
    {
        return $this->finisher;
    }

    protected function setUp(): void
    {
        parent::setUp();
        $this->now = CarbonImmutable::parse('2026-11-23 09:00:00', 'UTC');
        CarbonImmutable::setTestNow($this->now);
        // Planned as the reference cases are, unless a test says otherwise.
        Shop::query()->create([
            'prefer' => 'shortest',
            'reads_door_open' => false,
            'set_up_at' => $this->now,
            'id' => 1,
            'name' => 'Test works',
            'timezone' => 'Europe/Zurich',
            'currency' => 'CHF',
            'kwh_price' => 0.27,
            'ambient_c' => 20,
        ]);
        foreach (['owner', 'finisher', 'viewer'] as $role) {
            $this->$role = User::query()
                ->create([
                    'name' => ucfirst($role),
                    'email' => "{$role}@works.example",
                    'password' => 'a-long-password',
                    'role' => $role,
                    'unit_system' => 'metric',
                    'theme' => 'light',
                ])
                ->refresh();
        }
        $this->oven = Oven::query()->create(
            ['name' => 'Long oven', 'max_c' => 230] + Oven::figuresOf(Loads::oven()),
        );
        $this->green = $this->powder('Promenade green', [[180, 18, 60], [190, 12, 40], [200, 8, 28]]);
    }

    /** @param  list<array{float, float, ?float}>  $rows */
    protected function powder(string $name, array $rows, bool $solventProof = true): Powder
    {
        $powder = Powder::query()->create([
            'name' => $name,
            'chemistry' => 'polyester',
            'colour' => '#1f4a3d',
            'specific_gravity' => 1.55,
            'film_min_um' => 60,
            'film_max_um' => 90,
            'flow_c' => 120,
            'flow_minutes' => 3,
            'solvent_proof' => $solventProof,
        ]);
        $powder
            ->rows()
            ->createMany(
                array_map(
                    fn (array $r): array => ['pmt_c' => $r[0], 'min_minutes' => $r[1], 'max_minutes' => $r[2]],
                    $rows,
                ),
            );

        return $powder;
    }

    protected function job(Station $at = Station::Cure, string $title = 'Bench ends'): Job
    {
        $job = (new SaveJob())(null, $this->owner, [
            'customer' => 'Parks and gardens',
            'title' => $title,
            'due_on' => '2026-12-01',
            'notes' => null,
        ]);
        $this->hangs[$job->id] = $at;

        return $job->refresh();
    }

    /** @param  list<array{string, Powder, string}>  $coats role, powder, bake to */
    protected function part(
        Job $job,
        string $name = 'bench end',
        float $mass = 24,
        float $area = 1.15,
        int $count = 2,
        string $metal = 'cast_iron',
        ?array $coats = null,
        array $sections = [],
    ): Part {
        $part = (new SavePart())($job, null, [
            'name' => $name,
            'count' => $count,
            'metal' => $metal,
            'mass_kg' => $mass,
            'area_m2' => $area,
            'wall_mm' => null,
            'view_factor' => 0.8,
            'sections' => $sections,
            'coats' => array_map(
                fn (array $c): array => ['role' => $c[0], 'powder_id' => $c[1]->id, 'bake_to' => $c[2]],
                $coats ?? [['base', $this->green, 'full']],
            ),
        ])->refresh();
        $this->hangAt($part, $this->hangs[$job->id] ?? Station::Intake);

        return $part->refresh();
    }

    /** The first lot of a part, or of a job's first part. */
    protected function batch(Part|Job $of): Batch
    {
        return Batch::query()->whereIn('part_id', $of instanceof Part ? [$of->id] : $of->parts()->pluck('id'))
            ->orderBy('id')->firstOrFail();
    }

    /** Hangs every lot at a station, what lies before it said to be not needed; past Coat the first coat is on. */
    protected function hangAt(Part|Job $of, Station $at): void
    {
        $parts = $of instanceof Part ? [$of->id] : $of->parts()->pluck('id');
        foreach (Batch::query()->whereIn('part_id', $parts)->get() as $batch) {
            $batch->update(['station' => $at]);
            if ($at->isAfter(Station::Coat)) {
                CompleteStep::logged($batch, $this->finisher, 1, StepKind::Coat);
            }
            $this->excuse($batch->fill(['station' => Station::Intake]), $at);
        }
    }

    /** Powder is on for a coat. */
    protected function coated(Part $part, int $position = 1): Batch
    {
        CompleteStep::logged($this->batch($part), $this->finisher, $position, StepKind::Coat);

        return $this->batch($part);
    }

    /** @return array<int, array{hang: string, count: string}> a form that hangs all pieces of these parts */
    protected function allOf(Part ...$parts): array
    {
        $batches = [];
        foreach ($parts as $part) {
            $batch = $this->batch($part);
            $batches[$batch->id] = ['hang' => '1', 'count' => (string) $batch->count];
        }

        return $batches;
    }

    /** What stands between a lot and a station, or everything but handing over, is said to be not needed. */
    protected function excuse(Batch $batch, Station $to, StepOutcome $as = StepOutcome::NotNeeded): Batch
    {
        $walk = RoutingProgress::of(Batch::query()->findOrFail($batch->id))->walk;
        foreach ($walk->passed($batch->station, $to) as $n) {
            $key = $walk->keys[$n]->text();
            CompleteStep::told($batch, $this->finisher, $key, $as, why: 'not asked in this test');
        }

        return Batch::query()->findOrFail($batch->id);
    }

    /** Every look of the station it hangs at is ticked. */
    protected function look(Batch $batch): Batch
    {
        foreach (
            InspectionChecklist::of(
                RoutingProgress::of(Batch::query()->findOrFail($batch->id)),
            )->at($batch->station) as $line
        ) {
            InspectionChecklist::tick($batch, $line->what, $line->pin, 'J. Tellmark', $this->finisher);
        }

        return Batch::query()->findOrFail($batch->id);
    }

    protected function coat(Part $part, int $position = 1): Coat
    {
        return $part->coats()->where('position', $position)->firstOrFail();
    }

    protected function hang(Part ...$parts): OvenLoad
    {
        $counts = [];
        foreach ($parts as $part) {
            $batch = $this->batch($part);
            $due = RoutingProgress::of($batch)->coatDue();
            CompleteStep::logged($batch, $this->finisher, $due?->position, StepKind::Coat);
            $counts[$batch->id] = $batch->count;
        }

        return (new LoadCure())($this->oven, $counts, $this->finisher)->refresh();
    }

    /** Shuts the door on a load now and pulls it so many minutes later. */
    protected function bakeFor(OvenLoad $bake, float $minutes): OvenLoad
    {
        (new RunOven())->shut($bake, $this->finisher);
        $this->later($minutes);
        (new RunOven())->pull($bake->refresh(), $this->finisher);

        return $bake->refresh();
    }

    /** What came out of the oven stands until it is cold. */
    protected function cooled(): void
    {
        $this->later(150);
    }

    protected function later(float $minutes): void
    {
        CarbonImmutable::setTestNow(CarbonImmutable::now()->addMilliseconds((int) (60000 * $minutes)));
    }

    /** @param  array<string, mixed>  $data */
    protected function sendCsv(string $path, string $csv, array $data): TestResponse
    {
        $answer = $this->actingAs($this->finisher)->call(
            'POST',
            $path,
            $data + ['_once' => (string) Str::uuid()],
            [],
            ['file' => UploadedFile::fake()->createWithContent('gauge.csv', $csv)],
        );
        self::assertNotSame(500, $answer->status(), (string) $answer->exception?->getMessage());

        return $answer;
    }
}
