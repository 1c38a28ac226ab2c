<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Application\PowderNeed;
use Aenum\Core\Application\Transfer;
use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\CoatPolicy;
use Aenum\Core\Trade\ServiceEnvironment;

/** Everything known of one part's job before work begins. */
final readonly class JobFacts
{
    /** Humidity of the shop's air where nobody has said, per cent. House figure. */
    public const USUAL_HUMIDITY_PCT = 50.0;

    /**
     * @param  list<CoatFacts>  $coats  from the metal up
     * @param  float  $humidityPct  relative humidity of the shop's air, per cent
     * @param  array<string, string>  $signed  rule key => who signed
     * @param  Rack|null  $rack  as it hangs, where somebody has said
     * @param  Agent|null  $agent  what somebody has chosen to strip it with
     */
    public function __construct(
        public PartFacts $part,
        public ServiceEnvironment $lives = ServiceEnvironment::Indoors,
        public array $coats = [],
        public ?BlastFacts $blast = null,
        public EquipmentFacts $equipment = new EquipmentFacts,
        public ShopPolicies $house = new ShopPolicies,
        public float $humidityPct = self::USUAL_HUMIDITY_PCT,
        public array $signed = [],
        public ?Rack $rack = null,
        public ?Agent $agent = null,
    ) {
    }

    /** Whether it will live outdoors, or harsher. */
    public function outdoors(): bool
    {
        return $this->lives !== ServiceEnvironment::Indoors;
    }

    /** Whether salt reaches it. */
    public function byTheSea(): bool
    {
        return $this->lives === ServiceEnvironment::Coast;
    }

    /** Film of all coats together, µm. */
    public function filmMicrons(): float
    {
        return array_sum(array_map(fn (CoatFacts $coat): float => $coat->filmMicrons, $this->coats));
    }

    /** Whether any coat rubs off or darkens without a clear, and its sheet does not say otherwise. */
    public function asksClear(): bool
    {
        $asks = fn (CoatFacts $coat): bool => $coat->clear->asksClear()
            || ($coat->clear === ClearNeed::Silent && $coat->effect->asksClear());

        return array_filter($this->coats, $asks) !== [];
    }

    /** The hottest any coat asks of the metal, °C; null without coats. */
    public function hottestCureC(): ?float
    {
        return $this->coats === [] ? null : max(array_map(fn (CoatFacts $coat): float => $coat->bakeC, $this->coats));
    }

    /**
     * Returns the powder one coat of all pieces takes, kg: by the part's own transfer efficiency, with what stays in
     * cup or hopper and hose.
     *
     * @param  int  $coat  from 0
     * @param  float|null  $sheet  first-pass transfer as the powder's own sheet or log has it
     * @param  float  $learned  factor this shop's weighings have taught
     * @param  float  $reserve  kept back for a redo, share
     */
    public function powderKg(
        int $coat,
        float $sg,
        ?float $sheet = null,
        float $learned = 1.0,
        float $reserve = 0.0,
    ): float {
        $one = $this->coats[$coat];
        $area = $this->part->areaOfAllM2() * $one->share;
        $warm = $coat === 0 && $this->house->coat === CoatPolicy::Warm;
        $recoat = $coat > 0 || $one->over !== CoatBase::Metal;
        $transfer = Transfer::of($this->part->openness(), $recoat, $warm, null, $sheet, $learned);

        return PowderNeed::kg($area, $sg, $one->filmMicrons, $transfer->share, $this->equipment->feed, $reserve);
    }

    /**
     * Returns the area a coat covers on one piece, m².
     *
     * @param  int  $coat  from 0
     */
    public function zoneM2(int $coat): float
    {
        return $this->part->areaOfAllM2() / max(1, $this->part->count) * $this->coats[$coat]->share;
    }

    /** The same job blasted otherwise. */
    public function blastedWith(?BlastFacts $blast): self
    {
        return $blast === null && $this->blast === null ? $this : new self(
            $this->part, $this->lives, $this->coats, $blast, $this->equipment,
            $this->house, $this->humidityPct, $this->signed, $this->rack, $this->agent,
        );
    }

    /**
     * The same job of another part, or with other coats.
     *
     * @param  list<CoatFacts>  $coats  from the metal up
     */
    public function of(PartFacts $part, array $coats): self
    {
        return new self(
            $part, $this->lives, $coats, $this->blast, $this->equipment,
            $this->house, $this->humidityPct, $this->signed, $this->rack, $this->agent,
        );
    }
}
