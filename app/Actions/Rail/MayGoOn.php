<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Blast\DewPoint;
use Aenum\Core\Hang\Ground;
use Aenum\Core\Route\Station;
use Aenum\Core\Rule\Severity;
use App\Actions\Bench\BareSteelWatch;
use App\Actions\Route\PartRoute;
use App\Models\BakeOutItem;
use App\Models\BenchClock;
use App\Models\Entry;
use App\Models\Job;
use App\Support\ShopClock;
use Illuminate\Validation\ValidationException;

/** What keeps a job where it hangs: rules that hold, steel bare too long, a bad ground, a dwell that runs, damp air. */
final class MayGoOn
{
    /** Air written down longer ago says nothing about now. */
    private const AIR_HOURS = 12;

    /**
     * @param  string|null  $why  what was written beside the signature
     *
     * @throws ValidationException naming what keeps it
     */
    public static function orRefuse(Job $job, Station $from, Station $to, ?string $why): void
    {
        $silent = trim((string) $why) === '';
        if ($from === Station::Intake) {
            self::rulesThatHold($job);
        }
        if ($to->value >= Station::Coat->value) {
            self::bareTooLong($job);
        }
        if ($to === Station::Coat) {
            self::badGround($job);
            $silent ? self::dampAir() : null;
        }
        if ($from === Station::BakeOut) {
            self::inTheOven($job);
        }
        if ($silent) {
            self::unfinished($job);
        }
    }

    /** Stop rules hold a job at Intake; sign rules hold it until a name is under them. */
    private static function rulesThatHold(Job $job): void
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
    private static function bareTooLong(Job $job): void
    {
        $over = BareSteelWatch::overrun($job);
        if ($over !== null) {
            throw ValidationException::withMessages(['clock' => "{$over->part->name} has stood bare past its time; flash rust is under the film then. Send it back for a sweep-blast."]);
        }
    }

    /** Over 1 MΩ to earth nothing is sprayed. */
    private static function badGround(Job $job): void
    {
        foreach ($job->parts()->get() as $part) {
            $lines = Entry::of('ground');
            $lines->where('part_id', $part->id)->orderByDesc('id');
            $measured = $lines->first();
            if ($measured !== null && ! Ground::judge((float) $measured->figures['ohm'])['ok']) {
                throw ValidationException::withMessages(['ground' => "{$part->name}: ".Ground::judge((float) $measured->figures['ohm'])['says']]);
            }
        }
    }

    /** Too near the dew point nothing is sprayed in silence. */
    private static function dampAir(): void
    {
        $air = BareSteelWatch::latestAir();
        if ($air === null || $air->at->diffInHours(ShopClock::now()) > self::AIR_HOURS) {
            return;
        }
        [$celsius, $humidity] = [(float) $air->figures['air_c'], max(1.0, (float) $air->figures['rh_pct'])];
        if (! DewPoint::mayWork($celsius, $celsius, $humidity)) {
            throw ValidationException::withMessages(['note' => sprintf('Note is empty; metal as warm as the air is within 3 K of the dew point (%.0f %% humidity), so write why it is coated all the same, or wait.', $humidity)]);
        }
    }

    /** Nothing leaves a running oven. */
    private static function inTheOven(Job $job): void
    {
        $inside = BakeOutItem::query()->whereHas('bakeOut', fn ($load) => $load->where('status', 'running'));
        if ($inside->whereIn('part_id', $job->parts()->pluck('id'))->exists()) {
            throw ValidationException::withMessages(['bake_out' => "Job {$job->number} is in the oven; pull the bake-out first."]);
        }
    }

    /** A dwell or a wait that still runs is not walked away from in silence. */
    private static function unfinished(Job $job): void
    {
        $clocks = BenchClock::query()->where('step', '!=', BenchClock::BARE_STEEL)->whereIn('part_id', $job->parts()->pluck('id'))->whereNull('done_at');
        $last = $clocks->where('due_at', '>', ShopClock::now()->format('Y-m-d H:i:s.v'))->orderByDesc('due_at')->first();
        if ($last !== null) {
            throw ValidationException::withMessages(['note' => "Note is empty; {$last->label} runs until ".ShopClock::time($last->due_at).', so write why it moves on.']);
        }
    }
}
