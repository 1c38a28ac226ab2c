<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Curing\Models\OvenLoadItem;
use App\Inspection\Models\Rework;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Preparation\Models\MaskApplication;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\StepCompletion;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\BatchCoats;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;

/** Splits, joins and scraps batches; the number of pieces is preserved. */
final class SplitBatch
{
    /**
     * Takes pieces out of a lot into one of their own, with everything that is so of them.
     *
     * @throws Refused where there are not more pieces than that
     */
    public function __invoke(Batch $batch, int $pieces, User $by, ?string $name = null): Batch
    {
        return DB::transaction(function () use ($batch, $pieces, $by, $name): Batch {
            $held = Batch::findLocked($batch->id);
            $held->mustBeOpen();
            if ($pieces < 1 || $pieces >= $held->count) {
                throw Refused::because([
                    'pieces' => "Pieces is {$pieces}; allowed: 1 to ".($held->count - 1)
                        .', so that some stay in the lot.',
                ]);
            }
            self::mustBeOutside($held, 'split');
            $before = $held->count;
            $child = self::child($held, $pieces, $by, $name);
            self::note($child, $by, 'split', "{$pieces} of {$before} into {$child->name}");
            $batch->refresh();

            return $child;
        });
    }

    /**
     * Parts a lot into lots of so many pieces; the last holds the rest.
     *
     * @return int how many lots it is now
     *
     * @throws Refused where one lot holds them all
     */
    public function into(Batch $batch, int $each, User $by): int
    {
        return DB::transaction(function () use ($batch, $each, $by): int {
            $batches = 1;
            $left = $batch->count;
            if ($each < 1 || $each >= $left) {
                throw Refused::because([
                    'each' => "To a lot is {$each}; allowed: 1 to ".($left - 1).'.',
                ]);
            }
            for (; $left > $each; $left -= $each, $batches++) {
                $this($batch, $each, $by);
            }

            return $batches;
        });
    }

    /** The pieces that go into the oven, where others of their lot stay outside. */
    public static function forTheOven(Batch $batch, int $pieces, User $by): Batch
    {
        $child = self::child($batch, $pieces, $by, null);
        self::note($child, $by, 'split', "{$pieces} into the oven, {$batch->count} stay as they are");

        return $child;
    }

    /** The pieces that leave a running oven before the others of their batch. */
    public static function outOfTheOven(Batch $batch, int $pieces, User $by): Batch
    {
        $child = self::child($batch, $pieces, $by, null);
        self::note($child, $by, 'split', "{$pieces} out of the oven, {$batch->count} bake on");

        return $child;
    }

    /**
     * Puts a lot's pieces into another of the same part that hangs beside it.
     *
     * @throws Refused where they do not hang together
     */
    public function join(Batch $batch, Batch $into, User $by): void
    {
        DB::transaction(function () use ($batch, $into, $by): void {
            foreach ([min($batch->id, $into->id), max($batch->id, $into->id)] as $id) {
                Batch::findLocked($id)->mustBeOpen();
            }
            [$from, $to] = [Batch::findLocked($batch->id), Batch::findLocked($into->id)];
            if ($from->id === $to->id || $from->part_id !== $to->part_id || $from->station !== $to->station) {
                throw Refused::because([
                    'into' => 'Only lots of the same part that hang at the same station can be joined.',
                ]);
            }
            self::mustBeAlike($from, $to);
            self::mustBeOutside($from, 'joined');
            self::mustBeOutside($to, 'joined');
            $this->carryMarks($from, $to, $by);
            $this->carryClocks($from, $to);
            foreach (MaskApplication::query()->where('batch_id', $from->id)->get() as $fitting) {
                $fitting->update(['batch_id' => $to->id]);
            }
            $to->update(['count' => $to->count + $from->count]);
            $from->update(['status' => 'joined', 'joined_into' => $to->id, 'ended_at' => ShopClock::now()]);
            self::note($to, $by, 'joined', "{$from->count} from lot {$from->number}, {$to->count} in all");
        });
    }

    /**
     * Pieces that will not reach the customer.
     *
     * @throws Refused where there are not so many
     */
    public function scrap(Batch $batch, int $pieces, User $by, string $why): void
    {
        DB::transaction(function () use ($batch, $pieces, $by, $why): void {
            $held = Batch::findLocked($batch->id);
            $held->mustBeOpen();
            self::mustBeOutside($held, 'scrapped');
            if ($pieces < 1 || $pieces > $held->count) {
                throw Refused::because([
                    'scrapped' => "Scrapped is {$pieces}; allowed: 1 to {$held->count}.",
                ]);
            }
            $gone = $pieces === $held->count ? $held : self::child($held, $pieces, $by, null);
            $gone->update(['status' => 'scrapped', 'ended_at' => ShopClock::now()]);
            self::note($gone, $by, 'scrapped', "{$pieces}: {$why}");
            $gone->part->job->closeWhenNothingHangs();
        });
    }

