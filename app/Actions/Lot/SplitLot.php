<?php

declare(strict_types=1);

namespace App\Actions\Lot;

use App\Actions\Log\LotCoats;
use App\Models\BenchClock;
use App\Models\Fitting;
use App\Models\Lot;
use App\Models\Move;
use App\Models\OvenLoadItem;
use App\Models\Rework;
use App\Models\Spraying;
use App\Models\StepMark;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Splits, joins and scraps lots; no piece is ever gained or lost by it. */
final class SplitLot
{
    /**
     * Takes pieces out of a lot into one of their own, with everything that is so of them.
     *
     * @throws ValidationException where there are not more pieces than that
     */
    public function __invoke(Lot $lot, int $pieces, User $by, ?string $name = null): Lot
    {
        return DB::transaction(function () use ($lot, $pieces, $by, $name): Lot {
            $held = Lot::held($lot->id);
            $held->mustBeOpen();
            if ($pieces < 1 || $pieces >= $held->count) {
                throw ValidationException::withMessages([
                    'pieces' => "Pieces is {$pieces}; allowed: 1 to ".($held->count - 1)
                        .', so that some stay in the lot.',
                ]);
            }
            self::mustBeOutside($held, 'split');
            $before = $held->count;
            $child = self::child($held, $pieces, $by, $name);
            self::note($child, $by, 'split', "{$pieces} of {$before} into {$child->name}");
            $lot->refresh();

            return $child;
        });
    }

    /**
     * Parts a lot into lots of so many pieces; the last holds the rest.
     *
     * @return int how many lots it is now
     *
     * @throws ValidationException where one lot holds them all
     */
    public function into(Lot $lot, int $each, User $by): int
    {
        return DB::transaction(function () use ($lot, $each, $by): int {
            $lots = 1;
            $left = $lot->count;
            if ($each < 1 || $each >= $left) {
                throw ValidationException::withMessages([
                    'each' => "To a lot is {$each}; allowed: 1 to ".($left - 1).'.',
                ]);
            }
            for (; $left > $each; $left -= $each, $lots++) {
                $this($lot, $each, $by);
            }

            return $lots;
        });
    }

    /** The pieces that go into the oven, where others of their lot stay outside. */
    public static function forTheOven(Lot $lot, int $pieces, User $by): Lot
    {
        $child = self::child($lot, $pieces, $by, null);
        self::note($child, $by, 'split', "{$pieces} into the oven, {$lot->count} stay as they are");

        return $child;
    }

    /** The pieces that leave a running oven before the others of their batch. */
    public static function outOfTheOven(Lot $lot, int $pieces, User $by): Lot
    {
        $child = self::child($lot, $pieces, $by, null);
        self::note($child, $by, 'split', "{$pieces} out of the oven, {$lot->count} bake on");

        return $child;
    }

    /**
     * Puts a lot's pieces into another of the same part that hangs beside it.
     *
     * @throws ValidationException where they do not hang together
     */
    public function join(Lot $lot, Lot $into, User $by): void
    {
        DB::transaction(function () use ($lot, $into, $by): void {
            foreach ([min($lot->id, $into->id), max($lot->id, $into->id)] as $id) {
                Lot::held($id)->mustBeOpen();
            }
            [$from, $to] = [Lot::held($lot->id), Lot::held($into->id)];
            if ($from->id === $to->id || $from->part_id !== $to->part_id || $from->station !== $to->station) {
                throw ValidationException::withMessages([
                    'into' => 'Only lots of the same part that hang at the same station can be joined.',
                ]);
            }
            self::mustBeAlike($from, $to);
            self::mustBeOutside($from, 'joined');
            self::mustBeOutside($to, 'joined');
            $this->carryMarks($from, $to, $by);
            $this->carryClocks($from, $to);
            foreach (Fitting::query()->where('lot_id', $from->id)->get() as $fitting) {
                $fitting->update(['lot_id' => $to->id]);
            }
            $to->update(['count' => $to->count + $from->count]);
            $from->update(['fate' => 'joined', 'joined_into' => $to->id, 'ended_at' => ShopClock::now()]);
            self::note($to, $by, 'joined', "{$from->count} from lot {$from->number}, {$to->count} in all");
        });
    }

    /**
     * Pieces that will not reach the customer.
     *
     * @throws ValidationException where there are not so many
     */
    public function scrap(Lot $lot, int $pieces, User $by, string $why): void
    {
        DB::transaction(function () use ($lot, $pieces, $by, $why): void {
            $held = Lot::held($lot->id);
            $held->mustBeOpen();
            self::mustBeOutside($held, 'scrapped');
            if ($pieces < 1 || $pieces > $held->count) {
                throw ValidationException::withMessages([
                    'scrapped' => "Scrapped is {$pieces}; allowed: 1 to {$held->count}.",
                ]);
            }
            $gone = $pieces === $held->count ? $held : self::child($held, $pieces, $by, null);
            $gone->update(['fate' => 'scrapped', 'ended_at' => ShopClock::now()]);
            self::note($gone, $by, 'scrapped', "{$pieces}: {$why}");
            $gone->part->job->closeWhenNothingHangs();
        });
    }

