<?php

declare(strict_types=1);

namespace App\Actions\Lot;

use Aenum\Core\Job\Walk;
use Aenum\Core\Word\StepKind;
use Aenum\Core\Word\StepOutcome;
use App\Actions\Log\CoolingClock;
use App\Models\Lot;
use App\Models\StepMark;
use App\Models\User;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Validation\ValidationException;

/** Ticks steps of a lot: by a bench's log, by hand, or as somebody tells it afterwards. */
final class TickStep
{
    /** What a bench has logged ticks the first open step of these kinds; nothing where the route has none. */
    public static function logged(Lot $lot, User $by, ?int $coat, StepKind ...$kinds): void
    {
        $walk = self::walk($lot);
        self::done($lot, $by, $walk, $walk->firstOpen($coat, ...$kinds));
    }

    /** All masks of a kind are on and counted. */
    public static function masked(Lot $lot, User $by, StepKind $kind): void
    {
        $walk = self::walk($lot);
        self::done($lot, $by, $walk, $walk->masksDue($kind));
    }

    private static function done(Lot $lot, User $by, Walk $walk, ?int $at): void
    {
        if ($at !== null) {
            self::write($lot, $by, $walk->keys[$at]->text(), StepOutcome::Done->value, 'logged');
        }
    }

    /**
     * @return StepKind what was done
     *
     * @throws ValidationException where the step is not on the route, or closed
     */
    public function byHand(Lot $lot, User $by, string $key): StepKind
    {
        $walk = self::walk($lot);
        $at = $walk->position($key);
        if ($at === null || ! $walk->isOpen($at)) {
            throw ValidationException::withMessages([
                'step' => 'That step is closed or not on the route any more; look again.',
            ]);
        }
        if ($walk->steps[$at]->kind->hasOwnLog()) {
            throw ValidationException::withMessages([
                'step' => ucfirst($walk->steps[$at]->name()).' is not ticked by hand; its own bench closes it.',
            ]);
        }
        if ($walk->steps[$at]->kind->isUnsafeOnHotMetal()) {
            CoolingClock::refuseHot($lot, 'step', $walk->steps[$at]->name());
        }
        self::write($lot, $by, $key, StepOutcome::Done->value, 'hand');

        return $walk->steps[$at]->kind;
    }

    /** What somebody says became of a step when the lot leaves it behind. */
    public static function told(
        Lot $lot,
        User $by,
        string $key,
        StepOutcome $outcome,
        ?string $who = null,
        ?CarbonImmutable $doneAt = null,
        ?string $why = null,
    ): void {
        self::write($lot, $by, $key, $outcome->value, 'told', $who, $doneAt, $why);
    }

    /** Takes back what was ticked: the step is open again. */
    public static function reopen(Lot $lot, User $by, string $key, string $why): void
    {
        self::write($lot, $by, $key, StepMark::OPEN, 'hand', why: $why);
    }

    private static function walk(Lot $lot): Walk
    {
        return LotWalk::of(Lot::query()->findOrFail($lot->id))->walk;
    }

    private static function write(
        Lot $lot,
        User $by,
        string $key,
        string $outcome,
        string $source,
        ?string $who = null,
        ?CarbonImmutable $doneAt = null,
        ?string $why = null,
    ): void {
        StepMark::query()->create([
            'lot_id' => $lot->id,
            'step' => $key,
            'outcome' => $outcome,
            'source' => $source,
            'who' => $who,
            'done_at' => $doneAt,
            'why' => $why === null ? null : mb_substr($why, 0, 300),
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]);
        $lot->unsetRelation('marks');
    }
}