    private static function child(Batch $batch, int $pieces, User $by, ?string $name): Batch
    {
        $number = 1 + (int) Batch::query()->where('part_id', $batch->part_id)->max('number');
        $child = Batch::query()->create([
            'part_id' => $batch->part_id,
            'number' => $number,
            'name' => trim((string) $name) === '' ? "lot {$number}" : trim((string) $name),
            'count' => $pieces,
            'station' => $batch->station,
            'from_batch_id' => $batch->id,
            'born_at' => ShopClock::now(),
            'user_id' => $by->id,
        ]);
        $batch->update(['count' => $batch->count - $pieces]);
        $marks = StepCompletion::query()->where('batch_id', $batch->id)->orderBy('id');
        foreach ($marks->get() as $mark) {
            $mark->replicate()->fill(['batch_id' => $child->id])->save();
        }
        foreach (self::running($batch)->get() as $clock) {
            $clock->replicate()->fill(['batch_id' => $child->id])->save();
        }
        self::shareMasks($batch, $child);

        return $child;
    }

    /** Masks go with the pieces they are on: as many as the pieces have of what was on all. */
    private static function shareMasks(Batch $batch, Batch $child): void
    {
        $all = $batch->count + $child->count;
        $on = MaskApplication::query()->where('batch_id', $batch->id)->whereNull('withdrawn_at')->whereNull('removed');
        foreach ($on->get() as $fitting) {
            $share = (int) round(($fitting->fitted * $child->count) / $all);
            if ($share >= 1 && $share < $fitting->fitted) {
                $fitting->replicate()->fill(['batch_id' => $child->id, 'fitted' => $share])->save();
                $fitting->update(['fitted' => $fitting->fitted - $share]);
            }
        }
    }

    /** A step is closed for the joined only where it was closed for both. */
    private function carryMarks(Batch $from, Batch $to, User $by): void
    {
        [$theirs, $ours] = [RoutingProgress::of($from)->walk, RoutingProgress::of($to)->walk];
        foreach ($ours->keys as $n => $key) {
            if (! $ours->isOpen($n) && $theirs->isOpen($n)) {
                $why = "Open for the {$from->count} joined from lot {$from->number}.";
                CompleteStep::reopen($to, $by, $key->text(), $why);
            }
        }
    }

    /** A clock that runs on either runs on both: the one that has to be heeded first. */
    private function carryClocks(Batch $from, Batch $to): void
    {
        foreach (self::running($from)->get() as $clock) {
            $own = self::running($to)->get()->firstWhere('step', $clock->step);
            if ($own === null) {
                $clock->replicate()->fill(['batch_id' => $to->id])->save();
            } elseif ($clock->isBareSteel() && $clock->started_at->lt($own->started_at)) {
                $own->update(['started_at' => $clock->started_at, 'due_at' => $clock->due_at]);
            } elseif (! $clock->isBareSteel() && $clock->due_at->gt($own->due_at)) {
                $own->update(['due_at' => $clock->due_at]);
            }
            $clock->update(['done_at' => ShopClock::now()]);
        }
    }

    /** @return Builder<StepTimer> */
    private static function running(Batch $batch): Builder
    {
        return StepTimer::query()->where('batch_id', $batch->id)->whereNull('done_at');
    }

    /** Pieces that were mended another way carry other coats. */
    private static function mustBeAlike(Batch $from, Batch $to): void
    {
        $of = fn (Batch $batch): array => array_map(fn (Rework $one): int => $one->id, array_filter(
            BatchCoats::of($batch)->reworks,
            fn (Rework $one): bool => $one->steps->isNotEmpty(),
        ));
        if ($of($from) !== $of($to)) {
            throw Refused::because([
                'into' => 'They were mended in different ways and carry different coats: they stay apart.',
            ]);
        }
    }

    private static function mustBeOutside(Batch $batch, string $how): void
    {
        $in = OvenLoadItem::query()->where('batch_id', $batch->id)->whereNull('out_at')
            ->whereHas('ovenLoad', fn ($load) => $load->whereIn('status', ['planned', 'running']));
        if ($in->exists()) {
            throw Refused::because([
                'lot' => ucfirst($batch->partName())." hangs in an oven load; it cannot be {$how} there.",
            ]);
        }
        if (Spraying::openOn($batch) !== null) {
            throw Refused::because([
                'lot' => ucfirst($batch->partName())." is being sprayed; it cannot be {$how} until that is logged or "
                    .'blown off.',
            ]);
        }
    }

    private static function note(Batch $batch, User $by, string $kind, string $note): void
    {
        BatchEvent::query()->create([
            'job_id' => $batch->part->job_id,
            'batch_id' => $batch->id,
            'user_id' => $by->id,
            'kind' => $kind,
            'from_station' => $batch->station,
            'to_station' => $batch->station,
            'note' => $note,
            'at' => ShopClock::now(),
        ]);
    }
}
