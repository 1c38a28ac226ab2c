<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Blast\DewPoint;
use Aenum\Core\Hang\Ground;
use Aenum\Core\Route\Station;
use Aenum\Core\Rule\Severity;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Route\PartRoute;
use App\Models\Entry;
use App\Models\Job;
use App\Models\Move;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Signs work at a station, and hangs a job at another. Every line of the history is kept. */
final class MoveJob
{
    /** Air written down longer ago says nothing about now. */
    private const AIR_HOURS = 12;

    /** @throws ValidationException where the job was moved by someone else meanwhile, or is closed */
    public function sign(Job $job, User $by, ?string $note, Station $seenAt): void
    {
        DB::transaction(fn () => $this->write($this->held($job, $seenAt), $by, 'signed', $seenAt, $note));
    }

    /**
     * @param  string|null  $because  what was written beside the signature, where the move itself has no note
     *
     * @throws ValidationException
     */
    public function send(Job $job, User $by, Station $to, ?string $note, Station $seenAt, ?string $because = null): void
    {
        DB::transaction(function () use ($job, $by, $to, $note, $seenAt, $because): void {
            $held = $this->held($job, $seenAt);
            if ($to === $seenAt) {
                throw ValidationException::withMessages(['to' => "The job already hangs at {$to->label()}."]);
            }
            if ($to->value < $seenAt->value && ($note === null || trim($note) === '')) {
                throw ValidationException::withMessages(['note' => 'Note is empty; sending a job back needs a reason in a few words.']);
            }
            if ($seenAt === Station::Intake) {
                $this->refuseWhatIsHeld($held);
            }
            if ($to->value > $seenAt->value) {
                $this->refuseBareTooLong($held, $to);
                $this->refuseBadGround($held, $to);
                $this->refuseDampAir($to, $note ?? $because);
            }
            if ($to === Station::Cure) {
                (new BareSteelWatch)->powderOn($held, $by);
            }
            $this->write($held, $by, $to->value > $seenAt->value ? 'sent_on' : 'sent_back', $to, $note);
            $held->update(['station' => $to]);
        });
    }

    /** @throws ValidationException */
    public function release(Job $job, User $by, ?string $note): void
    {
        DB::transaction(function () use ($job, $by, $note): void {
            $held = $this->held($job, Station::Release);
            $this->write($held, $by, 'released', Station::Release, $note);
            $held->update(['status' => 'released']);
        });
    }

    /** @throws ValidationException */
    public function decline(Job $job, User $by, string $reason): void
    {
        DB::transaction(function () use ($job, $by, $reason): void {
            $held = $this->held($job, $job->station);
            $this->write($held, $by, 'declined', $held->station, $reason);
            $held->update(['status' => 'declined']);
        });
    }

    /** Stop rules hold a job at Intake; sign rules hold it until a name is under them. */
    private function refuseWhatIsHeld(Job $job): void
    {
        $why = [];
        foreach ($job->parts()->get() as $part) {
            foreach (PartRoute::of($part)->holding() as $finding) {
                $why[] = ucfirst($finding->evidence).': '.($finding->rule->severity() === Severity::Stop ? 'stop. ' : 'needs a name under it. ').$finding->rule->wayOut();
            }
        }
        if ($why !== []) {
            throw ValidationException::withMessages(['route' => $why]);
        }
    }

    /** Steel past its time bare gets no powder: it goes back for a sweep. */
    private function refuseBareTooLong(Job $job, Station $to): void
    {
        $over = $to->value >= Station::Coat->value ? BareSteelWatch::overrun($job) : null;
        if ($over !== null) {
            throw ValidationException::withMessages(['clock' => "{$over->part->name} has stood bare past its time; flash rust is under the film then. Send it back for a sweep-blast."]);
        }
    }

    /** Over 1 MΩ to earth nothing is sprayed. */
    private function refuseBadGround(Job $job, Station $to): void
    {
        foreach ($to === Station::Coat ? $job->parts()->get() : [] as $part) {
            $lines = Entry::of('ground');
            $lines->where('part_id', $part->id)->orderByDesc('id');
            $measured = $lines->first();
            if ($measured !== null && ! Ground::judge((float) $measured->figures['ohm'])['ok']) {
                throw ValidationException::withMessages(['ground' => "{$part->name}: ".Ground::judge((float) $measured->figures['ohm'])['says']]);
            }
        }
    }

    /** Too near the dew point nothing is sprayed in silence. */
    private function refuseDampAir(Station $to, ?string $why): void
    {
        $air = $to === Station::Coat ? BareSteelWatch::latestAir() : null;
        if ($air === null || $air->at->diffInHours(ShopClock::now()) > self::AIR_HOURS || trim((string) $why) !== '') {
            return;
        }
        [$celsius, $humidity] = [(float) $air->figures['air_c'], max(1.0, (float) $air->figures['rh_pct'])];
        if (! DewPoint::mayWork($celsius, $celsius, $humidity)) {
            throw ValidationException::withMessages(['note' => sprintf('Note is empty; metal as warm as the air is within 3 K of the dew point (%.0f %% humidity), so write why it is coated all the same, or wait.', $humidity)]);
        }
    }

    public function takeIn(Job $job, User $by): void
    {
        $this->write($job, $by, 'taken_in', $job->station, null);
    }

    private function held(Job $job, Station $seenAt): Job
    {
        $held = Job::held($job->id);
        if (! $held->isOpen()) {
            throw ValidationException::withMessages(['station' => "Job {$held->number} is closed; its history cannot be added to."]);
        }
        if ($held->station !== $seenAt) {
            throw ValidationException::withMessages(['station' => "Job {$held->number} was moved to {$held->station->label()} meanwhile; look again before you sign."]);
        }

        return $held;
    }

    private function write(Job $job, User $by, string $kind, Station $to, ?string $note): void
    {
        Move::query()->create([
            'job_id' => $job->id, 'user_id' => $by->id, 'kind' => $kind, 'from_station' => $job->station, 'to_station' => $to,
            'note' => $note === null || trim($note) === '' ? null : trim($note), 'at' => ShopClock::now(),
        ]);
    }
}
