<?php

declare(strict_types=1);

namespace App\Application\Commands;

use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\PreOven;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Dimension;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;
use App\Application\Queries\CoatSetup;
use App\Application\Queries\PowderStock;
use App\Catalog\Models\PowderLot;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\GroundReading;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Facades\DB;

/** Records a spraying: powder weighed out, zones in order, checks of uncured powder, coated; or blown off again. */
final class SprayCoat
{
    /**
     * Stops hold; what wants a name is not begun in silence.
     *
     * @throws Refused saying what the book says
     */
    public static function mayBegin(CoatSetup $board, ?string $note): void
    {
        $units = Units::current();
        foreach ($board->findings() as $finding) {
            if ($finding->isStop()) {
                self::refuse('weighed', ucfirst($units->said($finding->words())));
            }
            if ($finding->rule->severity === Severity::Sign && $finding->isOpen() && trim((string) $note) === '') {
                $says = $units->said($finding->evidence);
                self::refuse('note', "Note is empty; {$says}, so write why it is sprayed all the same.");
            }
        }
    }

    /**
     * Powder leaves its lot for a coat that is due.
     *
     * @param  bool  $respirator  the one who sprays confirmed it
     *
     * @throws Refused where it is not due, is under way already, or the lot does not hold so much
     */
    public function weighOut(
        CoatSetup $board,
        ?float $grams,
        ?PowderLot $from,
        ?int $program,
        ?string $note,
        User $by,
        bool $respirator = false,
    ): Spraying {
        $work = function () use ($board, $grams, $from, $program, $note, $by, $respirator): Spraying {
            $batch = $board->batch;
            $this->mustBeDue($batch, $board->coat);
            if (Spraying::openOn($batch) !== null) {
                self::refuse('weighed', "{$batch->partName()} is being sprayed already: finish that, or blow it off.");
            }
            $from = $from === null ? null : PowderLot::findLocked($from->id);
            self::mustBeOnShelf($from);
            if ($grams !== null && $from !== null && $grams > PowderStock::leftG($from) + 1e-6) {
                $left = Units::current()->show(Dimension::Powder, PowderStock::leftG($from), 0);
                self::refuse('weighed', "Weighed out is more than {$from->words()} holds by the books, {$left}; "
                    .'weigh the box and write it down at the powder first.');
            }
            $bench = $board->bench;
            $plan = $bench->plan;
            $spraying = Spraying::query()->create([
                'part_id' => $batch->part_id,
                'batch_id' => $batch->id,
                'coat_id' => $board->coat->id,
                'powder_id' => $board->coat->powder_id,
                'powder_lot_id' => $from?->id,
                'gun_id' => $board->gun?->id,
                'program' => $program,
                'pieces' => $batch->count,
                'openness' => $bench->openness,
                'weighed_g' => $grams,
                'planned_g' => $plan->sprayG,
                'planned_um' => $plan->task->wantedUm,
                'planned_transfer' => $plan->task->transfer->plainShare,
                'planned_minutes' => $plan->plainMinutes,
                'area_m2' => array_sum(array_map(fn (ZonePlan $one): float => $one->zone->areaM2, $plan->zones)),
                'charge_index' => $plan->charge->index,
                'flow_g_min' => $plan->task->flowGPerMin,
                'gun_speed_mm_s' => $plan->task->handMmPerS,
                'overlap' => $plan->task->overlap,
                'ohm' => GroundReading::today($batch->part, $batch)?->figure('ohm'),
                'humidity_pct' => $board->airHumidityPct,
                'note' => $note,
                'respirator' => $respirator,
                'user_id' => $by->id,
                'at' => ShopClock::now(),
            ]);
            foreach ($plan->zones as $n => $zone) {
                $spraying->zones()->create([
                    'place' => $n + 1,
                    'zone' => $zone->zone->key,
                    'name' => mb_substr($zone->zone->name, 0, 80),
                    'tip' => $zone->setting->tip->value,
                    'kv' => $zone->setting->kv,
                    'ua' => $zone->setting->microAmps,
                    'air' => $zone->setting->air,
                    'gun_distance_mm' => $zone->setting->awayMm,
                    'film_um' => $zone->filmUm,
                    'passes' => $zone->passes,
                ]);
            }
            if ($from !== null && $from->opened_on === null) {
                $from->update(['opened_on' => ShopClock::today()]);
            }

            return $spraying->load(['zones', 'checks']);
        };

        return DB::transaction($work);
    }

