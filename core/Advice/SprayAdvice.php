<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Application\BoothAir;
use Aenum\Core\Application\CoatPlan;
use Aenum\Core\Application\CoatTask;
use Aenum\Core\Application\CoatTurned;
use Aenum\Core\Application\Gun;
use Aenum\Core\Application\GunSetting;
use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PowderSheet;
use Aenum\Core\Application\Transfer;
use Aenum\Core\Application\Zone;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\CoatFloor;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\CoatPolicy;

/** One coat of one lot with this shop's gun: settings, passes, grams, minutes, and what the rules say of them. */
final readonly class SprayAdvice
{
    private function __construct(
        public PartRouting $job,
        public CoatFacts $coat,
        public PowderSheet $powder,
        public Gun $gun,
        public Openness $openness,
        public CoatPlan $plan,
        public ShopFactor $minutes,
    ) {
    }

    /**
     * @param  int  $at  place of the coat among the job's, from 0
     * @param  ShopFactor  $minutes  what logged minutes have taught
     * @param  float  $learned  what weighings have taught of the transfer, above 0 to 5
     */
    public static function for(
        PartRouting $job,
        int $at,
        PowderSheet $powder,
        Gun $gun,
        CoatTurned $set,
        ShopFactor $minutes,
        float $learned = 1.0,
        float $reserve = CoatTask::USUAL_RESERVE,
    ): self {
        $facts = $job->facts;
        $coat = $facts->coats[$at];
        $house = $facts->house;
        $ohm = $facts->equipment->groundOhm;
        $openness = $set->openness ?? $facts->part->openness();
        $area = max(1e-6, $facts->part->areaOfAllM2() * $coat->share);
        $zones = Zone::all($area, $facts->part->count, $facts->part->recesses, $house->order);
        $transfer = Transfer::of(
            $openness,
            $at > 0,
            $at === 0 && $house->coat === CoatPolicy::Warm,
            $ohm === null ? null : Ground::of($ohm),
            $powder->transfer,
            $learned,
        );
        $lightAlloy = $facts->part->isLightAlloy();
        $turned = array_filter(array_map(fn (array $by): array => array_filter([
            'kv' => $by['kv'] ?? null,
            'microAmps' => $by['ua'] ?? null,
            'air' => $by['air'] ?? null,
            'tip' => $by['tip'] ?? null,
            'awayMm' => $by['away_mm'] ?? null,
        ], fn (mixed $one): bool => $one !== null), $set->zones));

        return new self($job, $coat, $powder, $gun, $openness, CoatPlan::of(CoatTask::of(
            $zones,
            $facts->part->count,
            $gun,
            $transfer,
            $powder->specificGravity,
            $powder->lowUm,
            $powder->highUm,
            $set->wantedUm,
            self::underUm($job, $at),
            $at > 0,
            $lightAlloy,
            $house->voltage,
            $set->flowGPerMin,
            $set->handMmPerS ?? $house->hand->handMmPerS(),
            $set->overlap ?? $house->hand->overlap(),
            $powder->chargeUcG,
            $powder->ohmM,
            $ohm,
            $reserve,
            $turned,
            $minutes->factor,
        )), $minutes);
    }

    /** Powder in the booth's air while it is sprayed, g/m³; null where the booth's air is not known. */
    public function inTheAirGM3(): ?float
    {
        $air = $this->job->facts->equipment->boothAirM3Min;

        return $air === null ? null : BoothAir::gramsPerM3($this->plan->task->flowGPerMin, $air);
    }

    /**
     * What the rules say at the gun.
     *
     * @param  CoatFloor  $known  what the floor knows beside the plan: the part's heat, the lot
     * @param  Surface|null  $surface  what is on the metal by what was done
     * @param  float|null  $metalC  part metal as measured today
     * @return list<Finding>
     */
    public function findings(
        CoatFloor $known,
        ?float $airC,
        ?float $humidityPct,
        ?float $bareUsed,
        ?Surface $surface = null,
        ?float $metalC = null,
    ): array {
        $floor = (new FloorConditions(
            $airC, $humidityPct, $bareUsed, coat: $this->floor($known),
        ))->withMetal($surface, $metalC);

        return RuleBook::judge($this->job->on($floor), Checkpoint::Coat);
    }

    /** What is so at the gun with this plan. */
    public function floor(CoatFloor $known): CoatFloor
    {
        $plan = $this->plan;
        $deep = array_filter(array_map(fn (ZonePlan $one): ?float => $one->zone->depthOverWidth(), $plan->zones));
        $away = array_map(fn (ZonePlan $one): GunSetting => $one->setting, $plan->zones);
        $off = array_values(array_filter($away, fn (GunSetting $set): bool => $set->isOutOfReach()));

        return new CoatFloor(
            $plan->charge->index,
            array_map(fn (ZonePlan $one): string => $one->zone->name, $plan->thin()),
            $deep === [] ? null : max($deep),
            $plan->thick() === [] ? null : $plan->thickestUm(),
            $this->powder->highUm,
            $known->partC,
            $this->powder->softensC,
            $known->pastDate,
            $known->shortG,
            $known->matches,
            $off === [] ? null : $off[0]->awayMm,
        );
    }

    /** Film of the coats below, where they lie under this one, µm. */
    private static function underUm(PartRouting $job, int $at): float
    {
        $below = array_slice($job->facts->coats, 0, $at);
        $over = fn (CoatFacts $one): bool => $one->zone === null || $one->zone === $job->facts->coats[$at]->zone;

        return array_sum(array_map(fn (CoatFacts $one): float => $over($one) ? $one->filmMicrons : 0.0, $below));
    }
}
