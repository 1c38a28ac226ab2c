<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Heat\Cooling;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Metal\MetalCatalogue;
use Aenum\Core\Rule\Facts\CoatFacts;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Strip\Agent;
use Aenum\Core\Unit\InvalidQuantity;

/** Lays out a job's steps from what is known of it and the house ways, each with its reason. */
final class RoutePlanner
{
    /** @var list<Step> */
    private array $steps = [];

    private readonly float $area;

    private function __construct(private readonly JobFacts $facts)
    {
        $this->area = $facts->part->count * ($facts->part->areaM2 ?? 0.5);
    }

    /** @return list<Step> */
    public static function lay(JobFacts $facts): array
    {
        $planner = new self($facts);
        $planner->strip();
        $planner->blast();
        $planner->clean();
        $planner->hang();
        $planner->coats();
        $planner->add(StepKind::Inspect, 3 + 0.5 * $facts->part->count, 0, 'Look, measure the film, rub with solvent.');
        if ($planner->masks() > 0) {
            $planner->add(StepKind::Unmask, 0.5 * $planner->masks() * $facts->part->count, 0, 'Every plug, cap and disc is counted off again.');
        }
        $planner->add(StepKind::Release, 5, 0, 'Handed over with its record.');

        return $planner->steps;
    }

    private function add(StepKind $kind, float $minutes, float $wait, string $why, ?float $celsius = null, ?float $hold = null, ?int $coat = null): void
    {
        $this->steps[] = new Step($kind, $minutes, $wait, $why, $celsius, $hold, $coat);
    }

    private function strip(): void
    {
        $part = $this->facts->part;
        $loose = array_filter(['rubber_or_plastic', 'sealed_bearings', 'packed_grease'], $part->has(...));
        if ($loose !== []) {
            $this->add(StepKind::TakeApart, 10 + 4 * $part->count, 0, 'What burns or melts comes off, is photographed and counted.');
        }
        if (($part->has('paint') || $part->has('two_part_paint')) && ! $part->paintTested) {
            $this->add(StepKind::PaintTest, 10, 5, 'Old paint may hold lead or chromate.');
        }
        if ($part->has('grease') || $part->oily) {
            $this->add(StepKind::Degrease, 5 + 3 * $this->area, 10, 'Before it ever sees the blast cabinet, or the media carries the oil on.');
        }
        $this->strippingOf();
        if ($this->bakeOut()['before']) {
            $this->bakeOutStep('Drives the oil out first; the blast then takes off what comes up.');
        }
    }

    private function strippingOf(): void
    {
        $way = $this->facts->house->way('strip');
        foreach (['old_powder', 'two_part_paint', 'paint'] as $coating) {
            $slow = $coating !== 'paint';
            if ($this->facts->part->has($coating) && ($way !== 'blast') && ($way !== 'by_coating' || $slow)) {
                $this->stripStep($coating, in_array($way, ['caustic', 'burn_off'], true) && ! isset(Agent::get($way)->never[$this->facts->part->metal]) ? $way : 'chemical', $slow);

                return;
            }
        }
    }

    private function stripStep(string $coating, string $way, bool $slow): void
    {
        if ($way === 'burn_off') {
            $this->add(StepKind::BurnOff, 10, Agent::get('burn_off')->dwell($coating) + Agent::get('burn_off')->waitAfter, 'Fire takes what is coated off; the ash is blown off cold.');

            return;
        }
        $this->add($way === 'caustic' ? StepKind::StripCaustic : StepKind::StripChemical, 5 + 6 * $this->area, $way === 'caustic' ? Agent::get('caustic')->dwell($coating) : RouteTimes::STRIP_DWELL[$coating], $slow ? 'Cross-linked coating is slow and dirty to blast; a stripper loosens it first.' : 'The house strips paint before it blasts.');
        $this->add(StepKind::Rinse, 3 + $this->area, 0, 'Rinse and neutralise what the stripper left.');
        $this->add(StepKind::DryOff, 2, RouteTimes::DRY_OFF_MIN + 10, 'A wet part clogs the media and rusts.', RouteTimes::DRY_OFF_C, RouteTimes::DRY_OFF_MIN);
        $this->cool(RouteTimes::DRY_OFF_C);
    }

