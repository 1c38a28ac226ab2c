<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Curing\Infrared;
use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\OvenEventKind;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\InvalidInput;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Curing\Models\Reading;
use App\Curing\Queries\BakeOutState;
use App\Curing\Queries\BakeState;
use App\Curing\Queries\LoadSchedule;
use App\Curing\Queries\LoadSnapshot;
use App\Curing\Queries\LoadState;
use App\Curing\Queries\PartFinding;
use App\Curing\Queries\ReadableItem;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Models\BatchEvent;
use App\Routing\Queries\RoutingProgress;
use Closure;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Runs a load of any kind: closes the door, records events and readings, pulls. */
final class RunOven
{
    /** Further than this from the computed metal a reading is asked about before it counts, K. House figure. */
    private const GAP_K = 12.0;

    /** What is known of a load now. */
    public static function board(OvenLoad $load): LoadState
    {
        return $load->kind === LoadKind::BakeOut ? BakeOutState::of($load) : BakeState::of($load);
    }

    /**
     * The oven is held first: two loads that are shut on one oven at once take turns, and the second is told.
     *
     * @throws Refused
     */
    public function shut(OvenLoad $load, User $by): void
    {
        try {
            DB::transaction(function () use ($load, $by): void {
                $oven = Oven::findLocked($load->oven_id);
                $this->on($load, 'planned', function (OvenLoad $held) use ($oven, $by): void {
                    self::ownDoor($held);
                    $this->mayShut($held, $oven);
                    $begins = ['status' => 'running', 'shut_at' => ShopClock::now(), 'shut_by' => $by->id];
                    foreach ([$held, ...$held->riders()->lockForUpdate()->get()] as $one) {
                        $this->mayHang($one);
                        self::isServed($one);
                        $this->partPieces($one, $by);
                        $one->update($begins + ['snapshot' => LoadSnapshot::capture($one)]);
                    }
                });
            });
        } catch (UniqueConstraintViolationException) {
            throw self::busy($load->oven);
        }
    }

    /** @throws Refused */
    private static function ownDoor(OvenLoad $load): void
    {
        if ($load->host_load_id !== null) {
            $why = 'This load rides with a cure: its door is shut and it is pulled there.';
            throw Refused::because(['load' => $why]);
        }
    }

    /** The cure may have been set anew since something was to ride with it. */
    private static function isServed(OvenLoad $load): void
    {
        if ($load->host_load_id !== null && ! BakeOutState::of($load)->plan->good()) {
            $why = ucfirst($load->partNames()).' was to ride along, and this cure as it is set does not hold it long '.
                'enough; bake it out on its own.';
            throw Refused::because(['load' => $why]);
        }
    }

    /** @throws Refused */
    private function mayShut(OvenLoad $load, Oven $oven): void
    {
        if ($load->timer_out_at !== null && $load->timer_out_at->lte(ShopClock::now()->addMinutes($load->minutes))) {
            $why = 'The timer would not be done before it is taken out; set another time.';
            throw Refused::because(['load' => $why]);
        }
        if (OvenLoad::query()->where('oven_id', $oven->id)->where('status', 'running')->exists()) {
            throw self::busy($oven);
        }
    }

    /** @throws Refused */
    private function mayHang(OvenLoad $load): void
    {
        $load->loadMissing(['items.part.job', 'items.batch.part.batches', 'items.batch.part.job']);
        if ($load->items->isEmpty()) {
            throw Refused::because(['load' => 'Nothing hangs in this load.']);
        }
        $station = $load->kind->station();
        foreach ($load->items as $item) {
            $job = $item->part->job;
            $batch = $item->batch;
            $isThere = $batch !== null && $batch->isOpen() && $batch->station === $station
                && $batch->count >= $item->count;
            if (! $isThere || ! $job->isOpen()) {
                $why =
                    "{$item->count} × {$item->part->name} of job {$job->number} do not hang at {$station->label()}".
                    ' any more; take this load off and hang it anew.';
                throw Refused::because(['load' => $why]);
            }
        }
        $holds = array_filter(
            self::board($load)->doorFindings(),
            fn (PartFinding $one): bool => $one->finding->holds(),
        );
        if ($holds !== []) {
            throw Refused::because(['load' => array_values(array_map(self::why(...), $holds))]);
        }
    }

    /** Pieces that go in without the rest of their lot become a lot of their own; the rest stays as it is. */
    private function partPieces(OvenLoad $load, User $by): void
    {
        foreach ($load->items as $item) {
            $batch = Batch::findLocked((int) $item->batch_id);
            if ($item->count < $batch->count) {
                $item->update(['batch_id' => SplitBatch::forTheOven($batch, $item->count, $by)->id]);
            }
        }
        $load->unsetRelation('items');
    }

