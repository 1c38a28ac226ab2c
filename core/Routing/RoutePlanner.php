<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Preparation\Blasting\Sweep;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\CoatPolicy;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\FinalCleanMethod;
use Aenum\Core\Trade\HangingMethod;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\RustMethod;
use Aenum\Core\Trade\SeamPolicy;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\SurfacePolicy;
use Aenum\Core\Trade\TwoColorPolicy;
use Aenum\Core\Trade\WashMethod;
use Aenum\Core\Trade\WipeMethod;

/** Lays out a job's steps from what is known of it and the house ways, each with its reason. */
final class RoutePlanner
{
    /** @var list<Step> */
    private array $steps = [];

    /** @var array<int, string> second colours sanded off after the bake: coat => where it stays */
    private array $sandedColours = [];

    private readonly PartFacts $part;

    private readonly float $area;

    private readonly PartHeats $heats;

    private readonly ?Agent $stripper;

    private readonly Masking $masking;

    /** @var array{before: bool, after: bool} */
    private readonly array $bakeOut;

    private function __construct(private readonly JobFacts $facts)
    {
        $this->part = $facts->part;
        $this->area = $facts->part->areaOfAllM2();
        $this->heats = new PartHeats($facts);
        $this->stripper = Stripping::agent($facts);
        $this->bakeOut = $this->heats->bakeOut();
        $this->masking = new Masking($facts->part, $facts->house->masking, $this->bakeOut['after']);
    }

    /** @return list<Step> */
    public static function lay(JobFacts $facts): array
    {
        $planner = new self($facts);
        $planner->takeIn();
        $planner->degrease();
        $planner->strip();
        $planner->add(...$planner->masking->early());
        $planner->blast();
        $planner->bakeOutAfter();
        $planner->hang(HangingMethod::BeforeWash);
        $planner->clean();
        $planner->add(...$planner->masking->late());
        $planner->wipeAfterMasking();
        $planner->hang(HangingMethod::AfterWash);
        $planner->beforePowder();
        $planner->coats();
        $planner->finish();

        return $planner->steps;
    }

    private function add(Step ...$steps): void
    {
        foreach ($steps as $step) {
            $twice = $this->part->isLightAlloy() && $step->kind->worksTheSurface();
            $why = 'Aluminium: soft, own media and no iron, so twice the hands.';
            $this->steps[] = $twice ? $step->slower(RouteTimes::LIGHT_ALLOY_HANDS, $why) : $step;
        }
    }

    private function takeIn(): void
    {
        if (array_filter($this->part->features, fn (Feature $feature): bool => $feature->isSoft()) !== []) {
            $why = 'What burns or melts comes off, is photographed and counted.';
            $this->add(new Step(StepKind::TakeApart, 10 + 4 * $this->part->count, 0, $why));
        }
        if (($this->part->massKg ?? 0.0) >= RouteTimes::TEST_HANG_KG) {
            $why = 'Heavy: how it hangs, drains and fits the door is found before anything is clean.';
            $this->add(new Step(StepKind::TestHang, RouteTimes::TEST_HANG_EACH, 0, $why));
        }
        $painted = array_filter($this->part->onIt, fn (ArrivalCondition $on): bool => $on->isPaint()) !== [];
        if ($painted && $this->part->paintTest === PaintTest::NotTested) {
            $this->add(new Step(StepKind::PaintTest, 10, 5, 'Old paint may hold lead or chromate.'));
        }
    }

    private function degrease(): void
    {
        if ($this->part->failedBefore() && ! $this->part->isGreasy()) {
            $why = 'What made the last coat fail, silicone or oil, comes off before the blast drives it in.';
            $this->add(new Step(StepKind::Degrease, 5 + 3 * $this->area, 10, $why));
            $this->rinse('Alkali left in seams lifts the film later.');
            $this->dry($this->rusting('A wet part clogs the media and rusts.', 'A wet part clogs the media.'));
        }
        if (! $this->part->isGreasy()) {
            return;
        }
        $why = 'Before it ever sees blast cabinet or oven, or the media carries the oil on and the oven smokes.';
        $this->add(new Step(StepKind::Degrease, 5 + 3 * $this->area, 10, $why));
        $this->rinse('Alkali left in seams lifts the film later.');
        if ($this->stripper !== null && ! $this->stripper->isFire()) {
            return;
        }
        if ($this->bakeOut['before'] && $this->stripper === null) {
            $this->bakeOutStep('Drives the oil out first; the blast then takes off what comes up.');

            return;
        }
        $this->dry($this->rusting('A wet part clogs the media and rusts.', 'A wet part clogs the media.'));
    }

