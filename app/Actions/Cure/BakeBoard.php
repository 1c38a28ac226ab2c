<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use Aenum\Core\Cure\AttemptRun;
use Aenum\Core\Cure\Correction;
use Aenum\Core\Cure\Outcome;
use Aenum\Core\Cure\Outlook;
use Aenum\Core\Heat\Simulation;
use Aenum\Core\Heat\Tape;
use App\Models\Bake;
use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;

/**
 * Everything a screen shows of one bake, computed from what is stored and the time it is.
 *
 * Minutes named "run" count from the door's opening on the load; the screen's minutes count from its closing.
 */
final readonly class BakeBoard
{
    private function __construct(
        public Bake $bake,
        public LoadOfBake $load,
        public Outlook $outlook,
        public Correction $correction,
        /** Run minutes at which the load would be ready if the oven were one deviation faster or slower; null without readings. */
        public ?float $earliest,
        public ?float $latest,
        public CarbonImmutable $now,
    ) {
    }

    public static function of(Bake $bake): self
    {
        $now = ShopClock::now();
        $load = LoadOfBake::from($bake);
        $until = $bake->isRunning() ? $now : $bake->pulled_at;
        $correction = $bake->isPlanned() ? Correction::none() : FitCorrection::for($load, $until);
        $pull = match ($bake->status) {
            'running' => null,
            'pulled' => max(0.1, $load->second($bake->pulled_at ?? $now) / 60),
            default => max(0.1, $load->pullRunMinutes()),
        };
        $band = $bake->isRunning() && $correction->residualsK !== [];

        $outlook = $load->outlook($pull, $correction->factor, $until);
        $gone = $load->second($now) / 60;
        if ($bake->isRunning() && $gone > $outlook->pullMinutes) {
            // It should be out already: judged as it stands now, not as it would have been.
            $outlook = $load->outlook($gone, $correction->factor, $until);
        }

        return new self(
            $bake, $load, $outlook, $correction,
            $band ? self::readyOnce($load, $correction->faster(), $now) : null,
            $band ? self::readyOnce($load, $correction->slower(), $now) : null,
            $now,
        );
    }

    /** From run minutes to minutes after the door shut. */
    public function sinceShut(float $runMinutes): float
    {
        return $runMinutes - $this->bake->door_open_s / 60;
    }

    /** The clock time of a run minute; null before the door has shut. */
    public function clock(float $runMinutes): ?CarbonImmutable
    {
        return $this->bake->beganAt()?->addMilliseconds((int) round(60000 * $runMinutes));
    }

    public function nowRunMinutes(): float
    {
        return $this->load->second($this->now) / 60;
    }

    /** When the deciding part should be seen to reach temperature. */
    public function checkRunMinutes(): float
    {
        return $this->outlook->items[$this->outlook->decides]->atPull->reachesMinutes ?? $this->outlook->pullMinutes / 2;
    }

    public function decides(): HungItem
    {
        return $this->load->hung[$this->outlook->decides];
    }

    public function suffers(): HungItem
    {
        return $this->load->hung[$this->outlook->suffers];
    }

    /** Minutes the door's standing open at the start adds to a bake that is planned; null where no bake serves. */
    public function doorCostMinutes(): ?float
    {
        if (! $this->bake->isPlanned() || $this->outlook->readyMinutes === null || $this->bake->door_open_s <= 0) {
            return null;
        }
        $bare = clone $this->bake;
        $bare->door_open_s = 0;
        $without = self::ready(LoadOfBake::from($bare), $this->correction->factor, null);

        return $without === null ? null : max(0.0, $this->sinceShut($this->outlook->readyMinutes) + $this->bake->door_open_s / 60 - $without);
    }

    /** The edges of the band: the same until something happens, so worked out once for every look. */
    private static function readyOnce(LoadOfBake $load, float $exchange, CarbonImmutable $now): ?float
    {
        $key = 'ready-'.hash('xxh128', serialize([$load->oven, $load->items(), $load->aims(), $load->conduct($now), $load->bake->rules(), $exchange]));
        $minutes = Cache::get($key);
        if (! is_numeric($minutes)) {
            $minutes = self::ready($load, $exchange, $now) ?? -1.0;
            Cache::put($key, $minutes, 86400);
        }

        return $minutes < 0 ? null : (float) $minutes;
    }

    private static function ready(LoadOfBake $load, float $exchange, ?CarbonImmutable $now): ?float
    {
        $conduct = $load->conduct($now);
        $tape = new Tape(new Simulation($load->oven, $load->items(), $conduct, $exchange), 60 * Outlook::FAR_MINUTES);
        $attempt = (new AttemptRun($tape, $load->items(), $load->aims(), $conduct, $load->bake->rules()))->follow();

        return $attempt->outcome === Outcome::NeverDone ? null : $attempt->pullS / 60;
    }
}
