<?php

declare(strict_types=1);

namespace App\Inspection\Commands;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\Rework as Way;
use Aenum\Core\Inspection\ReworkMethod;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\User;
use App\Application\Models\Spraying;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Rework;
use App\Inspection\Models\ReworkStep;
use App\Inspection\Queries\DefectCase;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Preparation\Queries\PartMasks;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\StepCompletion;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\RoutingProgress;
use App\ShopFloor\Queries\TransferGuard;
use Illuminate\Support\Facades\DB;

/** Decides what is done about a defect: rework on those pieces, closed with its cause, or withdrawn. */
final class DecideDisposition
{
    /**
     * @return Batch the pieces it is laid on
     *
     * @throws Refused where it is not to be had, or something is decided already
     */
    public function choose(Defect $defect, ReworkMethod $way, ?string $agreedBy, ?string $note, User $by): Batch
    {
        return DB::transaction(function () use ($defect, $way, $agreedBy, $note, $by): Batch {
            $held = $this->held($defect);
            if ($held->rework() !== null && $held->isOpen()) {
                $this->refuse('way', 'Something is decided already: finish it, or take it back first.');
            }
            if ($way->wantsName() && trim((string) $agreedBy) === '') {
                $this->refuse('agreed_by', 'Name is empty; who accepts it as it is?');
            }
            $chosen = $this->offered($held, $way);
            $batch = $held->batch;
            TransferGuard::outOfTheOven($batch);
            TransferGuard::outOfTheBooth($batch);
            if ($way !== ReworkMethod::Accept && $held->pieces < $batch->count) {
                $batch = (new SplitBatch())($batch, $held->pieces, $by, "{$held->kind->label()}, {$held->pieces}");
                $held->update(['batch_id' => $batch->id]);
            }
            $rework = $this->write($held, $batch, $chosen, $agreedBy, $note, $by);
            if ($way !== ReworkMethod::Accept) {
                $this->lay($rework, $batch, $chosen, $by);
            }
            if ($way === ReworkMethod::Rebake) {
                $this->judgeShort($held, $batch, $by);
            }
            InspectionChecklist::close($batch->refresh(), $by);

            return $batch;
        });
    }

    /**
     * Its pieces were parted by hand: it lies on those of one lot, and the others are free of it.
     *
     * @throws Refused where they are none of its pieces, are fewer, or something is decided
     */
    public function moveToBatch(Defect $defect, Batch $batch): void
    {
        DB::transaction(function () use ($defect, $batch): void {
            Job::findLocked($defect->part->job_id)->mustBeOpen();
            $held = Defect::findLocked($defect->id);
            $to = Batch::findLocked($batch->id);
            $to->mustBeOpen();
            if ($held->withdrawn_at !== null || $held->rework() !== null) {
                $this->refuse('lot', 'Something is decided on it already: it stays with those pieces.');
            }
            if (! BatchHistory::of($to)->any($held->batch_id, $held->at)) {
                $this->refuse('lot', ucfirst($to->partName()).' holds none of the pieces it was found on.');
            }
            if ($to->count < $held->pieces) {
                $this->refuse('lot', "{$to->count} are in that lot, and it is on {$held->pieces}: take the fault back "
                    .'and pin it on each lot by itself.');
            }
            $held->update(['batch_id' => $to->id]);
        });
    }

    /**
     * It is mended: what it came from, as far as it is known.
     *
     * @throws Refused where steps of it are open
     */
    public function close(Defect $defect, ?DefectCause $cause, User $by): void
    {
        DB::transaction(function () use ($defect, $cause, $by): void {
            $held = Defect::findLocked($defect->id);
            $rework = $held->rework();
            if ($rework !== null && $rework->closed_at === null) {
                if (! DefectCase::isDone(RoutingProgress::of($held->batch))) {
                    $this->refuse('cause', 'It is not mended yet: steps of its route are open.');
                }
                $rework->update(['closed_at' => ShopClock::now(), 'closed_by' => $by->id]);
            }
            $held->update(['cause' => $cause, 'cause_by' => $by->id, 'cause_at' => ShopClock::now()]);
            $held->unsetRelation('reworks');
            if ($held->batch->isOpen()) {
                InspectionChecklist::close($held->batch->refresh(), $by);
            }
        });
    }

    /**
     * Decided otherwise: nothing of it was done yet.
     *
     * @throws Refused where something was
     */
    public function withdraw(Rework $rework, User $by): void
    {
        DB::transaction(function () use ($rework, $by): void {
            $held = Rework::findLocked($rework->id);
            $coats = $held->coats->pluck('id');
            $marks = StepCompletion::query()->where('batch_id', $held->batch_id)->where('at', '>', $held->at)
                ->where('outcome', 'done');
            $begun = Spraying::query()->whereIn('coat_id', $coats)->exists()
                || ($held->way !== ReworkMethod::Accept && $marks->exists());
            if ($begun || $held->withdrawn_at !== null || ($held->way !== ReworkMethod::Accept && $held->closed_at)) {
                $this->refuse('way', 'Some of it is done: what was decided stays on record.');
            }
            foreach ($held->coats as $coat) {
                $coat->supersede($by->id, ShopClock::now());
            }
            $held->withdraw($by, ShopClock::now());
        });
    }