    private function strip(): void
    {
        if ($this->stripper !== null) {
            $this->stripWith($this->stripper);
        }
        $done = array_filter($this->steps, fn (Step $step): bool => $step->kind === StepKind::BakeOut) !== [];
        if ($this->bakeOut['before'] && ! $done) {
            $this->bakeOutStep('Drives the oil out first; the blast then takes off what comes up.');
        }
    }

    private function stripWith(Agent $agent): void
    {
        $kind = Agents::stepFor($agent);
        $dwell = $agent->dwell(...$this->part->coatings());
        if ($agent->isFire()) {
            $why = 'Fire takes what is coated off; the ash is blown off cold.';
            $this->add(
                new Step($kind, 10, $dwell + $agent->waitAfter, $why, $agent->celsius, $dwell, null, $agent),
            );

            return;
        }
        $why = Stripping::isSlow($this->facts)
            ? 'Cross-linked coating is slow and dirty to blast; a stripper loosens it first.'
            : 'The house strips paint before it blasts.';
        $this->add(new Step($kind, 5 + 6 * $this->area, $dwell, $why, agent: $agent));
        $this->rinse('Off with the sludge, before anything else dries on it.');
        $ends = Agents::endedBy($agent);
        if ($ends !== null) {
            $why = "Ends the work of the {$agent->name} in seams and pores.";
            $minutes = 2 + $ends->minutesPerM2 * $this->area;
            $this->add(new Step(StepKind::Neutralise, $minutes, 0, $why, agent: $ends));
            $this->rinse('Rinse off what neutralised it.');
        }
        if (($agent->acid || $ends?->acid) && $this->part->isHardSteel()) {
            $this->reliefBake();
        }
        $this->dry($this->rusting('A wet part clogs the media and rusts.', 'A wet part clogs the media.'));
    }

    private function reliefBake(): void
    {
        $hold = ReliefBake::holdMinutes($this->part->strengthMpa);
        $celsius = min(ReliefBake::mostC($this->part->temperC), (ReliefBake::LEAST_C + ReliefBake::MOST_C) / 2);
        $why = 'Hydrogen from the acid must be out before it cracks the steel: begun at once.';
        $wait = $this->heats->up($celsius) + $hold;
        $this->add(new Step(StepKind::ReliefBake, 3, $wait, $why, $celsius, $hold));
        $this->cool($celsius);
    }

    private function rinse(string $why): void
    {
        $this->add(new Step(StepKind::Rinse, 3 + $this->area, 0, $why));
    }

    private function rusting(string $where, string $else): string
    {
        return $this->part->family()->rusts() ? $where : $else;
    }

    private function dry(string $why, bool $staysWarm = false): void
    {
        $dried = end($this->steps);
        if ($dried instanceof Step && in_array($dried->kind, [StepKind::Cool, StepKind::DryOff], true)) {
            return;
        }
        if ($this->isPlasticOn()) {
            $why = 'Blown dry: it sees no oven before the plastic is off.';
            $this->add(new Step(StepKind::BlowOut, 2 + 0.5 * $this->part->count, 0, $why));

            return;
        }
        $seams = $this->part->has(Feature::Seams);
        $hold = $seams ? RouteTimes::DRY_OFF_SEAMS_MIN : RouteTimes::DRY_OFF_MIN;
        $why = $seams ? 'Seams hold water: a long hot dry.' : $why;
        $wait = $hold + RouteTimes::DRY_OFF_HEAT_UP;
        $this->add(new Step(StepKind::DryOff, 2, $wait, $why, RouteTimes::DRY_OFF_C, $hold));
        if (! $staysWarm) {
            $this->cool(RouteTimes::DRY_OFF_C);
        }
    }

