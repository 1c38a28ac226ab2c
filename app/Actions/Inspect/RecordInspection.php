<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\FilmReadings;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Lot\TickStep;
use App\Models\Coat;
use App\Models\Inspection;
use App\Models\Job;
use App\Models\Lot;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Writes down what was found on a coat. The latest finding counts; every one stays on record. */
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
        return $this->write(
            $coat,
            $lot,
            $by,
            'solvent_rub',
            ['rubs' => $rub->rubs, 'rating' => $rub->rating, 'solvent' => $solvent],
            [],
            $rub->verdict($coat->powder->solvent_proof),
            $note,
        );
    }

    public function film(Coat $coat, Lot $lot, User $by, FilmReadings $film, ?string $note): Inspection
    {
        $verdict = $film->within($coat->powder->film_min_um, $coat->powder->film_max_um) ? 'pass' : 'fail';

        return $this->write(
            $coat,
            $lot,
            $by,
            'film',
            [
                'band_from_um' => $coat->powder->film_min_um,
                'band_to_um' => $coat->powder->film_max_um,
            ],
            $film->microns,
            $verdict,
            $note,
        );
    }

    /**
     * @param  array<string, mixed>  $found
     * @param  list<float>  $microns
     */
    private function write(
        Coat $coat,
        Lot $lot,
        User $by,
        string $kind,
        array $found,
        array $microns,
        string $verdict,
        ?string $note,
    ): Inspection {
        return DB::transaction(function () use (
            $coat,
            $lot,
            $by,
            $kind,
            $found,
            $microns,
            $verdict,
            $note,
        ): Inspection {
            $job = Job::held($coat->part->job_id);
            $held = Lot::held($lot->id);
            $isThere = $held->isOpen() && $held->station === Station::Inspect && $held->part_id === $coat->part_id;
            if (! $job->isOpen() || ! $isThere) {
                throw ValidationException::withMessages([
                    'station' => ucfirst($held->partName())." of job {$job->number} does not hang at Inspect now.",
                ]);
            }
            $inspection = Inspection::query()->create(
                $found + [
                    'coat_id' => $coat->id,
                    'lot_id' => $held->id,
                    'kind' => $kind,
                    'verdict' => $verdict,
                    'note' => $note,
                    'user_id' => $by->id,
                    'at' => ShopClock::now(),
                ],
            );
            $inspection
                ->readings()
                ->createMany(
                    array_map(
                        fn (float $um, int $n): array => ['position' => $n, 'microns' => $um],
                        $microns,
                        array_keys($microns),
                    ),
                );
            if ($verdict === 'pass') {
                TickStep::logged($held, $by, null, StepKind::Inspect);
            }

            return $inspection;
        });
    }
}
