<?php

declare(strict_types=1);

namespace App\Training\Commands;

use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Inspection\FilmReadings;
use Aenum\Core\Training\BoothDrill;
use Aenum\Core\Training\BoothScore;
use Aenum\Core\Training\BoothSetting;
use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use App\Training\Models\BoothRun;
use Illuminate\Support\Facades\DB;

/** A person's run in the booth exercise: the film is stored, and each stroke adds to it. */
final class SprayBooth
{
    /** Where there is no metal. */
    private const OPEN = -1.0;

    public function start(BoothDrill $drill, User $by): BoothRun
    {
        return BoothRun::query()->create([
            'user_id' => $by->id,
            'drill' => $drill->key,
            'film' => self::packed($drill->bare()),
            'started_at' => ShopClock::now(),
        ]);
    }

    /** The run under way, or a new one. */
    public function current(BoothDrill $drill, User $by): BoothRun
    {
        $last = BoothRun::lastOf($by, $drill->key);

        return $last === null || $last->ended_at !== null ? $this->start($drill, $by) : $last;
    }

    /**
     * A stroke of the gun, laid once however often it is sent.
     *
     * @param  int  $number  of the stroke in its run, from 1
     * @param  list<PathPoint>  $path
     */
    public function stroke(BoothDrill $drill, User $by, int $number, array $path, BoothSetting $set): SprayedPanel
    {
        return DB::transaction(function () use ($drill, $by, $number, $path, $set): SprayedPanel {
            $last = BoothRun::lastOf($by, $drill->key);
            if ($last !== null && $last->ended_at !== null && $number > 1) {
                // On its way while the run was judged: it begins no new one.
                return self::film($drill, $last);
            }
            $run = BoothRun::findLocked($this->current($drill, $by)->id);
            $film = self::film($drill, $run);
            if ($number <= $run->strokes || count($path) < 2) {
                return $film;
            }
            $after = $film->after($path, $drill->gun($set));
            // Not through the model: what is practised leaves no trail.
            DB::table('booth_runs')->where('id', $run->id)->update([
                'film' => self::packed($after),
                'strokes' => $number,
                'seconds' => $run->seconds + end($path)->tS - $path[0]->tS,
                'sprayed_g' => $after->sprayedG,
                'charge_index' => $after->index,
            ]);

            return $after;
        });
    }

    /** The run is judged, and the score is theirs to keep. */
    public function judge(BoothDrill $drill, User $by, BoothSetting $set): BoothScore
    {
        $run = BoothRun::findLocked($this->current($drill, $by)->id);
        $score = BoothScore::of($drill, self::film($drill, $run), $set);
        $run->update(['score' => $score->score, 'ended_at' => ShopClock::now()]);

        return $score;
    }

    /** What a real panel, sprayed like the last one judged, measured. */
    public function measured(BoothRun $run, FilmReadings $real): void
    {
        $run->update([
            'measured_mean_um' => $real->mean,
            'measured_least_um' => $real->least,
            'measured_most_um' => $real->most,
        ]);
    }

    /** The film of a run as it lies. */
    public static function film(BoothDrill $drill, BoothRun $run): SprayedPanel
    {
        /** @var list<float> $packed */
        $packed = array_values(unpack('g*', $run->film) ?: []);
        $um = array_map(fn (float $um): ?float => $um < 0.0 ? null : $um, $packed);

        return SprayedPanel::left($drill->panel, $drill->powder, $um, $run->sprayed_g, $run->charge_index);
    }

    private static function packed(SprayedPanel $film): string
    {
        return pack('g*', ...array_map(fn (?float $um): float => $um ?? self::OPEN, $film->filmUm));
    }
}
