<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Bench\RunClock;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\TickStep;
use App\Actions\Route\PartWays;
use App\Models\Job;
use App\Models\Lot;
use App\Models\Move;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Signs work on a lot at a station, and hangs it at another. Every line of the history is kept. */
final class MoveLot
{
    /** @throws ValidationException where the lot was moved by someone else meanwhile, or is closed */
    public function sign(Lot $lot, User $by, ?string $note, Station $seenAt): void
    {
        DB::transaction(fn () => self::write($this->held($lot, $seenAt), $by, 'signed', $seenAt, $note));
    }

    /**
     * @param  Answers|null  $answers  what became of the steps it leaves behind; null where nobody was asked
     * @param  string|null  $because  what was written beside the signature, where the move itself has no note
     *
     * @throws ValidationException
     */
    public function send(
        Lot $lot,
        User $by,
        Station $to,
        ?string $note,
        Station $seenAt,
        ?Answers $answers = null,
        ?string $because = null,
    ): void {
        DB::transaction(function () use ($lot, $by, $to, $note, $seenAt, $answers, $because): void {
            $held = $this->held($lot, $seenAt);
            if ($to === $seenAt) {
                $why = ucfirst($held->partName())." already hangs at {$to->label()}.";
                throw ValidationException::withMessages(['to' => $why]);
            }
            // What is told is looked at as well: steel said to be blasted this morning may stand too long by now.
            $answers?->write($held, $by);
            if ($seenAt === Station::Intake) {
                PartWays::settle($held->part);
            }
            if ($to->isAfter($seenAt)) {
                MayGoOn::orRefuse($held, $seenAt, $to, $note ?? $because);
            } else {
                MayGoOn::outOfTheOven($held);
                MayGoOn::outOfTheBooth($held);
            }
            $walk = LotWalk::of($held)->walk;
            $open = $walk->passed($seenAt, $to);
            if ($open !== []) {
                $names = implode(', ', array_map(fn (int $n): string => $walk->steps[$n]->name(), $open));
                throw ValidationException::withMessages([
                    'undone' => ucfirst($held->partName())." would leave {$names} undone; say what happened.",
                ]);
            }
            $isBack = $seenAt->isAfter($to) && ! $walk->leadsTo($to);
            if ($isBack && trim((string) $note) === '') {
                $why = 'Note is empty; sending back to where the route has nothing open needs a reason in a few words.';
                throw ValidationException::withMessages(['note' => $why]);
            }
            (new RunClock())->stopAll($held, $by);
            self::write($held, $by, $isBack ? 'sent_back' : 'sent_on', $to, $note);
            $held->update(['station' => $to]);
        });
    }

    /** @throws ValidationException where something of its route is open */
    public function release(Lot $lot, User $by, ?string $note): void
    {
        DB::transaction(function () use ($lot, $by, $note): void {
            $held = $this->held($lot, Station::Release);
            $walk = LotWalk::of($held)->walk;
            if ($walk->undone() !== []) {
                $names = array_map(fn (int $n): string => $walk->steps[$n]->name(), $walk->undone());
                throw ValidationException::withMessages([
                    'release' => 'Not released: '.implode(', ', $names).' still open.',
                ]);
            }
            TickStep::logged($held, $by, null, StepKind::Release);
            self::write($held, $by, 'released', Station::Release, $note);
            $held->update(['fate' => 'released', 'ended_at' => ShopClock::now()]);
            $held->part->job->closeWhenNothingHangs();
        });
    }

    /** @throws ValidationException */
    public function decline(Job $job, User $by, string $reason): void
    {
        DB::transaction(function () use ($job, $by, $reason): void {
            $held = Job::held($job->id);
            $held->mustBeOpen();
            Move::query()->create([
                'job_id' => $held->id,
                'user_id' => $by->id,
                'kind' => 'declined',
                'from_station' => $held->station,
                'to_station' => $held->station,
                'note' => trim($reason),
                'at' => ShopClock::now(),
            ]);
            foreach ($held->parts()->with('lots')->get()->flatMap->lots->where('fate', 'open') as $lot) {
                $lot->update(['fate' => 'declined', 'ended_at' => ShopClock::now()]);
            }
            $held->update(['status' => 'declined']);
        });
    }

    private function held(Lot $lot, Station $seenAt): Lot
    {
        // The job first, then the lot: whoever closes a job holds it too.
        $job = Job::held($lot->part->job_id);
        $held = Lot::held($lot->id);
        $held->part->setRelation('job', $job);
        if (! $job->isOpen()) {
            throw ValidationException::withMessages([
                'station' => "Job {$job->number} is closed; its history cannot be added to.",
            ]);
        }
        $held->mustBeOpen();
        if ($held->station !== $seenAt) {
            throw ValidationException::withMessages([
                'station' => ucfirst($held->partName())." of job {$job->number} was moved to "
                    ."{$held->station->label()} meanwhile; look again before you sign.",
            ]);
        }

        return $held;
    }

    private static function write(Lot $lot, User $by, string $kind, Station $to, ?string $note): void
    {
        Move::query()->create([
            'job_id' => $lot->part->job_id,
            'lot_id' => $lot->id,
            'user_id' => $by->id,
            'kind' => $kind,
            'from_station' => $lot->station,
            'to_station' => $to,
            'note' => $note === null || trim($note) === '' ? null : trim($note),
            'at' => ShopClock::now(),
        ]);
    }
}
