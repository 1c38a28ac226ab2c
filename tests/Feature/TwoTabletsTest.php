<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Catalog\Models\PowderLot;
use App\Curing\Commands\LoadBakeOut;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Customers\Models\Customer;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Symfony\Component\Process\InputStream;
use Symfony\Component\Process\Process;

/** Two people do what contradicts itself in the same second, each in a process and on a connection of their own. */
final class TwoTabletsTest extends ShopTestCase
{
    private const ROUNDS = 3;

    protected function tearDown(): void
    {
        TestDatabase::reset();
        parent::tearDown();
    }

    public function test_of_two_loads_in_one_oven_one_goes_in(): void
    {
        $pairs = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $pairs[] = [$this->cure(), $round === 0 ? $this->bakeOut() : $this->cure()];
        }
        $pairs[] = array_fill(0, 2, $this->cure());
        DB::commit();
        foreach ($pairs as $loads) {
            $said = $this->atOnce(...array_map(fn (OvenLoad $load): array => $this->shuts($load), $loads));
            self::assertSame(1, $this->refused($said), json_encode($said));
            self::assertSame(1, OvenLoad::query()->where('status', 'running')->count());
            $this->pullAll();
        }
    }

    public function test_the_database_itself_holds_one_running_load_to_an_oven(): void
    {
        [$one, $other] = [$this->cure(), $this->cure()];
        $run = ['status' => 'running', 'shut_at' => $this->now];
        OvenLoad::query()->whereKey($one->id)->update($run);
        $this->expectExceptionMessageMatches('/Duplicate entry/');
        OvenLoad::query()->whereKey($other->id)->update($run);
    }

    public function test_the_same_pieces_hang_once(): void
    {
        $batches = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $batches[] = $this->coated($this->part($this->job(), 'cleat', 3, 0.11));
        }
        DB::commit();
        foreach ($batches as $batch) {
            $items = [$batch->id => ['hang' => '1', 'count' => (string) $batch->count]];
            $hang = ['/bakes', ['oven_id' => (string) $this->oven->id, 'items' => $items]];
            $said = $this->atOnce($hang, $hang);
            self::assertSame(1, $this->refused($said), json_encode($said));
            self::assertStringContainsString('already in a load', (string) json_encode($said));
            $hung = OvenLoadItem::query()->where('batch_id', $batch->id)->sum('count');
            self::assertSame($batch->count, (int) $hung);
        }
    }

    public function test_the_database_itself_hangs_no_more_pieces_than_there_are(): void
    {
        $load = $this->cure();
        $item = OvenLoadItem::query()->where('oven_load_id', $load->id)->firstOrFail();
        $other = OvenLoad::query()->create(array_diff_key($load->getAttributes(), ['id' => 0, 'running_in' => 0]));
        $this->expectExceptionMessageMatches('/More pieces hang in ovens than the batch has/');
        $same = $item->only('batch_id', 'part_id', 'coat_id', 'count');
        OvenLoadItem::query()->create(['oven_load_id' => $other->id] + $same);
    }

    public function test_what_is_sent_on_does_not_go_in_as_well(): void
    {
        $loads = array_map(fn (): OvenLoad => $this->cure(), range(1, self::ROUNDS));
        DB::commit();
        foreach ($loads as $load) {
            $item = $load->items()->firstOrFail();
            $batch = Batch::query()->findOrFail($item->batch_id);
            $said = $this->atOnce($this->shuts($load), ["/batches/{$batch->id}/send", [
                'to' => Station::Coat->value,
                'seen_at' => Station::Cure->value,
                'note' => 'a run in the film',
            ]]);
            self::assertGreaterThanOrEqual(1, $this->refused($said), json_encode($said));
            $runs = OvenLoad::query()->whereKey($load->id)->where('status', 'running')->exists();
            $hangs = Batch::query()->findOrFail($item->refresh()->batch_id);
            self::assertTrue(! $runs || $hangs->station === Station::Cure, json_encode($said));
            $this->pullAll();
        }
    }

    public function test_a_setting_lands_before_the_door_shuts_or_not_at_all(): void
    {
        $loads = array_map(fn (): OvenLoad => $this->cure(), range(1, self::ROUNDS));
        DB::commit();
        foreach ($loads as $load) {
            $set = ['setpoint' => '175', 'minutes' => '61', 'door_open_s' => '45', 'way' => $load->way->value];
            $said = $this->atOnce($this->shuts($load), ["/bakes/{$load->id}/adjust", $set]);
            $kept = $load->refresh();
            $landed = $kept->minutes === 61.0;
            self::assertSame($landed, ! $this->isRefused($said[1]), json_encode($said));
            self::assertTrue($landed || $kept->status === 'running', json_encode($said));
            $this->pullAll();
        }
    }

    public function test_a_new_customer_and_a_new_person_are_made_once(): void
    {
        DB::commit();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $job = ['/jobs', ['customer' => "Ferry club {$round}", 'title' => 'railing']];
            $said = $this->atOnce($job, $job);
            self::assertSame(0, $this->refused($said), json_encode($said));
            self::assertSame(1, Customer::query()->where('name', "Ferry club {$round}")->count());
            self::assertCount(2, array_unique(array_column($said, 'to')), 'two jobs, since two forms were sent');
            $person = ['/people', ['name' => 'Tova', 'email' => "tova{$round}@works.example", 'role' => 'viewer',
                'password' => 'quiet-harbour-lamp'], $this->owner];
            $said = $this->atOnce($person, $person);
            self::assertSame(1, $this->refused($said), json_encode($said));
            self::assertStringContainsString('belongs to somebody here already', (string) json_encode($said));
            self::assertSame(1, User::query()->where('email', "tova{$round}@works.example")->count());
        }
    }

    public function test_one_form_sent_twice_at_once_is_done_once(): void
    {
        DB::commit();
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = Job::query()->count();
            $form = ['/jobs', ['customer' => 'Ferry club', 'title' => 'gate', '_once' => (string) Str::uuid()]];
            $said = $this->atOnce($form, $form, $form);
            self::assertSame($before + 1, Job::query()->count());
            self::assertCount(1, array_unique(array_column($said, 'to')), json_encode($said));
            self::assertSame(0, $this->refused($said), json_encode($said));
        }
    }

    public function test_a_box_gives_no_more_powder_than_is_in_it_and_a_lot_is_sprayed_once(): void
    {
        $jobs = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $box = PowderLot::query()->create([
                'powder_id' => $this->green->id, 'number' => "box {$round}", 'kg' => 1, 'received_on' => $this->now,
                'user_id' => $this->owner->id, 'at' => $this->now,
            ]);
            $batches = array_map(
                fn (): int => $this->batch($this->part($this->job(Station::Coat), 'rail', 6, 0.8, 4, 'aluminium'))->id,
                range(1, 2),
            );
            $jobs[] = [$box->id, $batches];
        }
        DB::commit();
        foreach ($jobs as [$box, [$one, $other]]) {
            $form = ['weighed' => '600', 'powder_lot' => (string) $box, 'respirator' => '1'];
            $weigh = fn (int $batch): array => ["/batches/{$batch}/weigh", $form];
            $said = $this->atOnce($weigh($one), $weigh($other));
            self::assertSame(1, $this->refused($said), json_encode($said));
            self::assertSame(1, Spraying::query()->where('powder_lot_id', $box)->count());
            $bare = Spraying::query()->where('powder_lot_id', $box)->value('batch_id') === $one ? $other : $one;
            $by = ["/batches/{$bare}/weigh", ['weighed' => '100', 'respirator' => '1']];
            $said = $this->atOnce($by, $by);
            self::assertSame(1, $this->refused($said), json_encode($said));
            self::assertSame(1, Spraying::query()->where('batch_id', $bare)->count());
        }
    }

    private function pullAll(): void
    {
        $running = OvenLoad::query()->where('status', 'running');
        $running->update(['status' => 'pulled', 'pulled_at' => DB::raw('shut_at')]);
    }

    private function cure(): OvenLoad
    {
        return $this->hang($this->part($this->job(), 'cleat', 3, 0.11));
    }

    private function bakeOut(): OvenLoad
    {
        $part = $this->part($this->job(Station::BakeOut), 'bollard', 62, 1.4, 1, 'cast_iron');

        return (new LoadBakeOut)($this->oven, [$this->batch($part)->id => $part->count], $this->finisher);
    }

    /** @return array{string, array<string, mixed>} */
    private function shuts(OvenLoad $load): array
    {
        $kind = $load->kind->value === 'cure' ? 'bakes' : 'bake-outs';

        return ["/{$kind}/{$load->id}/shut", []];
    }

    /** @param  array<string, mixed>  $answer */
    private function isRefused(array $answer): bool
    {
        return $answer['errors'] !== [];
    }

    /** @param  list<array<string, mixed>>  $answers */
    private function refused(array $answers): int
    {
        foreach ($answers as $answer) {
            self::assertSame(302, $answer['status'], json_encode($answer));
        }

        return count(array_filter($answers, $this->isRefused(...)));
    }

    /**
     * @param  array{0: string, 1: array<string, mixed>, 2?: User}  ...$forms  path, data, who
     * @return list<array<string, mixed>> what each was answered
     */
    private function atOnce(array ...$forms): array
    {
        $starts = [];
        $tablets = array_map(function (array $form) use (&$starts): Process {
            $tablet = new Process([PHP_BINARY, 'tests/fixtures/tablet.php', json_encode([
                'user' => ($form[2] ?? $this->finisher)->id,
                'method' => 'POST',
                'path' => $form[0],
                'data' => $form[1] + ['_once' => (string) Str::uuid()],
            ], JSON_THROW_ON_ERROR)], base_path());
            $tablet->setInput($starts[] = new InputStream());
            $tablet->start();

            return $tablet;
        }, $forms);
        foreach ($tablets as $tablet) {
            $tablet->waitUntil(fn (string $type, string $said): bool => str_contains($said, 'ready'));
        }
        foreach ($starts as $start) {
            $start->write("go\n");
            $start->close();
        }

        return array_values(array_map(function (Process $tablet): array {
            $tablet->wait();
            $answer = json_decode(explode("\n", $tablet->getOutput(), 2)[1] ?? '', true);
            self::assertIsArray($answer, $tablet->getOutput().$tablet->getErrorOutput());

            return $answer;
        }, $tablets));
    }
}
