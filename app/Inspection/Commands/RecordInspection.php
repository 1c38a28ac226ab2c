<?php

declare(strict_types=1);

namespace App\Inspection\Commands;

use Aenum\Core\Inspection\CrossCut;
use Aenum\Core\Inspection\DeltaE;
use Aenum\Core\Inspection\FilmJudgement;
use Aenum\Core\Inspection\Gloss;
use Aenum\Core\Inspection\SolventRub;
use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Application\Queries\FilmReadingsInput;
use App\Catalog\Models\ColorStandard;
use App\Inspection\Models\Inspection;
use App\Inspection\Queries\FilmStack;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Facades\DB;

/** Records an inspection of a coat. The latest counts; none is deleted. */
final class RecordInspection
{
    public function solventRub(
        Coat $coat,
        Batch $batch,
        User $by,
        SolventRub $rub,
        string $solvent,
        ?string $note,
    ): Inspection {
        return $this->write($coat, $batch, $by, 'solvent_rub', [
            'rubs' => $rub->rubs,
            'rating' => $rub->rating,
            'pressure' => $rub->pressure->value,
            'solvent' => $solvent,
        ], $rub->verdict($coat->powder->solvent_proof), $note);
    }

    /**
     * Film through everything that is baked so far: it stands with the coat on top.
     *
     * @throws Refused where nothing is baked there, or another coat lies on top
     */
    public function film(
        Coat $coat,
        Batch $batch,
        User $by,
        FilmReadingsInput $typed,
        FilmCriterion $way,
        ?string $note,
    ): Inspection {
        $stack = FilmStack::of(RoutingProgress::of($batch), $coat->zone);
        if ($stack === null) {
            $this->refuse('readings', "Nothing is baked on {$batch->partName()} yet; raw powder is measured at Coat.");
        }
        if ($stack->top->id !== $coat->id) {
            $this->refuse('readings', 'A gauge reads the whole stack: measure it as that of the coat on top, '
                ."{$stack->top->powder->name}.");
        }
        $judged = FilmJudgement::of(
            $typed->film,
            $stack->lowUm,
            $stack->highUm,
            $way,
            $stack->nominalUm(),
            $coat->areaM2($batch->count),
        );
        $verdict = match ($judged->ok) {
            true => 'pass',
            false => 'fail',
            null => 'not_judged',
        };

        return $this->write($coat, $batch, $by, 'film', [
            'band_from_um' => $stack->lowUm,
            'band_to_um' => $stack->highUm,
            'nominal_um' => $stack->nominalUm(),
            'way' => $way->value,
            'place' => $coat->zone,
            'source' => $typed->source,
        ], $verdict, $note, $typed->readings);
    }

    public function crossCut(Coat $coat, Batch $batch, User $by, CrossCut $cut, int $limit, ?string $note): Inspection
    {
        return $this->write($coat, $batch, $by, 'cross_cut', [
            'rating' => $cut->rating, 'limit_high' => $limit,
        ], $cut->verdict($limit), $note);
    }

    public function gloss(Coat $coat, Batch $batch, User $by, Gloss $gloss, ?string $note): Inspection
    {
        [$low, $high] = $gloss->angle === 60
            ? [$coat->powder->gloss_low, $coat->powder->gloss_high]
            : [null, null];

        return $this->write($coat, $batch, $by, 'gloss', [
            'figure' => $gloss->units, 'way' => (string) $gloss->angle, 'limit_low' => $low, 'limit_high' => $high,
        ], $gloss->verdict($low, $high), $note);
    }

    /** @param  array{float, float, float}  $lab  as it was measured */
    public function colour(
        Coat $coat,
        Batch $batch,
        User $by,
        ColorStandard $master,
        array $lab,
        ?string $note,
    ): Inspection {
        $apart = DeltaE::between($master->lab(), $lab);

        return $this->write($coat, $batch, $by, 'colour', [
            'figure' => $apart->de00,
            'limit_high' => $master->tolerance,
            'lab_l' => $lab[0],
            'lab_a' => $lab[1],
            'lab_b' => $lab[2],
            'color_standard_id' => $master->id,
        ], $apart->de00 <= $master->tolerance ? 'pass' : 'fail', $note);
    }

    /**
     * What somebody judges to be short of cure though nobody rubbed it: cracks in a clear, days later.
     */
    public function judgedShort(Coat $coat, Batch $batch, User $by, string $why): Inspection
    {
        return $this->put($coat, $batch, $by, 'judged', [], 'fail', $why, []);
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  list<array{um: float, spot: ?string}>  $readings
     */
    private function write(
        Coat $coat,
        Batch $batch,
        User $by,
        string $kind,
        array $found,
        string $verdict,
        ?string $note,
        array $readings = [],
    ): Inspection {
        return DB::transaction(function () use (
            $coat,
            $batch,
            $by,
            $kind,
            $found,
            $verdict,
            $note,
            $readings,
        ): Inspection {
            $job = Job::findLocked($coat->part->job_id);
            $held = Batch::findLocked($batch->id);
            $isThere = $held->isOpen() && $held->station === Station::Inspect && $held->part_id === $coat->part_id;
            if (! $job->isOpen() || ! $isThere) {
                $name = ucfirst($held->partName());
                $this->refuse('station', "{$name} of job {$job->number} does not hang at Inspect now.");
            }
            [$field, $what] = $kind === 'solvent_rub' ? ['rubs', 'solvent'] : [$kind, 'gauge, knife or tape'];
            CoolingEstimate::refuseHot($held, $field, $what);
            $inspection = $this->put($coat, $held, $by, $kind, $found, $verdict, $note, $readings);
            InspectionChecklist::close($held, $by);

            return $inspection;
        });
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  list<array{um: float, spot: ?string}>  $readings
     */
    private function put(
        Coat $coat,
        Batch $batch,
        User $by,
        string $kind,
        array $found,
        string $verdict,
        ?string $note,
        array $readings,
    ): Inspection {
        $inspection = Inspection::query()->create($found + [
            'coat_id' => $coat->id,
            'batch_id' => $batch->id,
            'kind' => $kind,
            'verdict' => $verdict,
            'note' => $note,
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]);
        $rows = array_map(fn (array $one, int $n): array => [
            'position' => $n, 'microns' => $one['um'], 'spot' => $one['spot'],
        ], $readings, array_keys($readings));
        foreach (array_chunk($rows, 500) as $some) {
            $inspection->readings()->createMany($some);
        }
        $coat->unsetRelation('inspections');

        return $inspection->refresh();
    }

    private function refuse(string $field, string $why): never
    {
        throw Refused::because([$field => $why]);
    }
}