    private static function why(PartFinding $one): string
    {
        $says = ucfirst($one->part->name).': '.Units::current()->said($one->finding->words());

        return $one->finding->isStop() ? $says : "{$says} It needs a name under it.";
    }

    /** @return list<Finding> what holds, or would be signed for, as a part goes into the oven it hangs in */
    public static function atTheDoor(Part $part): array
    {
        $hangs = OvenLoadItem::query()->where('part_id', $part->id);
        $loads = OvenLoad::query()->where('status', 'planned')->whereKey($hangs->pluck('oven_load_id'))->get();
        $found = $loads->flatMap(fn (OvenLoad $load): array => self::board($load)->doorFindings());

        return array_values($found
            ->filter(fn (PartFinding $one): bool => $one->part->id === $part->id)
            ->map(fn (PartFinding $one): Finding => $one->finding)
            ->all());
    }

    private static function busy(Oven $oven): Refused
    {
        return Refused::because([
            'load' => "{$oven->name} is baking already; pull that load first.",
        ]);
    }

    /** @throws Refused where the power is logged as it stands already */
    public function log(OvenLoad $load, User $by, OvenEventKind $kind, ?float $value): void
    {
        $this->on($load, 'running', function (OvenLoad $held) use ($by, $kind, $value): void {
            $off = LoadSchedule::powerIsOff($held);
            if ($kind->isOfPower() && ($kind === OvenEventKind::PowerLost) === $off) {
                $why = $off ? 'The power is already logged as off.' : 'The power is already logged as on.';
                throw Refused::because(['kind' => $why]);
            }
            if ($kind === OvenEventKind::Flowed && LoadSchedule::flowedS($held) !== null) {
                throw Refused::because(['kind' => 'It is already logged as flowed.']);
            }
            if ($kind === OvenEventKind::Flowed && $held->kind !== LoadKind::Cure) {
                throw Refused::because(['kind' => 'Bare parts have nothing on them that flows.']);
            }
            $written = ['oven_load_id' => $held->id, 'kind' => $kind, 'value' => $value];
            OvenEvent::query()->create($written + ['at' => ShopClock::now(), 'user_id' => $by->id]);
        });
    }

    /**
     * @param  string  $key  the item read, as ReadableItem::key()
     * @param  bool  $confirmed  whether it counts however far it is from what was expected
     *
     * @throws Refused
     */
    public function read(
        OvenLoad $load,
        User $by,
        string $key,
        float $shownC,
        float $setEmissivity,
        string $source,
        bool $doorOpen = false,
        bool $bare = false,
        ?float $displayC = null,
        bool $confirmed = true,
    ): void {
        $this->on($load, 'running', function (OvenLoad $held) use (
            $confirmed,
            $by,
            $key,
            $shownC,
            $setEmissivity,
            $source,
            $doorOpen,
            $bare,
            $displayC,
        ): void {
            $board = self::board($held);
            $items = $board->readItems();
            $position = ReadableItem::position($items, $key);
            if ($position === null) {
                $why = 'Item is not in this load; pick one that hangs in it.';
                throw Refused::because(['item' => $why]);
            }
            $now = ShopClock::now();
            $hung = $items[$position];
            $shell = $board->shellC(LoadSchedule::second($held->ran(), $now));
            $surface = $bare ? $hung->item->metal->bareEmissivity : $hung->coveredEmissivity;
            $faces = $doorOpen ? $held->ambient_c : $shell;
            try {
                $true = Infrared::trueCelsius($shownC, $setEmissivity, $surface, $faces, $held->ambient_c);
            } catch (InvalidInput $e) {
                $why = $e->place === 'surface'
                    ? 'This reading is '.Infrared::NOT_USABLE.'.'
                    : ucfirst($e->getMessage()).'.';
                throw Refused::because([$e->place => $why]);
            }
            $expected = $board->surfaceC($position, LoadSchedule::second($held->ran(), $now));
            if (! $confirmed && abs($true - $expected) > self::GAP_K) {
                throw Refused::because([
                    'gap' => self::gap($shownC, $true, $expected, $doorOpen, $setEmissivity),
                ]);
            }
            Reading::query()->create([
                'oven_load_id' => $held->id,
                'oven_load_item_id' => $hung->bakeItem->id,
                'section_id' => $hung->section?->id,
                'at' => $now,
                'shown_c' => $shownC,
                'set_emissivity' => $setEmissivity,
                'celsius' => round($true, 2),
                'door_open' => $doorOpen,
                'bare' => $bare,
                'display_c' => $displayC,
                'source' => $source,
                'user_id' => $by->id,
            ]);
        });
    }

