<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Application\Openness;
use Aenum\Core\Application\PinnedRecess;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalFamily;
use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\LicensedHazard;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\SafetyRole;

/** What a part is, as found at the counter. */
final readonly class PartFacts
{
    /** From this area on light alloy is swept or etched rather than blasted, m². House figure. */
    private const LARGE_LIGHT_ALLOY_M2 = 3.0;

    /** One piece nobody has measured, m². House figure. */
    private const GUESSED_AREA_M2 = 0.5;

    /**
     * @param  int  $count  pieces
     * @param  float|null  $massKg  of one piece
     * @param  float|null  $areaM2  of one piece
     * @param  array{float, float, float}|null  $boxMm
     * @param  list<ArrivalCondition>  $onIt
     * @param  list<Feature>  $features
     * @param  list<PartFlag>  $marks
     * @param  float|null  $temperC  what hardened steel was tempered at, °C
     * @param  float|null  $strengthMpa  tensile strength of hardened steel
     * @param  float  $metalMinutesSoFar  equivalent minutes at 200 °C its metal has had
     * @param  string|null  $licence  the licensed process on record
     * @param  string|null  $acidProduct  the acid product made for this metal
     * @param  list<PinnedRecess>  $recesses  on each piece
     * @param  float  $viewFactor  share of the oven's walls it sees, 0 to 1
     * @param  list<LicensedHazard>  $licensedFor  what the licensed process on record covers
     */
    public function __construct(
        public string $name,
        public Metal $metal,
        public int $count = 1,
        public ?float $massKg = null,
        public ?float $areaM2 = null,
        public ?array $boxMm = null,
        public Fabrication $made = Fabrication::Sheet,
        public array $onIt = [],
        public array $features = [],
        public array $marks = [],
        public SafetyRole $duty = SafetyRole::None,
        public ?float $temperC = null,
        public ?float $strengthMpa = null,
        public Alloy $alloy = Alloy::Unknown,
        public PaintTest $paintTest = PaintTest::NotTested,
        public float $metalMinutesSoFar = 0.0,
        public ?string $licence = null,
        public ?string $acidProduct = null,
        public array $recesses = [],
        public float $viewFactor = 1.0,
        public array $licensedFor = [],
    ) {
    }

    /** Whether it has any of these on it. */
    public function carries(ArrivalCondition ...$any): bool
    {
        return array_filter($any, fn (ArrivalCondition $on): bool => in_array($on, $this->onIt, true)) !== [];
    }

    /** Whether it has any of these features. */
    public function has(Feature ...$any): bool
    {
        return array_filter($any, fn (Feature $one): bool => in_array($one, $this->features, true)) !== [];
    }

    /** Whether a mark is on it. */
    public function is(PartFlag $mark): bool
    {
        return in_array($mark, $this->marks, true);
    }

    /** Somebody's own coat failed on it, and what made it fail may be on the metal still. */
    public function failedBefore(): bool
    {
        return $this->is(PartFlag::FailedTry);
    }

    /** Whether stones, tools or chemicals will work on the film. */
    public function isHit(): bool
    {
        return $this->is(PartFlag::HitByStones) || $this->is(PartFlag::HitByTools) || $this->is(
            PartFlag::ChemicalsOnFace,
        );
    }

    /** Which family its metal is of. */
    public function family(): MetalFamily
    {
        return $this->metal->family;
    }

    /** Whether it is aluminium, rolled or cast. */
    public function isLightAlloy(): bool
    {
        return $this->family() === MetalFamily::LightAlloy;
    }

    /** Whether it is zinc-coated steel. */
    public function isGalvanised(): bool
    {
        return $this->family() === MetalFamily::Galvanised;
    }

    /** Whether it was cast, or is of a cast metal. */
    public function isCasting(): bool
    {
        return $this->made === Fabrication::Cast || $this->metal->alwaysCast;
    }

    /** Gas or oil in it comes out in the oven. */
    public function gasses(): bool
    {
        return $this->isCasting() || $this->isGalvanised() || $this->is(PartFlag::Oily);
    }

    /** Oil or grease on it or in it. */
    public function isGreasy(): bool
    {
        return $this->carries(ArrivalCondition::Grease) || $this->is(PartFlag::Oily);
    }

    /** Steel, stainless included, that hydrogen makes brittle and heat softens: said to be hard, or that strong. */
    public function isHardSteel(): bool
    {
        return $this->family()->hardens() && ($this->is(PartFlag::Hardened) || $this->isHighStrength());
    }

    /** Known to be stronger than the limit past which steel is called high-strength. */
    public function isHighStrength(): bool
    {
        return ($this->strengthMpa ?? 0.0) > ReliefBake::FROM_MPA;
    }

    /** Whether a licensed process on record covers a hazard. */
    public function isLicensedFor(LicensedHazard $hazard): bool
    {
        return $this->licence !== null && in_array($hazard, $this->licensedFor, true);
    }

    /**
     * Heat takes its strength for good. A light-alloy casting whose failure can hurt somebody (wheel, suspension and
     * the like) counts as heat-treated until somebody says that it is not.
     */
    public function losesStrength(): bool
    {
        $aged = in_array($this->alloy, [Alloy::CastAged, Alloy::Aged6xxx, Alloy::Aged7xxx], true);
        $structural = $this->isCasting() && $this->duty !== SafetyRole::None;

        return $this->isLightAlloy() && $this->alloy !== Alloy::NotHeatTreatable
            && ($this->is(PartFlag::HeatTreated) || $aged || $structural);
    }

    /** A hollow that is closed, or would be once every opening has its plug. */
    public function isClosedHollow(): bool
    {
        return $this->has(Feature::SealedHollow) && ! $this->is(PartFlag::Vented);
    }

    /** What stands in the way of the powder cloud, from how the part was made and what its box holds. */
    public function openness(): Openness
    {
        return Openness::ofShape($this->isCasting() || $this->has(Feature::Recesses), $this->boxMm, $this->areaM2);
    }

    /** Mean wall, mm, from weight and skin; null where one of them is not known. */
    public function wallMm(): ?float
    {
        return $this->massKg === null || $this->areaM2 === null
            ? null
            : $this->metal->wallFromArea($this->massKg, $this->areaM2);
    }

    /** Area of all pieces, m²; a guess of half a square metre a piece where nobody measured. */
    public function areaOfAllM2(): float
    {
        return max(1e-4, $this->count * ($this->areaM2 ?? self::GUESSED_AREA_M2));
    }

    /** Light alloy in an amount that a full blast with media used once or a few times would make dear. */
    public function isLargeLightAlloy(): bool
    {
        return $this->isLightAlloy() && $this->areaOfAllM2() >= self::LARGE_LIGHT_ALLOY_M2;
    }

    /** @return list<ArrivalCondition> what a stripper is asked to take off */
    public function coatings(): array
    {
        return array_values(array_filter($this->onIt, fn (ArrivalCondition $on): bool => $on->isCoating()));
    }

    /**
     * The same part with something else on it: coated by this shop, and to be stripped.
     *
     * @param  list<ArrivalCondition>  $onIt
     */
    public function carrying(array $onIt): self
    {
        $gone = [PartFlag::OldPrimerTight, PartFlag::FailedTry, PartFlag::Oily];
        $stays = fn (PartFlag $mark): bool => ! in_array($mark, $gone, true);

        return $this->as($this->count, $onIt, array_values(array_filter($this->marks, $stays)));
    }

    /** So many pieces of it. */
    public function many(int $count): self
    {
        return $this->as($count, $this->onIt, $this->marks);
    }

    /**
     * @param  list<ArrivalCondition>  $onIt
     * @param  list<PartFlag>  $marks
     */
    private function as(int $count, array $onIt, array $marks): self
    {
        return new self(
            $this->name, $this->metal, $count, $this->massKg, $this->areaM2, $this->boxMm, $this->made, $onIt,
            $this->features, $marks, $this->duty, $this->temperC, $this->strengthMpa, $this->alloy, $this->paintTest,
            $this->metalMinutesSoFar, $this->licence, $this->acidProduct, $this->recesses,
            $this->viewFactor, $this->licensedFor,
        );
    }
}
