<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Routing\Models\StepCompletion;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\RoutingProgress;
use Carbon\CarbonImmutable;

/** Completes steps of a batch: by a station's record, by hand, or afterwards. */
final class CompleteStep
{
    /** What a bench has logged ticks the first open step of these kinds; nothing where the route has none. */
    public static function logged(Batch $batch, User $by, ?int $coat, StepKind ...$kinds): void
    {
        $walk = self::walk($batch);
        self::done($batch, $by, $walk, $walk->firstOpen($coat, ...$kinds));
    }

    /** All masks of a kind are on and counted. */
    public static function masked(Batch $batch, User $by, StepKind $kind): void
    {
        $walk = self::walk($batch);
        self::done($batch, $by, $walk, $walk->masksDue($kind));
    }

    private static function done(Batch $batch, User $by, StepProgress $walk, ?int $at): void
    {
        if ($at !== null) {
            self::write($batch, $by, $walk->keys[$at]->text(), StepOutcome::Done->value, 'logged');
        }
    }

    /**
     * @return StepKind what was done
     *
     * @throws Refused where the step is not on the route, or closed
     */
    public function byHand(Batch $batch, User $by, string $key): StepKind
    {
        $walk = self::walk($batch);
        $at = $walk->position($key);
        if ($at === null || ! $walk->isOpen($at)) {
            throw Refused::because([
                'step' => 'That step is closed or not on the route any more; look again.',
            ]);
        }
        if ($walk->steps[$at]->kind->hasOwnLog()) {
            throw Refused::because([
                'step' => ucfirst($walk->steps[$at]->name()).' is not ticked by hand; its own bench closes it.',
            ]);
        }
        if ($walk->steps[$at]->kind->isUnsafeOnHotMetal()) {
            CoolingEstimate::refuseHot($batch, 'step', $walk->steps[$at]->name());
        }
        self::write($batch, $by, $key, StepOutcome::Done->value, 'hand');

        return $walk->steps[$at]->kind;
    }

    /** What somebody says became of a step when the lot leaves it behind. */
    public static function told(
        Batch $batch,
        User $by,
        string $key,
        StepOutcome $outcome,
        ?string $who = null,
        ?CarbonImmutable $doneAt = null,
        ?string $why = null,
    ): void {
        self::write($batch, $by, $key, $outcome->value, 'told', $who, $doneAt, $why);
    }

    /** Takes back what was ticked: the step is open again. */
    public static function reopen(Batch $batch, User $by, string $key, string $why): void
    {
        self::write($batch, $by, $key, StepCompletion::OPEN, 'hand', why: $why);
    }

    private static function walk(Batch $batch): StepProgress
    {
        return RoutingProgress::of(Batch::query()->findOrFail($batch->id))->walk;
    }

    private static function write(
        Batch $batch,
        User $by,
        string $key,
        string $outcome,
        string $source,
        ?string $who = null,
        ?CarbonImmutable $doneAt = null,
        ?string $why = null,
    ): void {
        StepCompletion::query()->create([
            'batch_id' => $batch->id,
            'step' => $key,
            'outcome' => $outcome,
            'source' => $source,
            'who' => $who,
            'done_at' => $doneAt,
            'why' => $why === null ? null : mb_substr($why, 0, 300),
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]);
        $batch->unsetRelation('marks');
    }
}