    /** PVC, nylon or fluoropolymer that no step has taken off yet. */
    private function isPlasticOn(): bool
    {
        $takes = fn (Step $step): bool => in_array($step->kind, [StepKind::Blast, StepKind::HandAbrade], true);

        return $this->part->carries(ArrivalCondition::PlasticCoating) && array_filter($this->steps, $takes) === [];
    }

    /** Rust and nothing else, on a house that converts it rather than blasts. */
    private function convertsRust(): bool
    {
        $left = array_filter(
            $this->leftToBlast(),
            fn (ArrivalCondition $on): bool => ! in_array(
                $on,
                [ArrivalCondition::Bare, ArrivalCondition::Grease],
                true,
            ),
        );

        return $this->facts->house->rust === RustMethod::Convert && ! $this->startsZincRich() &&
            $this->part->family()->rusts() &&
            $left !== [] && array_diff(array_column($left, 'value'), ['rust', 'light_rust']) === [];
    }

    private function blast(): void
    {
        if ($this->part->has(Feature::SharpEdges)) {
            $why = 'Film draws back from a sharp edge; rounded, it stays.';
            $this->add(new Step(StepKind::BreakEdges, RouteTimes::EDGES_EACH * $this->part->count, 0, $why));
        }
        match (true) {
            $this->convertsRust() => $this->convert(),
            $this->part->isGalvanised() => $this->sweepZinc(),
            $this->keepsOldPrimer() => $this->sweep('Only the shine goes off the old primer; what lifts comes off.'),
            default => $this->surface($this->surfaceWay()),
        };
        $last = end($this->steps);
        if ($this->part->carries(ArrivalCondition::Plating) && $last instanceof Step && $last->kind->blasts()) {
            $minutes = RouteTimes::SAND_PLATING_M2 * $this->area;
            $this->add(new Step(StepKind::HandAbrade, $minutes, 0, 'Sanded after the blast: plate takes no bath.'));
        }
        $keeps = array_filter($this->part->features, fn (Feature $one): bool => $one->keepsMedia()) !== [];
        $last = end($this->steps);
        if ($keeps && $last instanceof Step && $last->kind->blasts()) {
            $why = 'Media left in a seam or thread bubbles the film.';
            $this->add(new Step(StepKind::BlowOut, 2 + 0.5 * $this->part->count, 0, $why));
        }
    }

    /** A tight old primer, and nothing else that has to come off. */
    private function keepsOldPrimer(): bool
    {
        $comesOff = array_filter(
            $this->leftToBlast(),
            fn (ArrivalCondition $on): bool => ! in_array(
                $on,
                [ArrivalCondition::Bare, ArrivalCondition::Grease],
                true,
            ),
        );

        return $this->part->is(PartFlag::OldPrimerTight) && $comesOff === [] && ! $this->startsZincRich();
    }

    /** As the house gives a film its tooth; blasted all the same where what is on it needs that. */
    private function surfaceWay(): SurfacePolicy
    {
        $way = $this->facts->house->surface;
        $clean = $this->scrubsRust() ? [
            ArrivalCondition::Bare,
            ArrivalCondition::Grease,
            ArrivalCondition::LightRust,
        ] : [ArrivalCondition::Bare, ArrivalCondition::Grease];
        $new = array_filter(
            $this->leftToBlast(),
            fn (ArrivalCondition $on): bool => ! in_array($on, $clean, true),
        ) === [];

        $way = $way === SurfacePolicy::Blast && $new && $this->part->isLargeLightAlloy() ? SurfacePolicy::Sweep : $way;

        return ($way === SurfacePolicy::Hand || $new) && ! $this->startsZincRich() ? $way : SurfacePolicy::Blast;
    }

    /** The first coat is a zinc-rich primer, which must touch blasted or etched steel. */
    private function startsZincRich(): bool
    {
        return ($this->facts->coats[0] ?? null)?->zincRich === true && $this->part->family()->rusts();
    }