    /**
     * Powder is on, and nobody weighed or ticked on the way: what is known of it is written down at once.
     *
     * @param  array{weighed_g?: ?float, back_g?: ?float, minutes?: ?float, part_c?: ?float, raw_um?: ?float,
     *      note?: ?string}  $log
     *
     * @throws Refused
     */
    public function logged(Batch $batch, Coat $coat, int $pieces, ?string $makersLot, array $log, User $by): Batch
    {
        return DB::transaction(function () use ($batch, $coat, $pieces, $makersLot, $log, $by): Batch {
            $board = CoatSetup::onLot($batch, RoutingProgress::of($batch), new CoatTurned());
            $open = Spraying::openOn($batch);
            if ($board === null || $board->coat->id !== $coat->id) {
                $this->mustBeDue($batch, $coat);
            }
            if ($board !== null && $open === null) {
                $from = $makersLot === null ? null : $coat->powder->lots->firstWhere('number', $makersLot)
                    ?? PowderLot::query()->where('powder_id', $coat->powder_id)->firstWhere('number', $makersLot);
                $open = $this->weighOut($board, $log['weighed_g'] ?? null, $from, null, $log['note'] ?? null, $by);
            }
            $log += ['back_g' => null, 'minutes' => null, 'part_c' => null, 'raw_um' => null, 'note' => null];

            return $open === null
                ? (new RecordCoat())($batch, $coat, $pieces, $makersLot, $log['note'], $by)
                : $this->done($open, $pieces, $log, $by, $makersLot);
        });
    }

    /**
     * A zone is done, with the gun as it was set.
     *
     * @param  array{kv?: ?float, ua?: ?float, air?: ?float, passes?: ?int}  $as  what differed from the plan
     *
     * @throws Refused where one before it is not
     */
    public function tickZone(SprayingZone $zone, array $as, User $by): void
    {
        DB::transaction(function () use ($zone, $as, $by): void {
            $spraying = Spraying::findLocked($zone->spraying_id);
            $this->mustBeOpen($spraying);
            $before = $spraying->zones->first(
                fn (SprayingZone $one): bool => $one->place < $zone->place && $one->ticked_at === null,
            );
            if ($before !== null) {
                self::refuse('zone', ucfirst("{$before->name} comes first: tick it, or say that it was not needed."));
            }
            $set = array_filter($as, fn (mixed $one): bool => $one !== null);
            $zone->update($set + ['ticked_at' => ShopClock::now(), 'ticked_by' => $by->id]);
        });
    }

    /** A tick that was wrong, and those after it, are open again. */
    public function untickZone(SprayingZone $zone): void
    {
        DB::transaction(function () use ($zone): void {
            $spraying = Spraying::findLocked($zone->spraying_id);
            $this->mustBeOpen($spraying);
            foreach ($spraying->zones->where('place', '>=', $zone->place)->whereNotNull('ticked_at') as $one) {
                $one->update(['ticked_at' => null, 'ticked_by' => null]);
            }
        });
    }

    /** Something looked at while the powder is raw. */
    public function check(Spraying $spraying, PreOven $what, ?int $pin, User $by): void
    {
        $this->mustBeOpen($spraying);
        $known = $spraying->checks->first(fn ($one): bool => $one->what === $what->value && $one->pin_id === $pin);
        $known ?? $spraying->checks()->create([
            'what' => $what->value, 'pin_id' => $pin, 'user_id' => $by->id, 'at' => ShopClock::now(),
        ]);
    }

    /**
     * Powder is on: so many pieces of it are coated now, the rest stays raw.
     *
     * @param  array{back_g: ?float, minutes: ?float, part_c: ?float, raw_um: ?float, note: ?string, ...}  $log
     * @return Batch the lot that is coated now
     *
     * @throws Refused
     */
    public function done(
        Spraying $spraying,
        int $pieces,
        array $log,
        User $by,
        ?string $makersLot = null,
    ): Batch {
        return DB::transaction(function () use ($spraying, $pieces, $log, $by, $makersLot): Batch {
            $held = Spraying::findLocked($spraying->id);
            $this->mustBeOpen($held);
            $this->mayComeBack($held, $log['back_g']);
            // Over from here on: pieces that stay bare part from it.
            $held->update(['done_at' => ShopClock::now(), 'done_by' => $by->id]);
            $batch = (new RecordCoat())(
                $held->batch,
                $held->coat,
                $pieces,
                $makersLot ?? $held->powderLot?->number,
                $log['note'] ?? $held->note,
                $by,
            );
            $share = $pieces / $held->pieces;
            $held->update([
                'batch_id' => $batch->id,
                'pieces' => $pieces,
                'planned_g' => $share * $held->planned_g,
                'planned_minutes' => $share * $held->planned_minutes,
                'area_m2' => $share * $held->area_m2,
                'back_g' => $log['back_g'],
                'minutes' => $log['minutes'],
                'part_c' => $log['part_c'],
                'raw_um' => $log['raw_um'],
                'raw_read_um' => $log['raw_read_um'] ?? null,
                'raw_kind' => $log['raw_kind'] ?? null,
                'raw_sd_um' => $log['raw_sd_um'] ?? null,
                'note' => $log['note'] ?? $held->note,
            ]);

            return $batch;
        });
    }

