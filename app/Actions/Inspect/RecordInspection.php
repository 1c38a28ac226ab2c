<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\FilmReadings;
use Aenum\Core\Inspect\SolventRub;
use Aenum\Core\Word\Station;
use App\Models\Coat;
use App\Models\Inspection;
use App\Models\Job;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Writes down what was found on a coat. A later finding of the same kind supersedes the earlier one, which is kept. */
final class RecordInspection
{
    public function solventRub(Coat $coat, User $by, SolventRub $rub, string $solvent, ?string $note): Inspection
    {
        return $this->write(
            $coat,
            $by,
            'solvent_rub',
            ['rubs' => $rub->rubs, 'rating' => $rub->rating, 'solvent' => $solvent],
            [],
            $rub->verdict($coat->powder->solvent_proof),
            $note,
        );
    }

    public function film(Coat $coat, User $by, FilmReadings $film, ?string $note): Inspection
    {
        $verdict = $film->within($coat->powder->film_min_um, $coat->powder->film_max_um) ? 'pass' : 'fail';

        return $this->write(
            $coat,
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
        User $by,
        string $kind,
        array $found,
        array $microns,
        string $verdict,
        ?string $note,
    ): Inspection {
        return DB::transaction(function () use ($coat, $by, $kind, $found, $microns, $verdict, $note): Inspection {
            $job = Job::held($coat->part->job_id);
            if (! $job->isOpen() || $job->station !== Station::Inspect) {
                throw ValidationException::withMessages([
                    'station' => "Job {$job->number} does not hang at Inspect now.",
                ]);
            }
            $inspection = Inspection::query()->create(
                $found + [
                    'coat_id' => $coat->id,
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
            Inspection::query()
                ->where('coat_id', $coat->id)
                ->where('kind', $kind)
                ->whereKeyNot($inspection->id)
                ->whereNull('superseded_by')
                ->update(['superseded_by' => $inspection->id]);

            return $inspection;
        });
    }
}