    /** What a reading far from the plan would mean, asked before it changes the pull. */
    private static function gap(float $shownC, float $trueC, float $planC, bool $open, float $emissivity): string
    {
        $units = Units::current();

        return sprintf(
            'The gun shows %s: metal at %s with the door %s and emissivity %s, where %s was expected. If that is how '
                .'it was read, use it; the pull moves.',
            $units->temp($shownC),
            $units->temp($trueC),
            $open ? 'open' : 'closed',
            $emissivity,
            $units->temp($planC),
        );
    }

    /**
     * Some leave while the rest bakes on: the door stands open for them, and they are judged by what they had.
     *
     * @param  float  $doorS  the door stood open for, s; they were out as it shut again
     * @param  int|null  $pieces  how many of them; null for all
     *
     * @throws Refused where fewer are in the oven, or nothing would stay in it
     */
    public function takeOut(OvenLoad $load, OvenLoadItem $item, User $by, float $doorS, ?int $pieces = null): void
    {
        $this->on($load, 'running', function (OvenLoad $held) use ($item, $by, $doorS, $pieces): void {
            $inside = $held->items()->whereNull('out_at')->get();
            $fresh = $inside->first(fn (OvenLoadItem $one): bool => $one->id === $item->id);
            if ($fresh === null) {
                throw Refused::because(['item' => 'That is not in this oven any more; look again.']);
            }
            $pieces ??= $fresh->count;
            if ($pieces < 1 || $pieces > $fresh->count) {
                throw Refused::because([
                    'pieces' => "Pieces must be from 1 to {$fresh->count}, as many as are in the oven.",
                ]);
            }
            if ($inside->count() < 2 && $pieces === $fresh->count) {
                throw Refused::because(['item' => 'That is all there is in the oven: pull the load.']);
            }
            $now = ShopClock::now();
            $opened = $now->subMilliseconds((int) round(1000 * $doorS));
            if ($held->shut_at === null || $opened->lte($held->shut_at)) {
                throw Refused::because([
                    'door_s' => 'Door open is longer than the load has been in; allowed: less.',
                ]);
            }
            $door = ['oven_load_id' => $held->id, 'kind' => OvenEventKind::Door, 'value' => $doorS];
            OvenEvent::query()->create($door + ['at' => $opened, 'user_id' => $by->id]);
            $out = $pieces === $fresh->count ? $fresh : $this->some($fresh, $pieces, $by);
            $out->update(['out_at' => $now]);
            $this->keepResults($held, $out->id);
        });
    }

    /** Some pieces of an item as an item and a batch of their own, with the same past in this oven. */
    private function some(OvenLoadItem $item, int $pieces, User $by): OvenLoadItem
    {
        $batch = Batch::findLocked((int) $item->batch_id);
        $own = SplitBatch::outOfTheOven($batch, $pieces, $by);
        $item->update(['count' => $item->count - $pieces]);
        $out = $item->replicate(['coat_key']);
        $out->fill(['batch_id' => $own->id, 'count' => $pieces])->save();

        return $out;
    }

    /**
     * "Out" was pressed and they never left: as if it had not been.
     *
     * @throws Refused where they are in, or something was done with them since
     */
    public function neverLeft(OvenLoad $load, OvenLoadItem $item, User $by): void
    {
        $this->on($load, 'running', function (OvenLoad $held) use ($item, $by): void {
            $out = $held->items()->findOrFail($item->id);
            $at = $out->out_at;
            $from = ($at ?? ShopClock::now())->format('Y-m-d H:i:s.v');
            $since = BatchEvent::query()->where('batch_id', $out->batch_id)->where('at', '>=', $from);
            $again = OvenLoadItem::query()->where('batch_id', $out->batch_id)->where('id', '>', $out->id);
            $seen = Inspection::query()->where('batch_id', $out->batch_id)->where('at', '>=', $from);
            if ($at === null || $since->exists() || $again->exists() || $seen->exists()) {
                throw Refused::because([
                    'item' => 'That cannot be taken back: it is in the oven, or it has gone on since.',
                ]);
            }
            $gone = ['withdrawn_at' => ShopClock::now(), 'withdrawn_by' => $by->id];
            foreach ($held->events()->where('kind', OvenEventKind::Door)->get() as $door) {
                if (abs($door->at->addMilliseconds((int) round(1000 * (float) $door->value))->diffInSeconds($at)) < 1) {
                    $door->update($gone);
                }
            }
            foreach (OvenResult::query()->where('oven_load_item_id', $out->id)->get() as $result) {
                $result->delete();
            }
            $out->update(['out_at' => null]);
        });
    }