    private function surface(SurfacePolicy $way): void
    {
        $perH = ArrivalCondition::slowestM2PerH(...$this->leftToBlast());
        $minutes = (60 * $this->area) / $perH;
        match ($way) {
            SurfacePolicy::NoBlast => null,
            SurfacePolicy::Sweep => $this->sweep($this->part->isLargeLightAlloy()
                ? 'Swept, not blasted: large clean light alloy only wants a key. An etch made for it does as well.'
                : 'New clean metal only wants its tooth.'),
            SurfacePolicy::Hand => $this->add(new Step(
                StepKind::HandAbrade,
                $minutes * RouteTimes::BY_HAND,
                0,
                'Disc, belt and pad to clean metal with a tooth. Gloves only from here on.',
            )),
            SurfacePolicy::Blast => $this->add(new Step(
                StepKind::Blast,
                RouteTimes::BLAST_SET_UP + $minutes,
                0,
                'To clean metal with a tooth for the film. Gloves only from here on.',
            )),
        };
    }

    private function bakeOutAfter(): void
    {
        if (! $this->bakeOut['after']) {
            return;
        }
        $blasted = array_filter($this->steps, fn (Step $step): bool => $step->kind->blasts()) !== [];
        $this->add(...$this->masking->beforeBakeOut());
        $this->bakeOutStep('Drives gas out of pores the blast has opened.');
        if ($blasted && ($this->bakeOut['before'] || $this->part->family()->rusts())) {
            $this->sweep('Takes off what the bake-out brought up, and starts the bare-steel clock anew.');
        }
    }

    private function convert(): void
    {
        $converter = Agents::get('converter');
        $this->add(
            new Step(
                StepKind::RustConvert,
                $converter->coats * (2 + $converter->minutesPerM2 * $this->area),
                $converter->coats * $converter->dwell(ArrivalCondition::Rust) + $converter->waitAfter,
                'Rust turned to a black layer; it needs its day before it carries a film.',
            ),
        );
        $this->dry('Dry before powder, or it blisters. It is coated as it is, and not washed.');
    }

    /** Zinc is only swept; what a sweep does not take off it is abraded by hand first. */
    private function sweepZinc(): void
    {
        $light = [ArrivalCondition::Bare, ArrivalCondition::Grease, ArrivalCondition::LightRust];
        $left = array_filter($this->leftToBlast(), fn (ArrivalCondition $on): bool => ! in_array($on, $light, true));
        if ($left !== []) {
            $minutes = 60 * $this->area / ArrivalCondition::slowestM2PerH(...$left) * RouteTimes::BY_HAND;
            $why = 'A sweep does not take this off zinc: abraded by hand, with the zinc left where it holds.';
            $this->add(new Step(StepKind::HandAbrade, $minutes, 0, $why));
        }
        $this->sweep('Only enough to roughen the zinc.');
    }

    private function sweep(string $why): void
    {
        $this->add(new Step(StepKind::SweepBlast, Sweep::minutes($this->area), 0, $why));
    }

    /** @return list<ArrivalCondition> what is still on the part when it comes to the nozzle */
    private function leftToBlast(): array
    {
        $stripper = array_filter($this->steps, fn (Step $step): bool => $step->kind->strips()) === []
            ? null
            : $this->stripper;
        $stays = $this->part->is(PartFlag::OldPrimerTight) && ! $this->startsZincRich();
        $left = array_filter(
            $this->part->onIt,
            fn (ArrivalCondition $on): bool => ! $on->isCoating()
                || ($stripper?->takesOff($on) !== true && ! ($stays && $on->isPaint())),
        );

        return array_values($left);
    }

