<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Job\Floor;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Word\Station;
use App\Actions\Bench\Air;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Log\MetalTemperature;
use App\Actions\Log\PartFloor;
use App\Actions\Lot\LotPause;
use App\Actions\Lot\LotSurface;
use App\Actions\Lot\LotWalk;
use App\Actions\Route\PartRoute;
use App\Models\BenchClock;
use App\Models\Lot;
use App\Models\OvenLoad;
use App\Models\OvenLoadItem;
use App\Models\Spraying;
use App\Support\BlockedByRules;
use App\Support\ShopClock;
use App\Support\Units;
use Illuminate\Validation\ValidationException;

/** What keeps a lot where it hangs: what the book says at this moment, a load it is in, a dwell that runs. */
final class MayGoOn
{
    /**
     * @param  string|null  $why  what was written beside the signature
     *
     * @throws ValidationException naming what keeps it
     */
    public static function orRefuse(Lot $lot, Station $from, Station $to, ?string $why): void
    {
        $silent = trim((string) $why) === '';
        if ($from === Station::Intake) {
            self::atTheCounter($lot);
        }
        self::atTheBench($lot, $from, $silent);
        if (! Station::Coat->isAfter($to)) {
            self::beforePowder($lot, $to, $silent);
        }
        self::asked($lot, $from, $to);
        self::outOfTheOven($lot);
        self::outOfTheBooth($lot);
        if ($silent) {
            self::unfinished($lot);
        }
    }

    /** Stop rules hold a part at Intake; sign rules hold it until a name is under them. */
    private static function atTheCounter(Lot $lot): void
    {
        $units = Units::current();
        $holding = PartRoute::of($lot->part, $lot)->holding();
        $why = array_map(
            fn (Finding $finding): string => sprintf(
                '%s: %s %s %s',
                ucfirst($lot->part->name),
                $units->said($finding->evidence->asSentence()),
                $finding->isStop() ? 'Stop.' : 'It needs a name under it.',
                $units->said($finding->rule->wayOut),
            ),
            $holding,
        );
        if ($why !== []) {
            throw BlockedByRules::of($lot->part, self::stops($holding), ['route' => array_values($why)]);
        }
    }

    /** A question to the owner holds what depends on it: nothing is sprayed before it is answered. */
    private static function asked(Lot $lot, Station $from, Station $to): void
    {
        $goesToPowder = ! Station::Coat->isAfter($to) && ! $from->isAfter(Station::Coat);
        foreach ($goesToPowder ? $lot->part->pins : [] as $pin) {
            if ($pin->isAsked()) {
                $why = "{$lot->partName()}: pin {$pin->number} asks the owner: ".rtrim($pin->note ?? '?', '?').
                    '? Write the answer down at its pin first.';
                throw ValidationException::withMessages(['answer' => $why]);
            }
        }
    }

    /** What the book says of the work of the bench it leaves. */
    private static function atTheBench(Lot $lot, Station $from, bool $silent): void
    {
        $moment = match ($from) {
            Station::Strip => Moment::Strip,
            Station::Blast => Moment::Blast,
            Station::BakeOut => Moment::BakeOut,
            Station::Wash => Moment::Wash,
            Station::MaskAndHang => Moment::MaskAndHang,
            default => null,
        };
        if ($moment === null) {
            return;
        }
        $floor = PartFloor::of($lot->part, $lot)->withMetal(LotSurface::of($lot), MetalTemperature::of($lot));
        $plan = PartRoute::of($lot->part, $lot)->plan()->on($floor);
        foreach (RuleBook::holding($plan, $moment) as $finding) {
            self::refuse($lot, $finding, $silent);
        }
    }

    /**
     * Nothing is sprayed on steel past its time bare, without earth or with acid's hydrogen in it, or, unless somebody
     * writes why, in damp air. Where it goes past Coat only what cannot be undone by then is asked.
     */
    private static function beforePowder(Lot $lot, Station $to, bool $silent): void
    {
        $air = $to === Station::Coat ? Air::now() : null;
        $floor = new Floor(
            $air?->celsius,
            $air?->humidityPct,
            BareSteelWatch::usedOf($lot),
            sinceAcidMin: PartFloor::of($lot->part, $lot)->sinceAcidMin,
            surface: LotSurface::of($lot),
            metalC: MetalTemperature::of($lot),
        );
        foreach (RuleBook::holding(PartRoute::of($lot->part, $lot)->plan()->on($floor), Moment::Coat) as $finding) {
            self::refuse($lot, $finding, $silent);
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

    private static function refuse(Lot $lot, Finding $finding, bool $silent): void
    {
        $units = Units::current();
        if ($finding->isStop()) {
            $why = "{$lot->partName()}: ".$units->said($finding->words());
            throw BlockedByRules::of($lot->part, [$finding], [$finding->rule->key => $why]);
        }
        if ($silent) {
            $says = $units->said($finding->evidence);
            $why = "Note is empty; {$says}, so write why it goes on all the same, or wait.";
            throw ValidationException::withMessages(['note' => $why]);
        }
    }

    /**
     * Nothing leaves a running oven, nor a load that is planned for one.
     *
     * @throws ValidationException where it is in one
     */
    public static function outOfTheOven(Lot $lot): void
    {
        $loads = OvenLoad::query()->whereIn('status', ['planned', 'running']);
        $items = OvenLoadItem::query()->where('lot_id', $lot->id)->whereNull('out_at')->select('oven_load_id');
        $status = $loads->whereIn('id', $items)->orderByDesc('status')->value('status');
        if ($status !== null) {
            $first = $status === 'running'
                ? 'is in the oven; pull that load first.'
                : 'hangs in a load that is planned; take that load down first.';
            $why = ucfirst($lot->partName())." of job {$lot->part->job->number} {$first}";
            throw ValidationException::withMessages(['load' => $why]);
        }
    }

    /** Powder weighed out and not logged is on it in part: that is ended first. */
    public static function outOfTheBooth(Lot $lot): void
    {
        if (Spraying::openOn($lot) !== null) {
            $why = ucfirst($lot->partName()).' is being sprayed; log that powder is on, or blow it off first.';
            throw ValidationException::withMessages(['spraying' => $why]);
        }
    }

    /** A dwell or a wait that still runs, or one that has run too long, is not walked away from in silence. */
    private static function unfinished(Lot $lot): void
    {
        $clocks = BenchClock::query()->where('step', '!=', BenchClock::BARE_STEEL)->whereNull('done_at')
            ->where('lot_id', $lot->id)->where('due_at', '>', ShopClock::now()->format('Y-m-d H:i:s.v'))
            ->orderByDesc('due_at');
        $last = $clocks->first();
        $says = $last === null
            ? LotPause::of(LotWalk::of($lot))?->holds()
            : "{$last->label} runs until ".ShopClock::time($last->due_at);
        if ($says !== null) {
            throw ValidationException::withMessages(['note' => "Note is empty; {$says}, so write why it moves on."]);
        }
    }
}