    /** Rust and nothing else, on a house that converts it rather than blasts. */
    private function convertsRust(): bool
    {
        return $this->facts->house->way('rust') === 'convert' && $this->facts->part->rusts() && array_diff($this->leftToBlast(), ['bare', 'grease']) === ['rust'];
    }

    private function blast(): void
    {
        $part = $this->facts->part;
        $early = in_array($this->facts->house->way('masking'), ['plugs_early', 'all_early'], true);
        if ($early && $this->plugs() > 0) {
            $this->add(StepKind::PlugMask, RouteTimes::MASK_EACH * $this->plugs() * $part->count, 0, 'Plugs keep media out of bores and threads.');
        }
        if ($this->facts->house->way('masking') === 'all_early' && $this->tapes() > 0) {
            $this->add(StepKind::TapeMask, RouteTimes::MASK_EACH * $this->tapes() * $part->count, 0, 'The house masks before it blasts; the tape must stand every bake.');
        }
        if ($this->convertsRust()) {
            $this->add(StepKind::RustConvert, 2 * (2 + 4 * $this->area), 40 + Agent::get('converter')->waitAfter, 'Rust turned to a black layer; it needs its day before it carries a film.');
        } elseif ($part->metal === 'galvanised_steel') {
            $this->add(StepKind::SweepBlast, 60 * $this->area / RouteTimes::SWEEP_M2_PER_H, 0, 'Only enough to roughen the zinc.');
        } else {
            $rate = min([RouteTimes::BLAST_M2_PER_H['bare'], ...array_map(fn (string $on): float => RouteTimes::BLAST_M2_PER_H[$on], $this->leftToBlast())]);
            $this->add(StepKind::Blast, 60 * $this->area / $rate, 0, 'To clean metal with a tooth for the film. Gloves only from here on.');
        }
        if (array_filter(['seams', 'threads', 'recesses', 'bores'], $part->has(...)) !== []) {
            $this->add(StepKind::BlowOut, 2 + 0.5 * $part->count, 0, 'Media left in a seam or thread bubbles the film.');
        }
        $bakeOut = $this->bakeOut();
        if ($bakeOut['after']) {
            $this->bakeOutStep('Drives gas out of pores the blast has opened.');
            if ($bakeOut['before'] || $part->rusts()) {
                $this->add(StepKind::SweepBlast, 60 * $this->area / RouteTimes::SWEEP_M2_PER_H, 0, 'Takes off what the bake-out brought up, and starts the bare-steel clock anew.');
            }
        }
    }

    /** @return list<string> what is still on the part when it comes to the nozzle */
    private function leftToBlast(): array
    {
        $stripped = array_filter($this->steps, fn (Step $step): bool => in_array($step->kind, [StepKind::StripChemical, StepKind::StripCaustic, StepKind::BurnOff], true)) !== [];

        return array_values(array_filter($this->facts->part->onIt, fn (string $on): bool => ! $stripped || ! in_array($on, ['paint', 'two_part_paint', 'old_powder'], true)));
    }

    private function clean(): void
    {
        $part = $this->facts->part;
        $way = $this->facts->house->way('last_clean');
        if ($way === 'solvent' || ($way === 'by_use' && ! $this->facts->outdoors())) {
            $this->add(StepKind::SolventWipe, 2 + 2 * $this->area, 5, 'Takes off the last dust and finger marks.');

            return;
        }
        $this->add(StepKind::Wash, RouteTimes::WASH_STAGE + $this->area, 3, 'Detergent wash.');
        if ($way !== 'detergent' && $part->isLightAlloy()) {
            $this->add(StepKind::Conversion, RouteTimes::WASH_STAGE, 3, 'Outdoor aluminium gets a conversion coat; phosphate builds nothing on it.');
        } elseif ($way !== 'detergent' && $part->rusts()) {
            $this->add(StepKind::Phosphate, RouteTimes::WASH_STAGE, 3, 'Outdoor steel gets iron phosphate.');
        }
        $this->add(StepKind::Rinse, RouteTimes::WASH_STAGE, 2, 'Nothing of the bath may stay.');
        $hold = $part->has('seams') ? RouteTimes::DRY_OFF_SEAMS_MIN : RouteTimes::DRY_OFF_MIN;
        $this->add(StepKind::DryOff, 2, $hold + 10, $part->has('seams') ? 'Seams hold water: a long hot dry.' : 'Dry before powder, or flash rust and pinholes.', RouteTimes::DRY_OFF_C, $hold);
        $this->cool(RouteTimes::DRY_OFF_C);
    }