    /**
     * Raw powder is blown off: the coat is due again, and what was on it is gone.
     *
     * @throws Refused where it is baked, or hangs in a load
     */
    public function blowOff(Spraying $spraying, string $why, ?float $backG, User $by): void
    {
        DB::transaction(function () use ($spraying, $why, $backG, $by): void {
            $held = Spraying::findLocked($spraying->id);
            if ($held->blown_off_at !== null) {
                self::refuse('why', 'That is blown off already.');
            }
            $this->mayComeBack($held, $backG);
            $batch = Batch::findLocked($held->batch_id);
            $batch->mustBeOpen();
            if ($batch->station !== Station::Coat) {
                self::refuse('why', "{$batch->partName()} hangs at {$batch->station->label()}; hang it at Coat first.");
            }
            $walk = RoutingProgress::of($batch);
            if ($walk->standings[$held->coat->position]->isBaked()) {
                self::refuse('why', 'It is baked: powder that has flowed does not blow off.');
            }
            $wasDone = $held->done_at !== null;
            $held->update([
                'back_g' => $backG ?? $held->back_g,
                'blown_off_at' => ShopClock::now(),
                'blown_off_by' => $by->id,
                'blown_off_why' => $why,
            ]);
            if ($wasDone && $walk->isCoated($held->coat)) {
                $key = (new StepKey(StepKind::Coat, $held->coat->position))->text();
                CompleteStep::reopen($batch, $by, $key, "blown off: {$why}");
                (new BareSteelTimer())->baredAgain($batch, $held->at, $by);
            }
        });
    }

    /** A powder lot that is finished or withdrawn by now is not weighed from: what leaves it would be on no books. */
    private static function mustBeOnShelf(?PowderLot $from): void
    {
        $gone = match (true) {
            $from?->withdrawn_at !== null => 'was withdrawn; pick another lot',
            $from?->finished_at !== null => 'is finished by the books; weigh what is in the box and write it down at '
                .'the powder, or pick another lot',
            default => null,
        };
        $gone === null ? null : self::refuse('powder_lot', ucfirst("{$from?->words()} {$gone}."));
    }

    /** No more comes back than went out. */
    private function mayComeBack(Spraying $held, ?float $grams): void
    {
        if ($grams !== null && $held->weighed_g === null) {
            self::refuse('back', 'Came back is given, but nothing was weighed out; leave it empty.');
        }
        if ($grams !== null && $grams > $held->weighed_g) {
            $most = Units::current()->show(Dimension::Powder, $held->weighed_g);
            self::refuse('back', "Came back is more than went out; allowed: up to {$most}.");
        }
    }

    private function mustBeDue(Batch $batch, Coat $coat): void
    {
        $held = Batch::findLocked($batch->id);
        $held->mustBeOpen();
        $walk = RoutingProgress::of($held);
        if ($held->station !== Station::Coat || $walk->coatDue()?->id !== $coat->id || $walk->isCoated($coat)) {
            $why = "{$coat->powder->name} is not the coat that is due on {$held->partName()} at Coat.";
            self::refuse('coat', $why);
        }
        $first = $walk->some($walk->walk->beforePowder($coat->position))[0] ?? null;
        if ($first !== null) {
            $where = $first->step->kind->station()->label();
            self::refuse('coat', "{$first->name} is still open at {$where}; do it first.");
        }
    }

    private function mustBeOpen(Spraying $spraying): void
    {
        if (! $spraying->isOpen()) {
            self::refuse('zone', 'That spraying is over; what is written of it stays.');
        }
        $spraying->batch->mustBeOpen();
    }

    private static function refuse(string $field, string $why): never
    {
        throw Refused::because([$field => $why]);
    }
}
