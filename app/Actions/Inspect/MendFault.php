<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\FaultCause;
use Aenum\Core\Inspect\Rework as Way;
use Aenum\Core\Inspect\ReworkWay;
use Aenum\Core\Job\Step;
use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Word\BakeTo;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Log\LotPast;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\SplitLot;
use App\Actions\Lot\TickStep;
use App\Actions\Mask\MasksOfPart;
use App\Actions\Rail\MayGoOn;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Move;
use App\Models\Pin;
use App\Models\Rework;
use App\Models\ReworkStep;
use App\Models\Spraying;
use App\Models\StepMark;
use App\Models\User;
use App\Support\ShopClock;
use App\Support\Units;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** What is decided about a fault: laid on the route of just those pieces, closed with its cause, or taken back. */
final class MendFault
{
    /**
     * @return Lot the pieces it is laid on
     *
     * @throws ValidationException where it is not to be had, or something is decided already
     */
    public function choose(Fault $fault, ReworkWay $way, ?string $agreedBy, ?string $note, User $by): Lot
    {
        return DB::transaction(function () use ($fault, $way, $agreedBy, $note, $by): Lot {
            $held = $this->held($fault);
            if ($held->rework() !== null && $held->isOpen()) {
                $this->refuse('way', 'Something is decided already: finish it, or take it back first.');
            }
            if ($way->wantsName() && trim((string) $agreedBy) === '') {
                $this->refuse('agreed_by', 'Name is empty; who accepts it as it is?');
            }
            $chosen = $this->offered($held, $way);
            $lot = $held->lot;
            MayGoOn::outOfTheOven($lot);
            MayGoOn::outOfTheBooth($lot);
            if ($way !== ReworkWay::Accept && $held->pieces < $lot->count) {
                $lot = (new SplitLot())($lot, $held->pieces, $by, "{$held->kind->label()}, {$held->pieces}");
                $held->update(['lot_id' => $lot->id]);
            }
            $rework = $this->write($held, $lot, $chosen, $agreedBy, $note, $by);
            if ($way !== ReworkWay::Accept) {
                $this->lay($rework, $lot, $chosen, $by);
            }
            if ($way === ReworkWay::Rebake) {
                $this->judgeShort($held, $lot, $by);
            }
            LookedOver::close($lot->refresh(), $by);

            return $lot;
        });
    }

    /**
     * Its pieces were parted by hand: it lies on those of one lot, and the others are free of it.
     *
     * @throws ValidationException where they are none of its pieces, are fewer, or something is decided
     */
    public function lieOn(Fault $fault, Lot $lot): void
    {
        DB::transaction(function () use ($fault, $lot): void {
            Job::held($fault->part->job_id)->mustBeOpen();
            $held = Fault::held($fault->id);
            $to = Lot::held($lot->id);
            $to->mustBeOpen();
            if ($held->withdrawn_at !== null || $held->rework() !== null) {
                $this->refuse('lot', 'Something is decided on it already: it stays with those pieces.');
            }
            if (! LotPast::of($to)->any($held->lot_id, $held->at)) {
                $this->refuse('lot', ucfirst($to->partName()).' holds none of the pieces it was found on.');
            }
            if ($to->count < $held->pieces) {
                $this->refuse('lot', "{$to->count} are in that lot, and it is on {$held->pieces}: take the fault back "
                    .'and pin it on each lot by itself.');
            }
            $held->update(['lot_id' => $to->id]);
        });
    }

    /**
     * It is mended: what it came from, as far as it is known.
     *
     * @throws ValidationException where steps of it are open
     */
    public function close(Fault $fault, ?FaultCause $cause, User $by): void
    {
        DB::transaction(function () use ($fault, $cause, $by): void {
            $held = Fault::held($fault->id);
            $rework = $held->rework();
            if ($rework !== null && $rework->closed_at === null) {
                if (! FaultBoard::isDone(LotWalk::of($held->lot))) {
                    $this->refuse('cause', 'It is not mended yet: steps of its route are open.');
                }
                $rework->update(['closed_at' => ShopClock::now(), 'closed_by' => $by->id]);
            }
            $held->update(['cause' => $cause, 'cause_by' => $by->id, 'cause_at' => ShopClock::now()]);
            $held->unsetRelation('reworks');
            if ($held->lot->isOpen()) {
                LookedOver::close($held->lot->refresh(), $by);
            }
        });
    }

    /**
     * Decided otherwise: nothing of it was done yet.
     *
     * @throws ValidationException where something was
     */
    public function takeBack(Rework $rework, User $by): void
    {
        DB::transaction(function () use ($rework, $by): void {
            $held = Rework::held($rework->id);
            $coats = $held->coats->pluck('id');
            $marks = StepMark::query()->where('lot_id', $held->lot_id)->where('at', '>', $held->at)
                ->where('outcome', 'done');
            $begun = Spraying::query()->whereIn('coat_id', $coats)->exists()
                || ($held->way !== ReworkWay::Accept && $marks->exists());
            if ($begun || $held->withdrawn_at !== null || ($held->way !== ReworkWay::Accept && $held->closed_at)) {
                $this->refuse('way', 'Some of it is done: what was decided stays on record.');
            }
            foreach ($held->coats as $coat) {
                $coat->supersede($by->id, ShopClock::now());
            }
            $held->withdraw($by, ShopClock::now());
        });
    }