    private function hang(): void
    {
        $part = $this->facts->part;
        $way = $this->facts->house->way('masking');
        if ($way === 'all_late' && $this->plugs() > 0) {
            $this->add(StepKind::PlugMask, RouteTimes::MASK_EACH * $this->plugs() * $part->count, 0, 'Fresh plugs, after the blast.');
        }
        if ($way !== 'all_early' && $this->tapes() > 0) {
            $this->add(StepKind::TapeMask, RouteTimes::MASK_EACH * $this->tapes() * $part->count, 0, 'Faces and seats that must stay metal.');
        }
        $this->add(StepKind::Hang, RouteTimes::HANG_EACH * $part->count, 0, 'So that everything drains, nothing touches, and the heavy part cannot fall.');
        $this->add(StepKind::GroundCheck, 1, 0, 'Part to earth under 1 MΩ for this rack.');
        if ($this->facts->house->way('coat') === 'warm') {
            $this->add(StepKind::Warm, 1, 12, 'Warm metal takes powder in recesses and lets gas out.', 80, 5);
        }
    }

    private function coats(): void
    {
        foreach ($this->facts->coats as $n => $coat) {
            $above = $this->facts->coats[$n + 1] ?? null;
            if ($coat->over === 'abraded') {
                $this->add(StepKind::Abrade, 2 + 6 * $this->area, 0, 'A cured film gives the next coat nothing to hold to until it is abraded.', null, null, $n + 1);
            }
            $this->add(StepKind::Coat, 5 + 60 * $this->area / RouteTimes::COAT_M2_PER_H, 0, $n === 0 ? 'Recesses first, then edges and insides, then faces.' : 'Lower voltage over a film: it charges up.', null, null, $n + 1);
            $flow = $above !== null && $above->over === 'flowed';
            $this->add(StepKind::Bake, 3, RouteTimes::HEAT_UP + ($flow ? 5 : $coat->bakeMinutes), $flow ? 'Flowed only, so that the next coat bonds.' : 'Counted from the metal, not from the door; the cure bench works it out.', $coat->bakeC, $flow ? 5 : $coat->bakeMinutes, $n + 1);
            $this->cool($coat->bakeC);
        }
    }

    private function cool(float $fromC): void
    {
        $part = $this->facts->part;
        $minutes = 30.0;
        if ($part->massKg !== null && $part->areaM2 !== null && in_array($part->metal, MetalCatalogue::keys(), true)) {
            try {
                $minutes = Cooling::minutes(LoadItem::of('part', 1, MetalCatalogue::get($part->metal), $part->massKg, $part->areaM2), $fromC, 22, 38);
            } catch (InvalidQuantity) {
                $minutes = 30.0;
            }
        }
        $this->add(StepKind::Cool, 0, $minutes, 'To handle, and to coat cold: below 40 °C.');
    }

    /** @return array{before: bool, after: bool} */
    private function bakeOut(): array
    {
        $part = $this->facts->part;
        if (! $part->gasses() || $this->facts->coats === []) {
            return ['before' => false, 'after' => false];
        }

        return match ($this->facts->house->way('bake_out')) {
            'before_blast' => ['before' => true, 'after' => false],
            'after_blast' => ['before' => false, 'after' => true],
            'both' => ['before' => true, 'after' => true],
            default => ['before' => $part->oily, 'after' => ! $part->oily || $part->isCasting()],
        };
    }

    private function bakeOutStep(string $why): void
    {
        $celsius = max(array_map(fn (CoatFacts $coat): float => $coat->bakeC, $this->facts->coats) ?: [180.0]) + RouteTimes::BAKE_OUT_ABOVE;
        $this->add(StepKind::BakeOut, 3, RouteTimes::HEAT_UP + RouteTimes::BAKE_OUT_HOLD, $why, $celsius, RouteTimes::BAKE_OUT_HOLD);
        $this->cool($celsius);
    }

    private function plugs(): int
    {
        return count(array_filter(['threads', 'bores'], $this->facts->part->has(...)));
    }

    private function tapes(): int
    {
        return count(array_filter(['seats', 'faces', 'stamped_plate'], $this->facts->part->has(...)));
    }

    private function masks(): int
    {
        return $this->plugs() + $this->tapes();
    }
}
