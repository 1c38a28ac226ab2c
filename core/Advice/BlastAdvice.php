<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Blasting\Access;
use Aenum\Core\Preparation\Blasting\AirLine;
use Aenum\Core\Preparation\Blasting\AirSystem;
use Aenum\Core\Preparation\Blasting\BlastPlan;
use Aenum\Core\Preparation\Blasting\Medium;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Preparation\Blasting\Sweep;
use Aenum\Core\Routing\BlastFacts;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\MediumLot;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Catalog\MediumBows;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\ObjectMemo;

/** The blast of one part with this shop's air: medium, pressure, minutes, and what the rules say of them. */
final readonly class BlastAdvice
{
    /** Wanted where nobody has said, bar. House figure. */
    private const USUAL_BAR = 6.0;

    /** A medium the shop has in use is taken where it is at least this good against the best there is. House figure. */
    private const GOOD_ENOUGH = 0.5;

    /** @param  non-empty-list<MediaChoice>  $choices  the best first */
    private function __construct(
        public PartRouting $job,
        public array $choices,
        public Medium $medium,
        public AirSystem $air,
        public BlastPlan $plan,
        public ShopFactor $factor,
        public float $mixture,
        public Access $access,
        public ?MediumLot $lot,
        private float $boreMm,
    ) {
    }

    /** @param  list<MediumLot>  $lots  what the shop has in use */
    public static function for(PartRouting $job, AirLine $air, ShopFactor $factor, array $lots, BlastSetting $set): self
    {
        $facts = $job->facts;
        $onIt = self::onIt($job);
        $wanted = $set->bar ?? ($facts->blast->pressureBar ?? self::usualBar($job));
        $choices = MediaChoice::rank($facts, $onIt, $wanted);
        $medium = $set->medium ?? ($facts->blast->medium ?? self::fromTheShop($choices, $job, $lots));
        $system = $air->at($wanted);
        $mixture = $set->mixture ?? $medium->bestMixture;
        $access = $set->access ?? self::usualAccess($job);
        $lot = self::lotOf($medium, $lots);
        $plan = BlastPlan::of(
            $medium,
            $facts->part->metal,
            $onIt,
            $facts->part->areaOfAllM2(),
            $air->boreMm(),
            $system->nozzleBar,
            $mixture,
            $access,
            $factor,
            $lot?->wears->factor ?? 1.0,
            self::sweeps($job, $onIt),
        );

        return new self(
            $job,
            $choices,
            $medium,
            $system,
            $plan,
            $factor,
            $mixture,
            $access,
            $lot,
            $air->boreMm(),
        );
    }

    /** How much of the best rate the mixture leaves, per cent. */
    public function mixturePercent(): int
    {
        return (int) round(100 * BlastPlan::mixtureFactor($this->mixture, $this->medium->bestMixture));
    }

    /**
     * Minutes and media of blasting only so much off, with all else as it is set.
     *
     * @param  list<ArrivalCondition>  $left
     */
    public function taking(array $left): BlastPlan
    {
        $part = $this->job->facts->part;

        return BlastPlan::of(
            $this->medium,
            $part->metal,
            $left,
            $part->areaOfAllM2(),
            $this->boreMm,
            $this->plan->bar,
            $this->mixture,
            $this->access,
            $this->factor,
            $this->lot?->wears->factor ?? 1.0,
        );
    }

    /** Turns of this pot's valve for the mixture; null where nobody has timed a pot of this medium. */
    public function turns(): ?float
    {
        return $this->lot?->valve?->turnsFor($this->plan->mediaKgPerMin);
    }

    /**
     * What the rules say at the bench, of this part with this medium at this pressure, in the air as it is.
     *
     * @param  Surface|null  $surface  what is on the metal by what was done
     * @param  float|null  $metalC  part metal as measured today
     * @return list<Finding>
     */
    public function findings(
        ?float $airC,
        ?float $humidityPct,
        ?Surface $surface = null,
        ?float $metalC = null,
    ): array {
        $facts = $this->job->facts->blastedWith(
            new BlastFacts($this->medium, $this->air->wantedBar, $this->plan->rzMicrons),
        );
        $floor = (new FloorConditions(
            airC: $airC, airHumidityPct: $humidityPct, lot: $this->lot,
        ))->withMetal($surface, $metalC);

        return RuleBook::judge(new PartRouting($facts, $this->job->steps, $floor), Checkpoint::Blast);
    }

    /** @return list<ArrivalCondition> what is still on a part when it comes to the nozzle */
    public static function onIt(PartRouting $job): array
    {
        $strips = array_filter($job->steps, fn (Step $step): bool => $step->kind->strips());
        $goes = fn (ArrivalCondition $on): bool => array_filter(
            $strips,
            fn (Step $step): bool => $step->agent?->takesOff($on) === true,
        ) !== [];

        return array_values(
            array_filter(
                $job->facts->part->onIt,
                fn (ArrivalCondition $on): bool => $on !== ArrivalCondition::Grease
                    && ! ($on->isCoating() && $goes($on)),
            ),
        );
    }

    /**
     * Whether the part is swept: clean zinc, or clean metal whose routing has a sweep and no blast.
     *
     * @param  list<ArrivalCondition>  $onIt
     */
    private static function sweeps(PartRouting $job, array $onIt): bool
    {
        $clean = array_filter($onIt, fn (ArrivalCondition $on): bool => $on !== ArrivalCondition::Bare) === [];
        $only = $job->has(StepKind::SweepBlast) && ! $job->has(StepKind::Blast);

        return BlastPlan::isSwept($job->facts->part->metal, $onIt) || ($clean && $only);
    }

    private static function usualBar(PartRouting $job): float
    {
        $wall = $job->facts->part->wallMm();

        return match (true) {
            self::sweeps($job, self::onIt($job)) => Sweep::USUAL_BAR,
            $job->facts->part->isGalvanised() => Sweep::USUAL_BAR,
            $wall !== null && $wall < MediumBows::THIN_MM => Sweep::MOST_BAR,
            default => self::USUAL_BAR,
        };
    }

    private static function usualAccess(PartRouting $job): Access
    {
        return $job->facts->part->has(Feature::Recesses) ? Access::SomeRecesses : Access::Open;
    }

    /**
     * The best medium the shop has and may use as it is, where it does nearly as well as the best there is.
     *
     * @param  non-empty-list<MediaChoice>  $choices  the best first
     * @param  list<MediumLot>  $lots
     */
    private static function fromTheShop(array $choices, PartRouting $job, array $lots): Medium
    {
        foreach ($choices as $choice) {
            $lot = self::lotOf($choice->medium, $lots);
            $good = $choice->score >= $choices[0]->score * self::GOOD_ENOUGH;
            if ($choice->allowed && $lot !== null && $good && self::isClean($lot, $job)) {
                return $choice->medium;
            }
        }

        return $choices[0]->medium;
    }

    /** Nothing in it that the rules warn of on this part. */
    private static function isClean(MediumLot $lot, PartRouting $job): bool
    {
        /** @var ObjectMemo|null $memo */
        static $memo = null;
        $memo ??= new ObjectMemo;
        $bare = PartRouting::withoutSteps($job->facts->blastedWith(null));
        $findings = fn (?MediumLot $of): int => $memo->get($job->facts, serialize($of), fn (): int => count(
            RuleBook::judge($of === null ? $bare : $bare->on(new FloorConditions(lot: $of)), Checkpoint::Medium),
        ));

        return $findings($lot) === $findings(null);
    }

    /** @param  list<MediumLot>  $lots */
    private static function lotOf(Medium $medium, array $lots): ?MediumLot
    {
        foreach ($lots as $lot) {
            if ($lot->medium->key === $medium->key) {
                return $lot;
            }
        }

        return null;
    }
}