    private function clean(): void
    {
        if ($this->convertsRust()) {
            if ($this->bakeOut['after'] && $this->part->is(PartFlag::Oily)) {
                $this->wipe('Takes off the oil the bake-out brought up; the converter is not washed.');
            }

            return;
        }
        $way = $this->facts->house->lastClean;
        $wipes = $way === FinalCleanMethod::Solvent || ($way === FinalCleanMethod::ByUse && ! $this->facts->outdoors());
        if ($wipes && ! $this->scrubsRust()) {
            if ($this->facts->house->wipe === WipeMethod::BeforeMasking) {
                $this->wipe('Takes off the last dust and finger marks.');
            }

            return;
        }
        if ($this->facts->house->wash === WashMethod::Scrub || $this->scrubsRust()) {
            $why = 'Pad and brush with detergent, seams and corners too, before anything else wets it.';
            $this->add(new Step(StepKind::Scrub, 3 + RouteTimes::SCRUB_M2 * $this->area, 0, $why));
        }
        $spray = $this->facts->house->wash === WashMethod::Spray;
        $wait = $spray ? 1 : 3;
        $this->add(new Step(StepKind::Wash, RouteTimes::WASH_STAGE + $this->area, $wait, 'Detergent wash.'));
        $advice = Pretreatment::for($this->facts);
        if ($this->scrubsRust()) {
            $why = 'Indoors, scrubbing and phosphate take light rust without a blast.';
            $this->add(new Step(StepKind::Phosphate, RouteTimes::WASH_STAGE, $wait, $why));
        } elseif ($way !== FinalCleanMethod::Detergent && $advice->step !== null) {
            $this->add(new Step($advice->step, RouteTimes::WASH_STAGE, $wait, $advice->why));
        }
        $this->add(new Step(StepKind::Rinse, RouteTimes::WASH_STAGE, 2, 'Nothing of the bath may stay.'));
        $why = $this->rusting('Dry before powder, or flash rust and pinholes.', 'Dry before powder, or pinholes.');
        $this->dry($why, $this->coatsOnDryOffHeat());
    }

    /** Light rust and nothing worse, indoors, in a shop that does not blast clean new metal. */
    private function scrubsRust(): bool
    {
        $others = array_filter(
            $this->leftToBlast(),
            fn (ArrivalCondition $on): bool => ! in_array(
                $on,
                [ArrivalCondition::Bare, ArrivalCondition::Grease, ArrivalCondition::LightRust],
                true,
            ),
        );

        return $this->part->carries(ArrivalCondition::LightRust) && $others === [] && ! $this->facts->outdoors()
            && $this->part->family()->rusts() && $this->facts->house->surface === SurfacePolicy::NoBlast;
    }

    /** Coated warm straight from the dry-off: nothing is masked between them, so it need not cool and heat again. */
    private function coatsOnDryOffHeat(): bool
    {
        return $this->facts->house->coat === CoatPolicy::Warm && $this->masking->late() === [];
    }

    private function wipe(string $why): void
    {
        $this->add(new Step(StepKind::SolventWipe, 2 + 2 * $this->area, RouteTimes::FLASH_OFF, $why));
    }

    /** Where the house wipes last: after the masks are on, so that no finger mark of masking stays. */
    private function wipeAfterMasking(): void
    {
        $masked = $this->masking->late() !== [] || $this->masking->early() !== [];
        $unwashed = array_filter($this->steps, fn (Step $step): bool => $step->kind === StepKind::Wash) === [];
        $asked = $this->facts->house->wipe === WipeMethod::AfterMasking && ! $this->convertsRust();
        if ($asked && ($masked || $unwashed)) {
            $this->wipe('Last, after masking: takes off finger marks. Solvent stays off the tape edges.');
        }
    }

    private function hang(HangingMethod $when): void
    {
        if ($this->facts->house->hanging === $when) {
            $why = 'So that everything drains, nothing touches, and the heavy part cannot fall.';
            $this->add(new Step(StepKind::Hang, RouteTimes::HANG_EACH * $this->part->count, 0, $why));
        }
    }

    private function beforePowder(): void
    {
        $this->add(
            new Step(StepKind::GroundCheck, 1, 0, 'Part to earth for this rack, before anything is sprayed.'),
        );
        $onDryOffHeat = array_filter(
            array_slice($this->steps, -3),
            fn (Step $step): bool => $step->kind === StepKind::DryOff,
        ) !== [] && $this->coatsOnDryOffHeat();
        if ($onDryOffHeat) {
            $why = 'Coated on the heat of the dry-off: it only falls to the warm window, and is not heated again.';
            $wait = $this->heats->down(RouteTimes::DRY_OFF_C, RouteTimes::WARM_C);
            $this->add(new Step(StepKind::Cool, 0, $wait, $why));
        } elseif ($this->facts->house->coat === CoatPolicy::Warm) {
            $why = 'Warm metal takes powder in recesses and lets gas out.';
            $wait = RouteTimes::WARM_WAIT;
            $this->add(new Step(StepKind::Warm, 1, $wait, $why, RouteTimes::WARM_C, RouteTimes::WARM_HOLD));
        }
    }

