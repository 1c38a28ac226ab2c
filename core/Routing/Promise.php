<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\SafetyRole;

/**
 * What is said at the counter before the work begins: what will still show, what cannot be promised, what must be off
 * first.
 */
final readonly class Promise
{
    /**
     * @param  list<string>  $shows
     * @param  list<string>  $notPromised
     * @param  list<string>  $offFirst
     */
    private function __construct(public array $shows, public array $notPromised, public array $offFirst)
    {
    }

    /** @param  list<string>  $damage  as received, in the words of its pins */
    public static function for(JobFacts $facts, array $damage = []): self
    {
        $part = $facts->part;

        return new self(
            self::said([
                ...array_map(
                    fn (string $what): string => ucfirst(rtrim($what, '.')).' will show through the film.',
                    $damage,
                ),
                $part->carries(
                    ArrivalCondition::Rust,
                ) ? 'Pits the rust has eaten stay pits; powder follows them.' : null,
                $part->made === Fabrication::Welded
                    ? 'Weld seams and spatter scars stay as they are unless they are ground first.'
                    : null,
                $part->made === Fabrication::Cast ? 'Sand marks, seams and pores of the casting stay visible.' : null,
                $part->has(Feature::StampedPlate) ? 'Stamped plates are masked and keep their present look.' : null,
                $part->has(Feature::SharpEdges)
                    ? 'Film draws thin on sharp edges; they are the first to go.'
                    : null,
                $part->is(PartFlag::BaredAfter)
                    ? 'What is sanded bare after the bake has no film: outdoors it wants wax or a clear, or it stains.'
                    : null,
                self::bright($facts) ? 'A bright powder looks like brushed metal, not like plating.' : null,
            ]),
            self::said([
                $part->carries(ArrivalCondition::Plating) ? 'Adhesion over old plating.' : null,
                $part->isCasting() && $part->is(PartFlag::Oily)
                    ? 'A film without a single pinhole on a casting that was oily once.'
                    : null,
                $part->failedBefore()
                    ? 'That what made the last coat fail is gone: it is cleaned twice, and looked at between.'
                    : null,
                $part->is(PartFlag::OldPrimerTight) ? 'Adhesion of the old primer that stays under the powder.' : null,
                $part->is(PartFlag::HitByStones) || $part->is(PartFlag::HitByTools)
                    ? 'A film that stones and tools do not chip; a second coat keeps a chip from reaching metal.'
                    : null,
                $part->is(PartFlag::ChemicalsOnFace)
                    ? 'That the face stands the chemical: the powder\'s sheet names what it stands.'
                    : null,
                $part->isGalvanised() ? 'A film without a single pinhole over zinc.' : null,
                $part->duty !== SafetyRole::None
                    ? 'That the part may do its safety duty again: a licensed person decides that.'
                    : null,
                $facts->byTheSea() && count($facts->coats) < 2
                    ? 'More than a few seasons by salt water under a single coat.'
                    : null,
            ]),
            self::said([
                $part->has(Feature::RubberOrPlastic) ? 'Rubber and plastic.' : null,
                $part->has(Feature::Weights) ? 'Balance weights: lead melts, and where they sat is marked.' : null,
                $part->has(Feature::Valves) ? 'Valves and their seals.' : null,
                $part->has(Feature::Hoses) ? 'Hoses; which went where is pinned first.' : null,
                $part->has(Feature::Caps) ? 'Caps and badges.' : null,
                $part->has(Feature::Inserts)
                    ? 'Thread inserts with plastic in them; steel ones stay and are masked.'
                    : null,
                $part->has(Feature::SealedBearings) ? 'Sealed bearings.' : null,
                $part->has(Feature::PackedGrease) ? 'Grease packed into joints.' : null,
                $part->has(Feature::SolderOrWhiteMetal)
                    ? 'Lead, tin and soldered joints: they melt in the oven.'
                    : null,
                $part->isClosedHollow() ? 'A hole into every sealed hollow: it bursts in the oven.' : null,
            ]),
        );
    }

    private static function bright(JobFacts $facts): bool
    {
        return array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->effect === Effect::Bright) !== [];
    }

    /** @return array<string, non-empty-list<string>> what there is to say, under what it is */
    public function heads(): array
    {
        return array_filter([
            'What will still show' => $this->shows,
            'What is not promised' => $this->notPromised,
            'What must be off before it comes to us' => $this->offFirst,
        ]);
    }

    /**
     * @param  list<string|null>  $all
     * @return list<string>
     */
    private static function said(array $all): array
    {
        return array_values(array_filter($all, fn (?string $line): bool => $line !== null));
    }
}