    private function held(Fault $fault): Fault
    {
        $job = Job::held($fault->part->job_id);
        $job->mustBeOpen();
        $held = Fault::held($fault->id);
        if ($held->withdrawn_at !== null) {
            $this->refuse('way', 'That fault was taken back.');
        }
        $lot = Lot::held($held->lot_id);
        $lot->mustBeOpen();
        if (! in_array($lot->station, [Station::Inspect, Station::Release], true)) {
            $this->refuse('way', ucfirst($lot->partName())." hangs at {$lot->station->label()}; decide at Inspect.");
        }

        return $held->setRelation('lot', $lot);
    }

    private function offered(Fault $fault, ReworkWay $way): Way
    {
        foreach (FaultBoard::of($fault)->ways as $one) {
            if ($one->way === $way) {
                return $one->not === null ? $one : $this->refuse(
                    'way',
                    ucfirst("{$way->label()} is not to be had: {$one->not}."),
                );
            }
        }
        $this->refuse('way', 'There is no film on it to mend.');
    }

    private function write(Fault $fault, Lot $lot, Way $way, ?string $agreedBy, ?string $note, User $by): Rework
    {
        $accepted = $way->way === ReworkWay::Accept;

        return Rework::query()->create([
            'part_id' => $fault->part_id,
            'lot_id' => $lot->id,
            'fault_id' => $fault->id,
            'way' => $way->way,
            'minutes' => $way->minutes,
            'wait_minutes' => $way->waitMinutes,
            'powder_kg' => $way->powderKg,
            'money' => $way->money,
            'film_after_um' => $way->filmAfterUm,
            'agreed_by' => $accepted ? trim((string) $agreedBy) : null,
            'note' => trim((string) $note) === '' ? null : trim((string) $note),
            'user_id' => $by->id,
            'at' => ShopClock::now(),
            'closed_at' => $accepted ? ShopClock::now() : null,
            'closed_by' => $accepted ? $by->id : null,
        ]);
    }

    private function lay(Rework $rework, Lot $lot, Way $way, User $by): void
    {
        $walk = LotWalk::of($lot);
        $after = $walk->coats->every->count();
        $planned = $lot->part->coats->sortBy('position')->values();
        $again = match ($way->way) {
            ReworkWay::Strip => $planned,
            ReworkWay::Recoat => $planned->slice(-1)->values(),
            default => collect(),
        };
        foreach ($again as $n => $coat) {
            Coat::query()->create([
                'part_id' => $lot->part_id,
                'position' => $after + $n + 1,
                'powder_id' => $coat->powder_id,
                'role' => $coat->role,
                'bake_to' => $way->way === ReworkWay::Recoat ? BakeTo::Full->value : $coat->bake_to,
                'zone' => $coat->zone,
                'share' => $coat->share,
                'rework_id' => $rework->id,
            ]);
        }
        foreach ([...$this->masksAgain($lot, $walk, $way), ...$way->steps] as $position => $step) {
            $rework->steps()->create(
                ['position' => $position] + ReworkStep::kept($step, Units::current()->said($step->why)),
            );
        }
        foreach ($walk->walk->steps as $n => $step) {
            $isLater = ! Station::Inspect->isAfter($step->kind->station()) && $step->kind !== StepKind::Release;
            if ($isLater && $walk->walk->outcome($n)?->closes() === true) {
                $why = "{$way->way->label()}: {$rework->fault->kind->label()}";
                TickStep::reopen($lot, $by, $walk->walk->keys[$n]->text(), $why);
            }
        }
        Move::query()->create([
            'job_id' => $lot->part->job_id,
            'lot_id' => $lot->id,
            'user_id' => $by->id,
            'kind' => 'mended',
            'from_station' => $lot->station,
            'to_station' => $lot->station,
            'note' => mb_substr("{$rework->fault->kind->label()} on {$lot->count}: {$way->way->label()}", 0, 500),
            'at' => ShopClock::now(),
        ]);
    }

    /**
     * Masks that are off already go on again before powder does.
     *
     * @return list<Step>
     */
    private function masksAgain(Lot $lot, LotWalk $walk, Way $way): array
    {
        $masked = $lot->part->pins->filter(fn (Pin $pin): bool => $pin->kind->isMasked())->count();
        $isOff = $walk->walk->firstOpen(null, StepKind::Unmask) === null || ! MasksOfPart::anyOn($lot);

        return $way->way === ReworkWay::Recoat && $masked > 0 && $isOff
            ? [new Step(
                StepKind::TapeMask,
                RouteTimes::MASK_EACH * $masked * $lot->count,
                0,
                'What must stay bare is masked again before the new coat.',
            )]
            : [];
    }

    /** Its bake is open again: by the rub that said so, else by whoever saw it. */
    private function judgeShort(Fault $fault, Lot $lot, User $by): void
    {
        $walk = LotWalk::of($lot->refresh());
        $top = $fault->coat ?? $walk->coats->on()->last();
        if ($top !== null && ! $walk->standings[$top->position]->goesBackIn()) {
            $why = "{$fault->kind->label()}, seen ".ShopClock::local($fault->at)->format('j M Y');
            (new RecordInspection())->judgedShort($top, $lot, $by, $why);
        }
    }

    private function refuse(string $field, string $why): never
    {
        throw ValidationException::withMessages([$field => $why]);
    }
}