    private function held(Defect $defect): Defect
    {
        $job = Job::findLocked($defect->part->job_id);
        $job->mustBeOpen();
        $held = Defect::findLocked($defect->id);
        if ($held->withdrawn_at !== null) {
            $this->refuse('way', 'That fault was taken back.');
        }
        $batch = Batch::findLocked($held->batch_id);
        $batch->mustBeOpen();
        if (! in_array($batch->station, [Station::Inspect, Station::Release], true)) {
            $this->refuse(
                'way',
                ucfirst($batch->partName())." hangs at {$batch->station->label()}; decide at Inspect.",
            );
        }

        return $held->setRelation('batch', $batch);
    }

    private function offered(Defect $defect, ReworkMethod $way): Way
    {
        foreach (DefectCase::of($defect)->ways as $one) {
            if ($one->way === $way) {
                return $one->not === null ? $one : $this->refuse(
                    'way',
                    ucfirst("{$way->label()} is not to be had: {$one->not}."),
                );
            }
        }
        $this->refuse('way', 'There is no film on it to mend.');
    }

    private function write(Defect $defect, Batch $batch, Way $way, ?string $agreedBy, ?string $note, User $by): Rework
    {
        $accepted = $way->way === ReworkMethod::Accept;
        $batch->part->unsetRelation('reworks');

        return Rework::query()->create([
            'part_id' => $defect->part_id,
            'batch_id' => $batch->id,
            'defect_id' => $defect->id,
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

    private function lay(Rework $rework, Batch $batch, Way $way, User $by): void
    {
        $walk = RoutingProgress::of($batch);
        $after = $walk->coats->every->count();
        $planned = $batch->part->coats->sortBy('position')->values();
        $again = match ($way->way) {
            ReworkMethod::Strip => $planned,
            ReworkMethod::Recoat => $planned->slice(-1)->values(),
            default => collect(),
        };
        foreach ($again as $n => $coat) {
            Coat::query()->create([
                'part_id' => $batch->part_id,
                'position' => $after + $n + 1,
                'powder_id' => $coat->powder_id,
                'role' => $coat->role,
                'bake_to' => $way->way === ReworkMethod::Recoat ? BakeTo::Full->value : $coat->bake_to,
                'zone' => $coat->zone,
                'share' => $coat->share,
                'rework_id' => $rework->id,
            ]);
        }
        foreach ([...$this->masksAgain($batch, $walk, $way), ...$way->steps] as $position => $step) {
            $rework->steps()->create(
                ['position' => $position] + ReworkStep::kept($step, Units::current()->said($step->why)),
            );
        }
        foreach ($walk->walk->steps as $n => $step) {
            $isLater = ! Station::Inspect->isAfter($step->kind->station()) && $step->kind !== StepKind::Release;
            if ($isLater && $walk->walk->outcome($n)?->closes() === true) {
                $why = "{$way->way->label()}: {$rework->defect->kind->label()}";
                CompleteStep::reopen($batch, $by, $walk->walk->keys[$n]->text(), $why);
            }
        }
        BatchEvent::query()->create([
            'job_id' => $batch->part->job_id,
            'batch_id' => $batch->id,
            'user_id' => $by->id,
            'kind' => 'mended',
            'from_station' => $batch->station,
            'to_station' => $batch->station,
            'note' => mb_substr("{$rework->defect->kind->label()} on {$batch->count}: {$way->way->label()}", 0, 500),
            'at' => ShopClock::now(),
        ]);
    }

    /**
     * Masks that are off already go on again before powder does.
     *
     * @return list<Step>
     */
    private function masksAgain(Batch $batch, RoutingProgress $walk, Way $way): array
    {
        $masked = $batch->part->pins->filter(fn (Pin $pin): bool => $pin->kind->isMasked())->count();
        $isOff = $walk->walk->firstOpen(null, StepKind::Unmask) === null || ! PartMasks::anyOn($batch);

        return $way->way === ReworkMethod::Recoat && $masked > 0 && $isOff
            ? [new Step(
                StepKind::TapeMask,
                RouteTimes::MASK_EACH * $masked * $batch->count,
                0,
                'What must stay bare is masked again before the new coat.',
            )]
            : [];
    }

    /** Its bake is open again: by the rub that said so, else by whoever saw it. */
    private function judgeShort(Defect $defect, Batch $batch, User $by): void
    {
        $walk = RoutingProgress::of($batch->refresh());
        $top = $defect->coat ?? $walk->coats->on()->last();
        if ($top !== null && ! $walk->standings[$top->position]->goesBackIn()) {
            $why = "{$defect->kind->label()}, seen ".ShopClock::local($defect->at)->format('j M Y');
            (new RecordInspection())->judgedShort($top, $batch, $by, $why);
        }
    }

    private function refuse(string $field, string $why): never
    {
        throw Refused::because([$field => $why]);
    }
}
