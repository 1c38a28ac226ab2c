<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Cure\Reading as CoreReading;
use Aenum\Core\Heat\Cooling;
use App\Actions\Rail\ReadRail;
use App\Models\Bake;
use App\Models\BakeEvent;
use App\Models\BakeOutLoad;
use App\Models\BakeResult;
use App\Models\Reading;
use App\Models\User;
use App\Support\ShopClock;
use Closure;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What is done to a bake on the floor: shut the door, log what happens, read, pull. */
final class RunBake
{
    /** @throws ValidationException */
    public function shut(Bake $bake, User $by): void
    {
        $this->on($bake, 'planned', function (Bake $held) use ($by): void {
            if ($held->items()->doesntExist()) {
                throw ValidationException::withMessages(['bake' => 'Nothing hangs in this load.']);
            }
            if (Bake::query()->where('oven_id', $held->oven_id)->where('status', 'running')->exists() || BakeOutLoad::query()->where('oven_id', $held->oven_id)->where('status', 'running')->exists()) {
                throw ValidationException::withMessages(['bake' => "{$held->oven->name} is baking already; pull that load first."]);
            }
            $held->update(['status' => 'running', 'shut_at' => ShopClock::now(), 'shut_by' => $by->id]);
        });
    }

    /** @throws ValidationException */
    public function log(Bake $bake, User $by, string $kind, ?float $value): void
    {
        $this->on($bake, 'running', function (Bake $held) use ($by, $kind, $value): void {
            $off = LoadOfBake::from($held)->powerIsOff();
            if (($kind === 'power_lost') === $off && in_array($kind, ['power_lost', 'power_back'], true)) {
                throw ValidationException::withMessages(['kind' => $off ? 'The power is already logged as off.' : 'The power is already logged as on.']);
            }
            BakeEvent::query()->create(['bake_id' => $held->id, 'kind' => $kind, 'at' => ShopClock::now(), 'value' => $value, 'user_id' => $by->id]);
        });
    }

    /**
     * @param  string  $key  the item read, as HungItem::key()
     *
     * @throws ValidationException
     */
    public function read(Bake $bake, User $by, string $key, float $shownC, float $setEmissivity, string $source): void
    {
        $this->on($bake, 'running', function (Bake $held) use ($by, $key, $shownC, $setEmissivity, $source): void {
            $load = LoadOfBake::from($held);
            $position = $load->position($key);
            if ($position === null) {
                throw ValidationException::withMessages(['item' => 'Item is not in this load; pick one that hangs in it.']);
            }
            $now = ShopClock::now();
            $shell = BakeBoard::of($held)->outlook->run->shellC($load->second($now));
            Reading::query()->create([
                'bake_id' => $held->id, 'bake_item_id' => $load->hung[$position]->bakeItem->id, 'section_id' => $load->hung[$position]->section?->id, 'at' => $now,
                'shown_c' => $shownC, 'set_emissivity' => $setEmissivity,
                'celsius' => round(CoreReading::trueCelsius($shownC, $setEmissivity, $load->hung[$position]->item->emissivity, $shell), 2),
                'source' => $source, 'user_id' => $by->id,
            ]);
        });
    }

    /** @throws ValidationException */
    public function pull(Bake $bake, User $by): void
    {
        $this->on($bake, 'running', function (Bake $held) use ($by): void {
            $held->update(['status' => 'pulled', 'pulled_at' => ShopClock::now(), 'pulled_by' => $by->id]);
            $board = BakeBoard::of($held->fresh() ?? $held);
            foreach ($board->load->hung as $i => $hung) {
                $this->writeResults($board, $i, $hung);
            }
        });
    }

    /** Takes a planned bake off the list, or a reading or event that was wrong out of the reckoning: kept, but not counted. */
    public function withdraw(Bake|Reading|BakeEvent $what, User $by): void
    {
        if ($what instanceof Bake) {
            $this->on($what, 'planned', fn (Bake $held) => $held->update(['status' => 'withdrawn']));

            return;
        }
        $bake = Bake::query()->findOrFail($what->bake_id);
        $this->on($bake, 'running', fn () => $what->update(['withdrawn_at' => ShopClock::now(), 'withdrawn_by' => $by->id]));
    }

    private function writeResults(BakeBoard $board, int $i, HungItem $hung): void
    {
        $run = $board->outlook->run;
        $pullS = 60 * $board->outlook->pullMinutes;
        $item = $board->outlook->items[$i];
        $judgements = [...$item->under, $item->atPull];
        $surface = array_filter($run->surfaceCourse($i), fn ($piece): bool => $piece->fromS < $pullS);
        $metal = $hung->item->metal->ageHardens ? MetalAgeing::minutes(array_map(fn ($piece) => $piece->until($pullS), $surface)) : 0.0;
        $handle = Cooling::minutes($hung->item, $run->coreC($i, $pullS), $board->bake->ambient_c, max(Cooling::HANDLE_C, $board->bake->ambient_c + 5));
        foreach ($hung->layers as $n => $layer) {
            $judgement = $judgements[$n];
            BakeResult::query()->create([
                'bake_id' => $board->bake->id, 'bake_item_id' => $hung->bakeItem->id, 'coat_id' => $layer->coat->id, 'section_id' => $hung->section?->id,
                'dose' => $judgement->dose, 'overbake' => $judgement->overbake, 'window_minutes' => $judgement->windowMinutes, 'reaches_minutes' => $judgement->reachesMinutes,
                'row_served_c' => $judgement->rowServed?->pmtC, 'peak_c' => $judgement->peakC, 'metal_minutes' => $metal, 'fresh' => $layer->coat->id === $hung->coat()->id,
                'state' => $judgement->state($board->bake->way, $layer->dose, $layer->overbake ?? 0.0), 'handle_minutes' => $handle,
            ]);
        }
    }

    /** @param  Closure(Bake): mixed  $work */
    private function on(Bake $bake, string $status, Closure $work): void
    {
        DB::transaction(function () use ($bake, $status, $work): void {
            $held = Bake::held($bake->id);
            if ($held->status !== $status) {
                throw ValidationException::withMessages(['bake' => "This load is {$held->status} now; that can only be done while it is {$status}."]);
            }
            $work($held);
        });
        $fresh = $bake->fresh();
        if ($fresh !== null && $fresh->isRunning()) {
            $board = BakeBoard::of($fresh);
            ReadRail::rememberPull($fresh, $board->clock($board->outlook->bestPull() ?? $board->outlook->pullMinutes) ?? $board->now);
        }
    }
}