    /** What it did, of one item or of all that are still in. */
    private function keepResults(OvenLoad $load, ?int $item = null): void
    {
        $fresh = OvenLoad::query()->findOrFail($load->id);
        $kept = OvenResult::query()->where('oven_load_id', $load->id)->pluck('oven_load_item_id');
        foreach (self::board($fresh)->results() as $row) {
            $of = $row['oven_load_item_id'];
            $isMeant = $item === null ? ! $kept->contains($of) : $of === $item;
            if ($isMeant) {
                OvenResult::query()->create(['oven_load_id' => $load->id] + $row);
            }
        }
    }

    /** @throws Refused */
    public function pull(OvenLoad $load, User $by): void
    {
        $this->on($load, 'running', function (OvenLoad $held) use ($by): void {
            self::ownDoor($held);
            $ends = ['status' => 'pulled', 'pulled_at' => ShopClock::now(), 'pulled_by' => $by->id];
            $all = [$held, ...$held->riders()->lockForUpdate()->get()];
            foreach ($all as $one) {
                $one->update($ends);
            }
            foreach ($all as $one) {
                $this->keepResults($one);
                $this->tick($one, $by);
            }
            SaveLiveLog::of($held, $by);
        });
    }

    /** What the oven did closes its step: a bake by what the film is, a bake-out where everything was held. */
    private function tick(OvenLoad $load, User $by): void
    {
        foreach (
            $load->kind === LoadKind::BakeOut ? $load->items()->with(['part', 'batch.part'])->get() : [] as $item
        ) {
            $results = OvenResult::query()->where('oven_load_item_id', $item->id)->get();
            if ($item->batch !== null && $results->every(fn (OvenResult $one): bool => $one->reached === true)) {
                $relieves = ReliefBake::serves(
                    $item->part->strength_mpa,
                    (float) $load->target_c,
                    (float) $results->min('held_minutes'),
                );
                $walk = RoutingProgress::of($item->batch)->walk;
                $due = $walk->firstOpen(null, StepKind::BakeOut, StepKind::ReliefBake);
                $kind = $due === null ? StepKind::BakeOut : $walk->steps[$due]->kind;
                if ($kind === StepKind::BakeOut || $relieves) {
                    CompleteStep::logged($item->batch, $by, null, $kind);
                }
            }
        }
    }

    /**
     * Takes a planned load off the list, or a reading or event that was wrong out of the reckoning: kept, not counted.
     *
     * @throws Refused
     */
    public function withdraw(OvenLoad|Reading|OvenEvent $what, User $by): void
    {
        $gone = ['withdrawn_at' => ShopClock::now(), 'withdrawn_by' => $by->id];
        if ($what instanceof OvenLoad) {
            $this->on($what, 'planned', function (OvenLoad $held) use ($gone): void {
                $held->update(['status' => 'withdrawn'] + $gone);
                // What was to ride along stands on its own again.
                foreach (OvenLoad::query()->where('host_load_id', $held->id)->get() as $rider) {
                    $rider->update(['host_load_id' => null]);
                }
            });

            return;
        }
        $load = OvenLoad::query()->findOrFail($what->oven_load_id);
        $this->on($load, 'running', fn () => $what->update($gone));
    }

    /** @param  Closure(OvenLoad): mixed  $work */
    private function on(OvenLoad $load, string $status, Closure $work): void
    {
        DB::transaction(function () use ($load, $status, $work): void {
            $held = OvenLoad::findLocked($load->id);
            if ($held->status !== $status) {
                $why = "This load is {$held->status} now; that can only be done while it is {$status}.";
                throw Refused::because(['load' => $why]);
            }
            $work($held);
        });
        $this->follow($load);
    }

    /** The pull as it is known now, kept for the rail, after something was learned of a load. */
    public function follow(OvenLoad $load): void
    {
        $fresh = $load->fresh();
        if ($fresh === null || ! $fresh->isRunning()) {
            return;
        }
        foreach ([$fresh, ...$fresh->riders] as $one) {
            UpdateExpectedPull::remember($one, self::board($fresh)->pullAt() ?? ShopClock::now());
        }
    }
}
