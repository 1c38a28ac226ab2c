<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Rule\Facts\CoatFacts;
use Aenum\Core\Rule\Facts\JobFacts;

/**
 * Which coats and which pretreatment fit a part, from its metal, its past and where it will live.
 *
 * General practice of the trade; the powder makers' system sheets come first.
 */
final readonly class CoatAdvice
{
    /** Film worth having in all, µm, by where the part lives. */
    private const FILM = ['indoors' => 60.0, 'outdoors' => 80.0, 'coast' => 120.0, 'chemicals' => 120.0];

    /** @param  list<array{role: string, what: string, why: string, planned: bool}>  $stack from the metal up */
    private function __construct(public array $stack, public string $pretreatment, public string $pretreatmentWhy, public ?string $film)
    {
    }

    public static function for(JobFacts $facts): self
    {
        [$pretreatment, $why] = self::pretreat($facts);

        return new self([...self::primer($facts), self::base($facts), ...self::clear($facts)], $pretreatment, $why, self::film($facts));
    }

    /** @return list<array{role: string, what: string, why: string, planned: bool}> coats the plan lacks */
    public function missing(): array
    {
        return array_values(array_filter($this->stack, fn (array $coat): bool => ! $coat['planned']));
    }

    /** @return list<array{role: string, what: string, why: string, planned: bool}> */
    private static function primer(JobFacts $facts): array
    {
        $part = $facts->part;
        $first = $facts->coats[0] ?? null;
        $advice = match (true) {
            $part->isCasting() && $part->oily => ['gas-tolerant primer', 'A used casting goes on gassing after its bake-out.', $first !== null && $first->gasTolerant],
            $facts->outdoors() && in_array($part->metal, ['carbon_steel', 'cast_iron'], true) => ['zinc-rich primer', 'Bare steel outdoors rusts from every scratch; zinc gives itself up first.', $first !== null && $first->zincRich],
            $facts->outdoors() && $part->isLightAlloy() => ['epoxy primer', 'Outdoor aluminium creeps white under a single coat.', $first !== null && $first->role === 'primer' && ! $first->zincRich],
            $facts->outdoors() && $part->isCasting() => ['gas-tolerant primer', 'Pores in a casting gas through the film.', $first !== null && $first->gasTolerant],
            default => null,
        };

        return $advice === null ? [] : [['role' => 'primer', 'what' => $advice[0], 'why' => $advice[1], 'planned' => $advice[2]]];
    }

    /** @return array{role: string, what: string, why: string, planned: bool} */
    private static function base(JobFacts $facts): array
    {
        return ['role' => 'base', 'what' => $facts->outdoors() ? 'weatherproof base coat' : 'base coat', 'why' => $facts->outdoors() ? 'An epoxy top chalks in the sun; a polyester or better stands it.' : 'The colour and the finish.', 'planned' => array_filter($facts->coats, fn (CoatFacts $coat): bool => in_array($coat->role, ['base', 'mid'], true)) !== []];
    }

    /** @return list<array{role: string, what: string, why: string, planned: bool}> */
    private static function clear(JobFacts $facts): array
    {
        $effect = array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->effect !== 'plain') !== [];

        return $effect ? [['role' => 'clear', 'what' => 'clear', 'why' => 'Flake at the surface rubs off and darkens; a clear holds it, and dulls the brightest.', 'planned' => array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->role === 'clear') !== []]] : [];
    }

    /** @return array{string, string} */
    private static function pretreat(JobFacts $facts): array
    {
        $part = $facts->part;

        return match (true) {
            ! $facts->outdoors() => ['Blow off and solvent wipe', 'Indoors a blasted, clean surface holds well enough.'],
            $part->isLightAlloy() => ['Clean, deoxidise, zirconium conversion, rinse, dry', 'Phosphate builds nothing on aluminium.'],
            $part->metal === 'galvanised_steel' => ['Sweep-blast, clean, conversion for zinc, rinse, dry', 'New zinc is slick and reacts with plain alkali.'],
            $part->rusts() => ['Degrease, rinse, iron phosphate, rinse, dry in the oven', 'Phosphate keeps rust from creeping under a scratch.'],
            default => ['Clean, rinse, dry', 'This metal needs no conversion coat to hold powder.'],
        };
    }

    private static function film(JobFacts $facts): ?string
    {
        $want = self::FILM[$facts->where];
        $have = $facts->filmMicrons();

        return $facts->coats !== [] && $have < $want ? sprintf('The coats planned come to %.0f µm; %.0f µm and more is usual %s.', $have, $want, $facts->where === 'coast' ? 'by salt water' : ($facts->where === 'chemicals' ? 'among chemicals' : $facts->where)) : null;
    }
}
