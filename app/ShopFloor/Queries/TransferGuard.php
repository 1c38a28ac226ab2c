<?php

declare(strict_types=1);

namespace App\ShopFloor\Queries;

use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Trade\Station;
use App\Application\Models\Spraying;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Preparation\Commands\BareSteelTimer;
use App\Preparation\Queries\LatestAir;
use App\Routing\BlockedByRules;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\BatchPause;
use App\Routing\Queries\BatchSurface;
use App\Routing\Queries\MetalTemperature;
use App\Routing\Queries\PartFloorConditions;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;

/** What keeps a batch at its station: findings, a load it is in, a running dwell. */
final class TransferGuard
{
    /**
     * @param  string|null  $why  what was written beside the signature
     *
     * @throws Refused naming what keeps it
     */
    public static function orRefuse(Batch $batch, Station $from, Station $to, ?string $why): void
    {
        $silent = trim((string) $why) === '';
        if ($from === Station::Intake) {
            self::atTheCounter($batch);
        }
        self::atTheBench($batch, $from, $silent);
        if (! Station::Coat->isAfter($to)) {
            self::beforePowder($batch, $to, $silent);
        }
        self::asked($batch, $from, $to);
        self::outOfTheOven($batch);
        self::outOfTheBooth($batch);
        if ($silent) {
            self::unfinished($batch);
        }
    }

    /** Stop rules hold a part at Intake; sign rules hold it until a name is under them. */
    private static function atTheCounter(Batch $batch): void
    {
        $units = Units::current();
        $holding = PartRoute::of($batch->part, $batch)->holding();
        $why = array_map(
            fn (Finding $finding): string => sprintf(
                '%s: %s %s %s',
                ucfirst($batch->part->name),
                $units->said($finding->evidence->asSentence()),
                $finding->isStop() ? 'Stop.' : 'It needs a name under it.',
                $units->said($finding->rule->wayOut),
            ),
            $holding,
        );
        if ($why !== []) {
            throw BlockedByRules::of($batch->part, self::stops($holding), ['route' => array_values($why)]);
        }
    }

    /** A question to the owner holds what depends on it: nothing is sprayed before it is answered. */
    private static function asked(Batch $batch, Station $from, Station $to): void
    {
        $goesToPowder = ! Station::Coat->isAfter($to) && ! $from->isAfter(Station::Coat);
        foreach ($goesToPowder ? $batch->part->pins : [] as $pin) {
            if ($pin->isAsked()) {
                $why = "{$batch->partName()}: pin {$pin->number} asks the owner: ".rtrim($pin->note ?? '?', '?').
                    '? Write the answer down at its pin first.';
                throw Refused::because(['answer' => $why]);
            }
        }
    }

    /** What the book says of the work of the bench it leaves. */
    private static function atTheBench(Batch $batch, Station $from, bool $silent): void
    {
        $moment = match ($from) {
            Station::Strip => Checkpoint::Strip,
            Station::Blast => Checkpoint::Blast,
            Station::BakeOut => Checkpoint::BakeOut,
            Station::Wash => Checkpoint::Wash,
            Station::MaskAndHang => Checkpoint::MaskAndHang,
            default => null,
        };
        if ($moment === null) {
            return;
        }
        $floor = PartFloorConditions::of($batch->part, $batch)->withMetal(
            BatchSurface::of($batch),
            MetalTemperature::of($batch),
        );
        $plan = PartRoute::of($batch->part, $batch)->plan()->on($floor);
        foreach (RuleBook::holding($plan, $moment) as $finding) {
            self::refuse($batch, $finding, $silent);
        }
    }

    /**
     * Nothing is sprayed on steel past its time bare, without earth or with acid's hydrogen in it, or, unless somebody
     * writes why, in damp air. Where it goes past Coat only what cannot be undone by then is asked.
     */
    private static function beforePowder(Batch $batch, Station $to, bool $silent): void
    {
        $air = $to === Station::Coat ? LatestAir::now() : null;
        $floor = new FloorConditions(
            $air?->celsius,
            $air?->humidityPct,
            BareSteelTimer::usedOf($batch),
            sinceAcidMin: PartFloorConditions::of($batch->part, $batch)->sinceAcidMin,
            surface: BatchSurface::of($batch),
            metalC: MetalTemperature::of($batch),
        );
        foreach (
            RuleBook::holding(PartRoute::of($batch->part, $batch)->plan()->on($floor), Checkpoint::Coat) as $finding
        ) {
            self::refuse($batch, $finding, $silent);
        }
    }

    /**
     * @param  array<array-key, Finding>  $findings
     * @return list<Finding>
     */
    private static function stops(array $findings): array
    {
        return array_values(array_filter($findings, fn (Finding $one): bool => $one->isStop()));
    }

    private static function refuse(Batch $batch, Finding $finding, bool $silent): void
    {
        $units = Units::current();
        if ($finding->isStop()) {
            $why = "{$batch->partName()}: ".$units->said($finding->words());
            throw BlockedByRules::of($batch->part, [$finding], [$finding->rule->key => $why]);
        }
        if ($silent) {
            $says = $units->said($finding->evidence);
            $why = "Note is empty; {$says}, so write why it goes on all the same, or wait.";
            throw Refused::because(['note' => $why]);
        }
    }

    /**
     * Nothing leaves a running oven, nor a load that is planned for one.
     *
     * @throws Refused where it is in one
     */
    public static function outOfTheOven(Batch $batch): void
    {
        $loads = OvenLoad::query()->whereIn('status', ['planned', 'running']);
        $items = OvenLoadItem::query()->where('batch_id', $batch->id)->whereNull('out_at')->select('oven_load_id');
        $status = $loads->whereIn('id', $items)->orderByDesc('status')->value('status');
        if ($status !== null) {
            $first = $status === 'running'
                ? 'is in the oven; pull that load first.'
                : 'hangs in a load that is planned; take that load down first.';
            $why = ucfirst($batch->partName())." of job {$batch->part->job->number} {$first}";
            throw Refused::because(['load' => $why]);
        }
    }

    /** Powder weighed out and not logged is on it in part: that is ended first. */
    public static function outOfTheBooth(Batch $batch): void
    {
        if (Spraying::openOn($batch) !== null) {
            $why = ucfirst($batch->partName()).' is being sprayed; log that powder is on, or blow it off first.';
            throw Refused::because(['spraying' => $why]);
        }
    }

    /** A dwell or a wait that still runs, or one that has run too long, is not walked away from in silence. */
    private static function unfinished(Batch $batch): void
    {
        $clocks = StepTimer::query()->where('step', '!=', StepTimer::BARE_STEEL)->whereNull('done_at')
            ->where('batch_id', $batch->id)->where('due_at', '>', ShopClock::now()->format('Y-m-d H:i:s.v'))
            ->orderByDesc('due_at');
        $last = $clocks->first();
        $says = $last === null
            ? BatchPause::of(RoutingProgress::of($batch))?->holds()
            : "{$last->label} runs until ".ShopClock::time($last->due_at);
        if ($says !== null) {
            throw Refused::because(['note' => "Note is empty; {$says}, so write why it moves on."]);
        }
    }
}
