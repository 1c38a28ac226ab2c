<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Word\Station;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Bench\RunClock;
use App\Models\Job;
use App\Models\Move;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Signs work at a station, and hangs a job at another. Every line of the history is kept. */
final class MoveJob
{
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
    public function send(
        Job $job,
        User $by,
        Station $to,
        ?string $note,
        Station $seenAt,
        ?string $because = null,
    ): void {
        DB::transaction(function () use ($job, $by, $to, $note, $seenAt, $because): void {
            $held = $this->held($job, $seenAt);
            if ($to === $seenAt) {
                throw ValidationException::withMessages(['to' => "The job already hangs at {$to->label()}."]);
            }
            if ($seenAt->isAfter($to) && ($note === null || trim($note) === '')) {
                throw ValidationException::withMessages([
                    'note' => 'Note is empty; sending a job back needs a reason in a few words.',
                ]);
            }
            if ($to->isAfter($seenAt)) {
                MayGoOn::orRefuse($held, $seenAt, $to, $note ?? $because);
            }
            foreach ($held->parts()->get() as $part) {
                (new RunClock())->stopAll($part, $by);
            }
            if ($to === Station::Cure) {
                (new BareSteelWatch())->powderOn($held, $by);
            }
            $this->write($held, $by, $to->isAfter($seenAt) ? 'sent_on' : 'sent_back', $to, $note);
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

    public function takeIn(Job $job, User $by): void
    {
        $this->write($job, $by, 'taken_in', $job->station, null);
    }

    private function held(Job $job, Station $seenAt): Job
    {
        $held = Job::held($job->id);
        if (! $held->isOpen()) {
            throw ValidationException::withMessages([
                'station' => "Job {$held->number} is closed; its history cannot be added to.",
            ]);
        }
        if ($held->station !== $seenAt) {
            throw ValidationException::withMessages([
                'station' => "Job {$held->number} was moved to {$held->station->label()} meanwhile; look again "
                    .'before you sign.',
            ]);
        }

        return $held;
    }

    private function write(Job $job, User $by, string $kind, Station $to, ?string $note): void
    {
        Move::query()->create([
            'job_id' => $job->id,
            'user_id' => $by->id,
            'kind' => $kind,
            'from_station' => $job->station,
            'to_station' => $to,
            'note' => $note === null || trim($note) === '' ? null : trim($note),
            'at' => ShopClock::now(),
        ]);
    }
}
