<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** One zone of one coat: setting, passes, what they leave. */
final readonly class ZonePlan
{
    /** A zone is not gone over more often than this; a pass that thin wants another setting. House figure. */
    private const MOST_PASSES = 40;

    private function __construct(
        public Zone $zone,
        public GunSetting $setting,
        public string $why,
        /** Share of the open face's film its floor gets; 1 on a face. */
        public float $ratio,
        public float $perPassUm,
        /** To be sprayed. */
        public int $passes,
        /** Had already from those before. */
        public int $forNothing,
        /** Expected on it; on its floor where it is a recess, µm. */
        public float $filmUm,
        /** Expected on what is beside it; the same as on it where it is a face, µm. */
        public float $besideUm,
        /** To be sprayed on it: area × density × film over transfer, g. */
        public float $grams,
        public float $onMinutes,
        public bool $isThin,
        public bool $isThick,
    ) {
    }

    /** Whether its film is expected outside the band. */
    public function isOutside(): bool
    {
        return $this->isThin || $this->isThick;
    }

    /** A face, an inside, the far side. */
    public static function face(CoatTask $task, Zone $zone, bool $afterRecesses): self
    {
        $set = $task->setting($zone);
        $each = $task->perPassUm($set);
        $all = self::passesFor($task, $each);
        $free = min($all - 1, $zone->kind->passesForNothing($afterRecesses));

        return self::of($task, $zone, $set, 1.0, $each, $all - $free, $free, $all * $each, $all * $each);
    }

    /**
     * A recess, sprayed first: as many passes as its floor wants, as long as what is beside it stays within the band.
     * Beside it, passes of the face are then left out one for one.
     *
     * @param  self  $face  as the faces are planned
     */
    public static function recess(CoatTask $task, Zone $zone, self $face): self
    {
        $set = $task->setting($zone);
        $each = $task->perPassUm($set);
        $ratio = $zone->ratio($set);
        $facePasses = $face->passes + $face->forNothing;
        $most = max(1, min(self::MOST_PASSES, (int) floor($task->highUm / $each + 1e-9)));
        $through = $zone->ratio($face->setting) * $face->perPassUm;
        $floor = fn (int $n): float => $n * $each * $ratio + max(0, $facePasses - $n) * $through;
        $passes = 1;
        while ($passes < $most && $floor($passes) < $task->lowUm) {
            $passes++;
        }
        $beside = $passes * $each + max(0, $facePasses - $passes) * $face->perPassUm;

        return self::of($task, $zone, $set, $ratio, $each, $passes, 0, $floor($passes), $beside);
    }

    private static function of(
        CoatTask $task,
        Zone $zone,
        GunSetting $set,
        float $ratio,
        float $each,
        int $passes,
        int $free,
        float $film,
        float $beside,
    ): self {
        $seconds = $passes * $task->secondsAPass($set, $zone->areaM2);

        return new self(
            $zone,
            $set,
            $task->isHeldDown($zone) ? 'Current held down, or it would kick.' : $task->advice($zone)->why,
            $ratio,
            $each,
            $passes,
            $free,
            $film,
            $beside,
            1000 * $zone->areaM2 / Coverage::m2PerKg(
                $task->specificGravity,
                min(2000.0, max($film, $beside)),
                $task->transfer->share,
            ),
            $seconds / 60,
            $film < $task->lowUm - 1e-9,
            $beside > $task->highUm + 1e-9,
        );
    }

    /** Passes that come nearest to the film wanted, within the band where any number of them does. */
    private static function passesFor(CoatTask $task, float $each): int
    {
        $near = max(1, min(self::MOST_PASSES, (int) round($task->wantedUm / $each)));
        $fits = fn (int $n): bool => $n >= 1 && $n * $each >= $task->lowUm && $n * $each <= $task->highUm;
        foreach ([$near, $near + 1, $near - 1] as $n) {
            if ($fits($n)) {
                return $n;
            }
        }

        return $near;
    }

    /** kV and powder air of the two schools for a recess that stays bare. General practice of the trade. */
    private const LOWER_KV = 30.0;

    private const MORE_AIR = 1.3;

    private const FURTHER_MM = 300.0;

    /**
     * What its floor would get by the two schools, against the open face: lower still; from further off with more air.
     *
     * @return array{lower: float, further: float}|null null where it is no recess
     */
    public function schools(): ?array
    {
        return $this->zone->depthOverWidth() === null ? null : [
            'lower' => $this->zone->ratio($this->setting->turned(kv: min(self::LOWER_KV, $this->setting->kv))),
            'further' => $this->zone->ratio(
                $this->setting->turned(air: self::MORE_AIR, awayMm: self::FURTHER_MM),
            ),
        ];
    }

    /** Depth over width of a recess that is hard to coat; null where it is not. */
    public function hardness(): ?float
    {
        $deep = $this->zone->depthOverWidth();

        return $deep !== null && $deep >= Recess::HARD ? $deep : null;
    }
}
