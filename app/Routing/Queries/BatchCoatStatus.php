<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\CureStatus;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Trade\StepKind;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Routing\Models\StepCompletion;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** Status of a coat on a batch: its bakes, measurements since, operator entries. */
final class BatchCoatStatus
{
    /** What a rub or an eye says outranks what a curve says: it asked the film itself. */
    private const MEASURED_BY = [['solvent_rub', 'judged'], ['logger']];

    private const VERDICTS = ['pass' => true, 'fail' => false];

    /** The coat of a lot that waits for powder or for its bake; null where none does. */
    public static function due(Batch $batch): ?Coat
    {
        return BatchCoats::of($batch)->on()->first(
            fn (Coat $coat): bool => ! self::standing($coat, $batch)->closesBake(),
        );
    }

    public static function standing(Coat $coat, Batch $batch): CureStatus
    {
        $coat->loadMissing(['results', 'inspections.ovenLog']);
        $batch->loadMissing(['marks', 'part.batches']);
        $past = BatchHistory::of($batch);
        $all = [];
        for ($strand = 0; $strand < $past->count(); $strand++) {
            $lived = fn (OvenResult $one): bool => $past->lived($strand, $one->batch_id, $one->at);
            $seen = fn (Inspection $one): bool => $past->lived($strand, $one->batch_id, $one->at) && $one->stands();
            $all[] = self::of(
                $coat,
                $batch,
                $coat->results->toBase()->filter($lived)->values(),
                $coat->inspections->toBase()->filter($seen)->values(),
            );
        }

        return $all === [] ? CureStatus::raw() : CureStatus::worst($all);
    }

    /**
     * Dose a coat has had at most by what was measured, where that is short of what was computed: a bake is sized by
     * both. Null where nothing says that it is short.
     */
    public static function measuredDose(Coat $coat, Batch $batch): ?float
    {
        if (self::standing($coat, $batch)->measured !== false) {
            return null;
        }
        $past = BatchHistory::of($batch);
        $rub = $coat->inspections->first(fn (Inspection $one): bool => $one->kind === 'solvent_rub'
            && $one->failed() && $past->any($one->batch_id, $one->at));

        return SolventRub::doseAtMost((int) $rub?->rating) ?? SolventRub::SHORT_DOSE;
    }

    /**
     * Every coat of a part on every lot of it that is there.
     *
     * @return array<int, CureStatus> by lot id
     */
    public static function onEveryLot(Coat $coat): array
    {
        $all = [];
        foreach ($coat->part->lotsThere() as $batch) {
            $all[$batch->id] = self::standing($coat, $batch);
        }

        return $all;
    }

    /**
     * @param  Collection<int, OvenResult>  $results
     * @param  Collection<int, Inspection>  $found  the latest first
     */
    private static function of(Coat $coat, Batch $batch, Collection $results, Collection $found): CureStatus
    {
        $region = fn (OvenResult $one): int => $one->section_id ?? 0;
        $fresh = $results->where('fresh', true);
        $latest = fn (Collection $of): OvenResult => $of->sortBy('id')->last();
        $last = $fresh->groupBy($region)->map($latest);
        $at = $last->map(fn (OvenResult $one): ?CarbonImmutable => $one->at)->filter()->max();
        $dose = $results->groupBy($region)->map(fn (Collection $of): float => (float) $of->sum('dose'))->min();
        $over = $results->whereNotNull('overbake')->groupBy($region)
            ->map(fn (Collection $of): float => (float) $of->sum('overbake'))->max();

        return new CureStatus(
            // What later bakes made of it counts as well: a primer goes on curing under its top.
            $last->isEmpty() ? null : self::worstState($results->groupBy($region)->map($latest)),
            $last->isNotEmpty() && $last->every(fn (OvenResult $one): bool => $one->served($coat->bakeTo())),
            self::measured($found, $at),
            self::told($coat, $batch, $at),
            (float) $dose,
            $over === null ? null : (float) $over,
        );
    }

    /** @param  Collection<int, OvenResult>  $last */
    private static function worstState(Collection $last): ?CureState
    {
        $states = $last->map(fn (OvenResult $one): ?CureState => $one->state)->filter();
        if ($states->isEmpty()) {
            return null;
        }
        $order = array_flip(array_column(CureState::cases(), 'value'));
        $over = $states->first(fn (CureState $state): bool => $state === CureState::Overbaked);

        return $over ?? $states->sortBy(fn (CureState $state): int => $order[$state->value])->first();
    }

    /** @param  Collection<int, Inspection>  $found  the latest first */
    private static function measured(Collection $found, ?CarbonImmutable $since): ?bool
    {
        foreach (self::MEASURED_BY as $kinds) {
            $is = fn (Inspection $one): bool => in_array($one->kind, $kinds, true) &&
                isset(self::VERDICTS[$one->verdict]) &&
                ($since === null || $one->at->gte($since));
            $latest = $found->first($is);
            if ($latest !== null) {
                return self::VERDICTS[$latest->verdict];
            }
        }

        return null;
    }

    private static function told(Coat $coat, Batch $batch, ?CarbonImmutable $since): bool
    {
        $key = (new StepKey(StepKind::Bake, $coat->position))->text();
        $mark = $batch->marks->toBase()->filter(fn (StepCompletion $one): bool => $one->step === $key)->last();

        return $mark?->outcome === 'done' && ($since === null || $mark->at->gt($since));
    }
}