    private function coats(): void
    {
        foreach ($this->facts->coats as $n => $coat) {
            $above = $this->facts->coats[$n + 1] ?? null;
            $sealed = $this->sealsSeams() && $above?->over === CoatBase::Flowed;
            if ($n === 0 && $this->sealsSeams() && ! $sealed) {
                $this->sealSeams('On clean dry metal, before the powder; only with a sealer made for the bake.');
            }
            if ($coat->over === CoatBase::Abraded) {
                $why = 'A cured film gives the next coat nothing to hold to until it is sanded.';
                $this->add(new Step(StepKind::Abrade, 2 + 6 * $this->area * $coat->share, 0, $why, coat: $n + 1));
            }
            $second = $n > 0 && $coat->zone !== null ? $coat->zone : null;
            $this->keptApart($second, $n + 1, before: true);
            $why =
                $n === 0
                    ? 'Recesses first, then edges and insides, then faces.'
                    : 'Lower voltage over a film: it charges up.';
            $minutes = RouteTimes::COAT_SET_UP + (60 * $this->area * $coat->share) / RouteTimes::COAT_M2_PER_H;
            $this->add(new Step(StepKind::Coat, $minutes, 0, $why, coat: $n + 1));
            $this->keptApart($second, $n + 1, before: false);
            [$hold, $why] = match ($above?->over) {
                CoatBase::Flowed => [
                    $coat->gelMinutes ?? RouteTimes::FLOW_MIN,
                    'Gel only, so that the next coat bonds.'
                        .($coat->isBakeAssumed ? ' The gel temperature is assumed: the data sheet gives none.' : ''),
                ],
                CoatBase::PartCured => [
                    $coat->bakeMinutes * BakeRules::PART_DOSE,
                    'Part cured: tougher to handle, and the next coat still bonds.',
                ],
                default => [
                    $coat->bakeMinutes,
                    'Counted from the metal, not from the door; the cure bench works it out.',
                ],
            };
            $wait = $this->heats->up($coat->bakeC) + $hold;
            $this->add(new Step(StepKind::Bake, 3, $wait, $why, $coat->bakeC, $hold, $n + 1));
            $this->cool($coat->bakeC);
            if ($n === 0 && $sealed) {
                $this->sealSeams('On the flowed coat, so that the next one covers it.');
            }
        }
    }

    /** A second colour is kept off the first by the house's way: taped before it, wiped or tilted off after. */
    private function keptApart(?string $zone, int $coat, bool $before): void
    {
        $way = $this->facts->house->twoColours;
        if ($zone === null || $way->isBefore() !== $before || $way === TwoColorPolicy::Decline) {
            return;
        }
        if ($way === TwoColorPolicy::Sand) {
            $this->sandedColours[$coat] = $zone;

            return;
        }
        $kind = $before ? StepKind::ZoneMask : StepKind::ZoneWipe;
        $why = match ($way) {
            TwoColorPolicy::Tape => "Only {$zone} takes this coat; the rest is taped.",
            TwoColorPolicy::Wipe => "Only {$zone} keeps this coat; the wet powder is wiped off the rest.",
            default => "Only {$zone} keeps this coat; tilted and tapped, the powder falls off the rest.",
        };
        $minutes = $this->keepApartMinutes($way, $coat);
        $this->add(new Step($kind, $minutes, 0, $why, coat: $coat));
    }

    /** Labor of keeping a second color off the first, for all pieces, min. */
    private function keepApartMinutes(TwoColorPolicy $way, int $coat): float
    {
        $edge = $this->facts->coats[$coat - 1]->edgeM;

        return $way->minutesEach($edge, $this->facts->zoneM2($coat - 1)) * $this->part->count;
    }

