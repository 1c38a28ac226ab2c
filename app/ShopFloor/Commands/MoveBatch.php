<?php

declare(strict_types=1);

namespace App\ShopFloor\Commands;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\RunTimer;
use App\Routing\Models\BatchEvent;
use App\Routing\Queries\PartPolicies;
use App\Routing\Queries\RoutingProgress;
use App\ShopFloor\Queries\TransferGuard;
use Illuminate\Support\Facades\DB;

/** Signs off a batch at a station and moves it to another. */
final class MoveBatch
{
    /** @throws Refused where the lot was moved by someone else meanwhile, or is closed */
    public function sign(Batch $batch, User $by, ?string $note, Station $seenAt): void
    {
        DB::transaction(fn () => self::write($this->held($batch, $seenAt), $by, 'signed', $seenAt, $note));
    }

    /**
     * @param  StepAnswers|null  $answers  what became of the steps it leaves behind; null where nobody was asked
     * @param  string|null  $because  what was written beside the signature, where the move itself has no note
     *
     * @throws Refused
     */
    public function send(
        Batch $batch,
        User $by,
        Station $to,
        ?string $note,
        Station $seenAt,
        ?StepAnswers $answers = null,
        ?string $because = null,
    ): void {
        DB::transaction(function () use ($batch, $by, $to, $note, $seenAt, $answers, $because): void {
            $held = $this->held($batch, $seenAt);
            if ($to === $seenAt) {
                $why = ucfirst($held->partName())." already hangs at {$to->label()}.";
                throw Refused::because(['to' => $why]);
            }
            // What is told is looked at as well: steel said to be blasted this morning may stand too long by now.
            $answers?->write($held, $by);
            if ($seenAt === Station::Intake) {
                PartPolicies::settle($held->part);
            }
            if ($to->isAfter($seenAt)) {
                TransferGuard::orRefuse($held, $seenAt, $to, $note ?? $because);
            } else {
                TransferGuard::outOfTheOven($held);
                TransferGuard::outOfTheBooth($held);
            }
            $walk = RoutingProgress::of($held)->walk;
            $open = $walk->passed($seenAt, $to);
            if ($open !== []) {
                $names = implode(', ', array_map(fn (int $n): string => $walk->steps[$n]->name(), $open));
                throw Refused::because([
                    'undone' => ucfirst($held->partName())." would leave {$names} undone; say what happened.",
                ]);
            }
            $isBack = $seenAt->isAfter($to) && ! $walk->leadsTo($to);
            if ($isBack && trim((string) $note) === '') {
                $why = 'Note is empty; sending back to where the route has nothing open needs a reason in a few words.';
                throw Refused::because(['note' => $why]);
            }
            (new RunTimer())->stopAll($held, $by);
            self::write($held, $by, $isBack ? 'sent_back' : 'sent_on', $to, $note);
            $held->update(['station' => $to]);
        });
    }

    /** @throws Refused where something of its route is open */
    public function release(Batch $batch, User $by, ?string $note): void
    {
        DB::transaction(function () use ($batch, $by, $note): void {
            $held = $this->held($batch, Station::Release);
            $walk = RoutingProgress::of($held)->walk;
            if ($walk->undone() !== []) {
                $names = array_map(fn (int $n): string => $walk->steps[$n]->name(), $walk->undone());
                throw Refused::because([
                    'release' => 'Not released: '.implode(', ', $names).' still open.',
                ]);
            }
            CompleteStep::logged($held, $by, null, StepKind::Release);
            self::write($held, $by, 'released', Station::Release, $note);
            $held->update(['status' => 'released', 'ended_at' => ShopClock::now()]);
            $held->part->job->closeWhenNothingHangs();
        });
    }

    /** @throws Refused */
    public function decline(Job $job, User $by, string $reason): void
    {
        DB::transaction(function () use ($job, $by, $reason): void {
            $held = Job::findLocked($job->id);
            $held->mustBeOpen();
            BatchEvent::query()->create([
                'job_id' => $held->id,
                'user_id' => $by->id,
                'kind' => 'declined',
                'from_station' => $held->station,
                'to_station' => $held->station,
                'note' => trim($reason),
                'at' => ShopClock::now(),
            ]);
            foreach ($held->parts()->with('batches')->get()->flatMap->batches->where('status', 'open') as $batch) {
                $batch->update(['status' => 'declined', 'ended_at' => ShopClock::now()]);
            }
            $held->update(['status' => 'declined']);
        });
    }

    private function held(Batch $batch, Station $seenAt): Batch
    {
        // The job first, then the batch: whoever closes a job holds it too.
        $job = Job::findLocked($batch->part->job_id);
        $held = Batch::findLocked($batch->id);
        $held->part->setRelation('job', $job);
        if (! $job->isOpen()) {
            throw Refused::because([
                'station' => "Job {$job->number} is closed; its history cannot be added to.",
            ]);
        }
        $held->mustBeOpen();
        if ($held->station !== $seenAt) {
            throw Refused::because([
                'station' => ucfirst($held->partName())." of job {$job->number} was moved to "
                    ."{$held->station->label()} meanwhile; look again before you sign.",
            ]);
        }

        return $held;
    }

    private static function write(Batch $batch, User $by, string $kind, Station $to, ?string $note): void
    {
        BatchEvent::query()->create([
            'job_id' => $batch->part->job_id,
            'batch_id' => $batch->id,
            'user_id' => $by->id,
            'kind' => $kind,
            'from_station' => $batch->station,
            'to_station' => $to,
            'note' => $note === null || trim($note) === '' ? null : trim($note),
            'at' => ShopClock::now(),
        ]);
    }
}
