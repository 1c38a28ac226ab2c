<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Blasting\Medium;
use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Surface\Key;
use Aenum\Core\Surface\Layer;
use Aenum\Core\Surface\Surface;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StepKind;

/**
 * What is on the metal when the part arrives, and what each step removes, leaves or adds.
 *
 * General practice of the trade. Strippers take what their family dissolves (Agents), blast media what they are listed
 * for (Media). A step that is not in the list did not happen: crossing out the blast leaves the scale on.
 */
final readonly class SurfaceLedger
{
    /** Metal this hot in a bake-out comes out with an oxide film, °C (temper colors on steel begin about here). */
    public const OXIDE_FROM_C = 200.0;

    private function __construct(private JobFacts $facts)
    {
    }

    /** What is on the part as it arrives. */
    public static function arrives(PartFacts $part): Surface
    {
        $found = array_filter(array_map(Layer::found(...), $part->onIt));
        $surface = new Surface(array_values(array_unique($found, SORT_REGULAR)), isFilmSound: $part->is(
            PartFlag::OldPrimerTight,
        ));

        return $part->isGreasy() ? $surface->plus(Layer::Grease) : $surface;
    }

    /**
     * Returns the surface after each step, in the order of the steps.
     *
     * @param  list<Step>  $steps
     * @param  Surface|null  $from  what is on it before the first of them; null for as it arrives
     * @return list<Surface>
     */
    public static function after(JobFacts $facts, array $steps, ?Surface $from = null): array
    {
        $ledger = new self($facts);
        $surface = $from ?? self::arrives($facts->part);
        $after = [];
        foreach ($steps as $step) {
            $after[] = $surface = $ledger->step($surface, $step);
        }

        return $after;
    }

    /**
     * Returns what stands on the metal before the first coat goes on: by what was done, where the floor knows it, else
     * by what is planned; null where nothing is coated.
     */
    public static function beforePowder(PartRouting $plan): ?Surface
    {
        $coat = $plan->first(StepKind::Coat);
        if ($plan->floor->surface !== null) {
            return $plan->floor->surface->coats > 0 ? null : $plan->floor->surface;
        }

        return $coat === null ? null : self::before($plan, $coat);
    }

    /** Returns the surface a step of a plan finds. */
    public static function before(PartRouting $plan, int $position): Surface
    {
        $after = self::after($plan->facts, array_slice($plan->steps, 0, $position));

        return $after === [] ? self::arrives($plan->facts->part) : $after[$position - 1];
    }

    private function step(Surface $on, Step $step): Surface
    {
        if ($on->coats > 0) {
            return $step->kind === StepKind::Coat ? $on->coated() : $on;
        }

        return match ($step->kind) {
            StepKind::Degrease => self::dissolve($on, $step->agent)->without(Layer::Grease, Layer::BakeOutOil),
            StepKind::StripChemical, StepKind::StripCaustic, StepKind::BurnOff => self::dissolve($on, $step->agent),
            StepKind::Acid => self::etch($on, $step->agent),
            StepKind::RustConvert => self::convert($on),
            StepKind::Blast => $this->blast($on, $this->facts->blast?->medium),
            StepKind::SweepBlast => self::takeThin($on)->keyed(Key::Swept),
            StepKind::HandAbrade => self::abrade($on),
            StepKind::Scrub => $on->without(Layer::Grease, Layer::BakeOutOil)->scrubbed(),
            StepKind::Wash => $on->without(Layer::Grease, Layer::BakeOutOil),
            StepKind::SolventWipe => $on->without(Layer::BakeOutOil),
            StepKind::Phosphate => $this->phosphate($on),
            StepKind::Conversion => $this->facts->part->family()->rusts() ? $on : $on->plus(Layer::Conversion),
            StepKind::BakeOut => $this->bakeOut($on, $step->celsius ?? 0.0),
            StepKind::Coat => $on->coated(),
            default => $on,
        };
    }

    /** A stripper takes what its family dissolves, and what was built on the metal goes with it. */
    private static function dissolve(Surface $on, ?Agent $agent): Surface
    {
        $takes = fn (Layer $layer): bool => ($word = ArrivalCondition::tryFrom($layer->value)) !== null
            && $agent?->takesOff($word) === true;

        return $on->without(...array_filter($on->layers, $takes));
    }

    /** Acid takes rust and scale, and leaves metal it reaches etched. */
    private static function etch(Surface $on, ?Agent $agent): Surface
    {
        $left = self::takeThin(self::dissolve($on, $agent));

        return $left->films() === [] && ! $left->has(Layer::PlasticCoating, Layer::Grease)
            ? $left->keyed(Key::Etched)
            : $left;
    }

    /** Rust turns into the converter's black layer; where there is none, nothing happens. */
    private static function convert(Surface $on): Surface
    {
        return $on->has(Layer::Rust, Layer::LightRust)
            ? $on->without(Layer::Rust, Layer::LightRust)->plus(Layer::Converter)
            : $on;
    }

    /** A blast takes what its medium is listed for; it smears grease, and plating stays. */
    private function blast(Surface $on, ?Medium $medium): Surface
    {
        $stays = function (Layer $layer) use ($medium): bool {
            $word = ArrivalCondition::tryFrom($layer->value);

            return $layer === Layer::Plating || ($layer === Layer::Grease && $medium?->residue !== true)
                || ($word !== null && $layer !== Layer::LightRust && $medium?->takesOff($word) === false);
        };
        $left = self::takeThin($on)->without(...array_filter($on->layers, fn (Layer $one): bool => ! $stays($one)));

        return $medium?->hard === false ? $left : $left->keyed(Key::Blasted);
    }

    /** Disc, belt, pad or brush: everything but grease, plating, and an old film that is meant to stay. */
    private static function abrade(Surface $on): Surface
    {
        $stays = fn (Layer $one): bool => in_array($one, [Layer::Grease, Layer::Plating], true)
            || ($one->isFilm() && $on->isFilmSound);

        return $on->without(...array_filter($on->layers, fn (Layer $one): bool => ! $stays($one)))
            ->keyed(Key::Abraded);
    }

    /** Iron phosphate forms on bare steel and iron alone; scrubbed first, it takes light rust. */
    private function phosphate(Surface $on): Surface
    {
        if (! $this->facts->part->family()->rusts() || $on->has(Layer::Plating)) {
            return $on;
        }

        return $on->has(Layer::LightRust) && $on->isScrubbed
            ? $on->without(Layer::LightRust)->plus(Layer::PhosphateOverRust)
            : $on->plus(Layer::Phosphate);
    }

    /** The bare part comes out of a hot bake with an oxide film on steel, and with the oil its pores have held. */
    private function bakeOut(Surface $on, float $celsius): Surface
    {
        $part = $this->facts->part;
        $oxidizes = $celsius >= self::OXIDE_FROM_C && $part->family()->rusts() && ! $on->has(Layer::Converter);
        $on = $oxidizes ? $on->plus(Layer::BakeOxide) : $on;

        return $part->is(PartFlag::Oily) ? $on->plus(Layer::BakeOutOil) : $on;
    }

    private static function takeThin(Surface $on): Surface
    {
        return $on->without(...array_filter($on->layers, fn (Layer $one): bool => $one->isThin()));
    }
}
