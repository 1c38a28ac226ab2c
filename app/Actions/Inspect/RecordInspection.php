<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\CrossCut;
use Aenum\Core\Inspect\DeltaE;
use Aenum\Core\Inspect\FilmJudgement;
use Aenum\Core\Inspect\Gloss;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Word\FilmWay;
use Aenum\Core\Word\Station;
use App\Actions\Log\CoolingClock;
use App\Actions\Lot\LotWalk;
use App\Models\Coat;
use App\Models\Inspection;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Master;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Writes down what was found on a film. The latest finding counts; every one stays on record. */
final class RecordInspection
{
    public function solventRub(
        Coat $coat,
        Lot $lot,
        User $by,
        SolventRub $rub,
        string $solvent,
        ?string $note,
    ): Inspection {
        return $this->write($coat, $lot, $by, 'solvent_rub', [
            'rubs' => $rub->rubs,
            'rating' => $rub->rating,
            'pressure' => $rub->pressure->value,
            'solvent' => $solvent,
        ], $rub->verdict($coat->powder->solvent_proof), $note);
    }

    /**
     * Film through everything that is baked so far: it stands with the coat on top.
     *
     * @throws ValidationException where nothing is baked there, or another coat lies on top
     */
    public function film(
        Coat $coat,
        Lot $lot,
        User $by,
        FilmTyped $typed,
        FilmWay $way,
        ?string $note,
    ): Inspection {
        $stack = Stack::of(LotWalk::of($lot), $coat->zone);
        if ($stack === null) {
            $this->refuse('readings', "Nothing is baked on {$lot->partName()} yet; raw powder is measured at Coat.");
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
            $coat->areaM2($lot->count),
        );
        $verdict = match ($judged->ok) {
            true => 'pass',
            false => 'fail',
            null => 'not_judged',
        };

        return $this->write($coat, $lot, $by, 'film', [
            'band_from_um' => $stack->lowUm,
            'band_to_um' => $stack->highUm,
            'nominal_um' => $stack->nominalUm(),
            'way' => $way->value,
            'place' => $coat->zone,
            'source' => $typed->source,
        ], $verdict, $note, $typed->readings);
    }

    public function crossCut(Coat $coat, Lot $lot, User $by, CrossCut $cut, int $limit, ?string $note): Inspection
    {
        return $this->write($coat, $lot, $by, 'cross_cut', [
            'rating' => $cut->rating, 'limit_high' => $limit,
        ], $cut->verdict($limit), $note);
    }

    public function gloss(Coat $coat, Lot $lot, User $by, Gloss $gloss, ?string $note): Inspection
    {
        [$low, $high] = $gloss->angle === 60
            ? [$coat->powder->gloss_low, $coat->powder->gloss_high]
            : [null, null];

        return $this->write($coat, $lot, $by, 'gloss', [
            'figure' => $gloss->units, 'way' => (string) $gloss->angle, 'limit_low' => $low, 'limit_high' => $high,
        ], $gloss->verdict($low, $high), $note);
    }

    /** @param  array{float, float, float}  $lab  as it was measured */
    public function colour(Coat $coat, Lot $lot, User $by, Master $master, array $lab, ?string $note): Inspection
    {
        $apart = DeltaE::between($master->lab(), $lab);

        return $this->write($coat, $lot, $by, 'colour', [
            'figure' => $apart->de00,
            'limit_high' => $master->tolerance,
            'lab_l' => $lab[0],
            'lab_a' => $lab[1],
            'lab_b' => $lab[2],
            'master_id' => $master->id,
        ], $apart->de00 <= $master->tolerance ? 'pass' : 'fail', $note);
    }

    /**
     * What somebody judges to be short of cure though nobody rubbed it: cracks in a clear, days later.
     */
    public function judgedShort(Coat $coat, Lot $lot, User $by, string $why): Inspection
    {
        return $this->put($coat, $lot, $by, 'judged', [], 'fail', $why, []);
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  list<array{um: float, spot: ?string}>  $readings
     */
    private function write(
        Coat $coat,
        Lot $lot,
        User $by,
        string $kind,
        array $found,
        string $verdict,
        ?string $note,
        array $readings = [],
    ): Inspection {
        return DB::transaction(function () use (
            $coat,
            $lot,
            $by,
            $kind,
            $found,
            $verdict,
            $note,
            $readings,
        ): Inspection {
            $job = Job::held($coat->part->job_id);
            $held = Lot::held($lot->id);
            $isThere = $held->isOpen() && $held->station === Station::Inspect && $held->part_id === $coat->part_id;
            if (! $job->isOpen() || ! $isThere) {
                $name = ucfirst($held->partName());
                $this->refuse('station', "{$name} of job {$job->number} does not hang at Inspect now.");
            }
            [$field, $what] = $kind === 'solvent_rub' ? ['rubs', 'solvent'] : [$kind, 'gauge, knife or tape'];
            CoolingClock::refuseHot($held, $field, $what);
            $inspection = $this->put($coat, $held, $by, $kind, $found, $verdict, $note, $readings);
            LookedOver::close($held, $by);

            return $inspection;
        });
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  list<array{um: float, spot: ?string}>  $readings
     */
    private function put(
        Coat $coat,
        Lot $lot,
        User $by,
        string $kind,
        array $found,
        string $verdict,
        ?string $note,
        array $readings,
    ): Inspection {
        $inspection = Inspection::query()->create($found + [
            'coat_id' => $coat->id,
            'lot_id' => $lot->id,
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
        throw ValidationException::withMessages([$field => $why]);
    }
}