    private function sealsSeams(): bool
    {
        return $this->facts->house->seams === SeamPolicy::Seal && $this->part->has(Feature::Seams);
    }

    private function sealSeams(string $why): void
    {
        $minutes = RouteTimes::SEAL_EACH * $this->part->count;
        $this->add(new Step(StepKind::SealSeams, $minutes, RouteTimes::SEAL_SKINS, $why));
    }

    private function finish(): void
    {
        $count = $this->part->count;
        foreach ($this->sandedColours as $coat => $zone) {
            $why = "Only {$zone} keeps coat {$coat}; it is sanded off raised faces once it is cured.";
            $minutes = $this->keepApartMinutes(TwoColorPolicy::Sand, $coat);
            $this->add(new Step(StepKind::ZoneSand, $minutes, 0, $why, coat: $coat));
        }
        if ($this->part->is(PartFlag::BaredAfter)) {
            $why = 'Letters or edges sanded bare through the cured film; wax or clear them where they live outdoors.';
            $this->add(new Step(StepKind::BareAfter, RouteTimes::BARE_EACH * $count, 0, $why));
        }
        $this->add(new Step(StepKind::Inspect, 3 + 0.5 * $count, 0, 'Look, measure the film, rub with solvent.'));
        $this->add(...$this->masking->off());
        $this->add(new Step(
            StepKind::Release,
            RouteTimes::RELEASE + RouteTimes::RELEASE_EACH * $count,
            0,
            'Wrapped and handed over with its record.',
        ));
    }

    private function cool(float $fromC): void
    {
        $this->add(new Step(StepKind::Cool, 0, $this->heats->down($fromC), 'To handle, and to coat cold.'));
    }

    private function bakeOutStep(string $why): void
    {
        $celsius = self::bakeOutC($this->facts);
        $hold = self::bakeOutHold($this->facts);
        $wait = $this->heats->bakeOutMinutes($celsius, $hold);
        $this->add(new Step(StepKind::BakeOut, 3, $wait, $why, $celsius, $hold));
        $this->cool($celsius);
    }

    /** Part metal a bake-out is set to where nobody has said otherwise, °C. */
    public static function bakeOutC(JobFacts $facts): float
    {
        $cure = $facts->hottestCureC();

        return match (true) {
            $cure === null => RouteTimes::BAKE_OUT_C,
            $facts->part->losesStrength() => $cure,
            default => $cure + RouteTimes::BAKE_OUT_ABOVE,
        };
    }

    /** Minutes a bake-out holds where nobody has said otherwise: the shortest that serves, for metal that heat ages. */
    public static function bakeOutHold(JobFacts $facts): float
    {
        return $facts->part->losesStrength() ? RouteTimes::BAKE_OUT_LEAST : RouteTimes::BAKE_OUT_HOLD;
    }

    /** A step somebody adds by hand, as it usually is. */
    public static function fresh(StepKind $kind): Step
    {
        $why = 'Added by hand.';
        [$celsius, $hold] = match ($kind) {
            StepKind::BakeOut => [RouteTimes::BAKE_OUT_C, RouteTimes::BAKE_OUT_HOLD],
            StepKind::ReliefBake => [(ReliefBake::LEAST_C + ReliefBake::MOST_C) / 2, ReliefBake::holdMinutes(null)],
            StepKind::DryOff => [RouteTimes::DRY_OFF_C, RouteTimes::DRY_OFF_MIN],
            StepKind::Bake => [200.0, 10.0],
            StepKind::Warm => [RouteTimes::WARM_C, RouteTimes::WARM_HOLD],
            default => [null, null],
        };
        $agent = Agents::usualFor($kind);
        $wait = match (true) {
            $hold !== null => $hold + RouteTimes::HEAT_UP,
            $kind === StepKind::SolventWipe => RouteTimes::FLASH_OFF,
            $agent !== null => $agent->coats * $agent->dwell(...ArrivalCondition::cases()) + $agent->waitAfter,
            default => 0.0,
        };

        return new Step($kind, 5, $wait, $why, $celsius, $hold);
    }
}