    private static function child(Lot $lot, int $pieces, User $by, ?string $name): Lot
    {
        $number = 1 + (int) Lot::query()->where('part_id', $lot->part_id)->max('number');
        $child = Lot::query()->create([
            'part_id' => $lot->part_id,
            'number' => $number,
            'name' => trim((string) $name) === '' ? "lot {$number}" : trim((string) $name),
            'count' => $pieces,
            'station' => $lot->station,
            'from_lot_id' => $lot->id,
            'born_at' => ShopClock::now(),
            'user_id' => $by->id,
        ]);
        $lot->update(['count' => $lot->count - $pieces]);
        $marks = StepMark::query()->where('lot_id', $lot->id)->orderBy('id');
        foreach ($marks->get() as $mark) {
            $mark->replicate()->fill(['lot_id' => $child->id])->save();
        }
        foreach (self::running($lot)->get() as $clock) {
            $clock->replicate()->fill(['lot_id' => $child->id])->save();
        }
        self::shareMasks($lot, $child);

        return $child;
    }

    /** Masks go with the pieces they are on: as many as the pieces have of what was on all. */
    private static function shareMasks(Lot $lot, Lot $child): void
    {
        $all = $lot->count + $child->count;
        $on = Fitting::query()->where('lot_id', $lot->id)->whereNull('withdrawn_at')->whereNull('removed');
        foreach ($on->get() as $fitting) {
            $share = (int) round(($fitting->fitted * $child->count) / $all);
            if ($share >= 1 && $share < $fitting->fitted) {
                $fitting->replicate()->fill(['lot_id' => $child->id, 'fitted' => $share])->save();
                $fitting->update(['fitted' => $fitting->fitted - $share]);
            }
        }
    }

    /** A step is closed for the joined only where it was closed for both. */
    private function carryMarks(Lot $from, Lot $to, User $by): void
    {
        [$theirs, $ours] = [LotWalk::of($from)->walk, LotWalk::of($to)->walk];
        foreach ($ours->keys as $n => $key) {
            if (! $ours->isOpen($n) && $theirs->isOpen($n)) {
                $why = "Open for the {$from->count} joined from lot {$from->number}.";
                TickStep::reopen($to, $by, $key->text(), $why);
            }
        }
    }

    /** A clock that runs on either runs on both: the one that has to be heeded first. */
    private function carryClocks(Lot $from, Lot $to): void
    {
        foreach (self::running($from)->get() as $clock) {
            $own = self::running($to)->get()->firstWhere('step', $clock->step);
            if ($own === null) {
                $clock->replicate()->fill(['lot_id' => $to->id])->save();
            } elseif ($clock->isBareSteel() && $clock->started_at->lt($own->started_at)) {
                $own->update(['started_at' => $clock->started_at, 'due_at' => $clock->due_at]);
            } elseif (! $clock->isBareSteel() && $clock->due_at->gt($own->due_at)) {
                $own->update(['due_at' => $clock->due_at]);
            }
            $clock->update(['done_at' => ShopClock::now()]);
        }
    }

    /** @return Builder<BenchClock> */
    private static function running(Lot $lot): Builder
    {
        return BenchClock::query()->where('lot_id', $lot->id)->whereNull('done_at');
    }

    /** Pieces that were mended another way carry other coats. */
    private static function mustBeAlike(Lot $from, Lot $to): void
    {
        $of = fn (Lot $lot): array => array_map(fn (Rework $one): int => $one->id, array_filter(
            LotCoats::of($lot)->reworks,
            fn (Rework $one): bool => $one->steps->isNotEmpty(),
        ));
        if ($of($from) !== $of($to)) {
            throw ValidationException::withMessages([
                'into' => 'They were mended in different ways and carry different coats: they stay apart.',
            ]);
        }
    }

    private static function mustBeOutside(Lot $lot, string $how): void
    {
        $in = OvenLoadItem::query()->where('lot_id', $lot->id)->whereNull('out_at')
            ->whereHas('ovenLoad', fn ($load) => $load->whereIn('status', ['planned', 'running']));
        if ($in->exists()) {
            throw ValidationException::withMessages([
                'lot' => ucfirst($lot->partName())." hangs in an oven load; it cannot be {$how} there.",
            ]);
        }
        if (Spraying::openOn($lot) !== null) {
            throw ValidationException::withMessages([
                'lot' => ucfirst($lot->partName())." is being sprayed; it cannot be {$how} until that is logged or "
                    .'blown off.',
            ]);
        }
    }

    private static function note(Lot $lot, User $by, string $kind, string $note): void
    {
        Move::query()->create([
            'job_id' => $lot->part->job_id,
            'lot_id' => $lot->id,
            'user_id' => $by->id,
            'kind' => $kind,
            'from_station' => $lot->station,
            'to_station' => $lot->station,
            'note' => $note,
            'at' => ShopClock::now(),
        ]);
    }
}
