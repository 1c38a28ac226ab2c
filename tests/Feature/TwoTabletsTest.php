<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Word\Station;
use App\Actions\BakeOut\HangBakeOut;
use App\Models\OvenLoad;
use Illuminate\Foundation\Testing\RefreshDatabaseState;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/** Two people shut one oven in the same second, each in a process and on a connection of their own. */
final class TwoTabletsTest extends ShopTestCase
{
    /** How far ahead the moment is set, so that both processes have come up by then, s. */
    private const HEAD_START_S = 1.5;

    private const ROUNDS = 3;

    protected function tearDown(): void
    {
        $this->artisan('migrate:fresh', ['--force' => true]);
        RefreshDatabaseState::$migrated = false;
        parent::tearDown();
    }

    public function test_of_two_loads_in_one_oven_one_goes_in(): void
    {
        $pairs = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $pairs[] = [$this->cure(), $round === 0 ? $this->bakeOut() : $this->cure()];
        }
        DB::commit();
        foreach ($pairs as [$one, $other]) {
            $said = $this->atOnce($one, $other);
            self::assertCount(1, array_keys($said, 'shut', true), implode(' | ', $said));
            self::assertStringContainsString('is baking already', implode(' ', $said));
            self::assertSame(1, OvenLoad::query()->where('status', 'running')->count());
            $running = OvenLoad::query()->where('status', 'running');
            $running->update(['status' => 'pulled', 'pulled_at' => DB::raw('shut_at')]);
        }
    }

    public function test_one_load_is_shut_once(): void
    {
        $load = $this->cure();
        DB::commit();
        $said = $this->atOnce($load, $load);
        self::assertCount(1, array_keys($said, 'shut', true), implode(' | ', $said));
    }

    public function test_the_database_itself_holds_one_running_load_to_an_oven(): void
    {
        [$one, $other] = [$this->cure(), $this->cure()];
        $run = ['status' => 'running', 'shut_at' => $this->now];
        OvenLoad::query()->whereKey($one->id)->update($run);
        $this->expectExceptionMessageMatches('/Duplicate entry/');
        OvenLoad::query()->whereKey($other->id)->update($run);
    }

    private function cure(): OvenLoad
    {
        return $this->hang($this->part($this->job(), 'cleat', 3, 0.11));
    }

    private function bakeOut(): OvenLoad
    {
        $part = $this->part($this->job(Station::BakeOut), 'bollard', 62, 1.4, 1, 'cast_iron');

        return (new HangBakeOut)($this->oven, [$this->lot($part)->id => $part->count], $this->finisher);
    }

    /** @return list<string> what each was told */
    private function atOnce(OvenLoad ...$loads): array
    {
        $at = (string) (microtime(true) + self::HEAD_START_S);
        $tablets = array_map(function (OvenLoad $load) use ($at): Process {
            $command = [PHP_BINARY, 'tests/fixtures/shut.php', $load->id, $this->finisher->id, $at];
            $tablet = new Process($command, base_path());
            $tablet->start();

            return $tablet;
        }, $loads);

        return array_values(array_map(function (Process $tablet): string {
            $tablet->wait();

            return trim($tablet->getOutput().$tablet->getErrorOutput());
        }, $tablets));
    }
}
