<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Rule\Facts\CoatFacts;
use Aenum\Core\Rule\Facts\JobFacts;

/** What is said at the counter before the work begins: what will still show, what cannot be promised, what must be off first. */
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
                ...array_map(fn (string $what): string => ucfirst(rtrim($what, '.')).' will show through the film.', $damage),
                $part->has('rust') ? 'Pits the rust has eaten stay pits; powder follows them.' : null,
                $part->made === 'welded' ? 'Weld seams and spatter scars stay as they are unless they are ground first.' : null,
                $part->made === 'cast' ? 'Sand marks, seams and pores of the casting stay visible.' : null,
                $part->has('stamped_plate') ? 'Stamped plates are masked and keep their present look.' : null,
                $part->has('sharp_edges') ? 'Film draws thin on sharp edges; they are the first to rust.' : null,
                array_filter($facts->coats, fn (CoatFacts $coat): bool => $coat->effect === 'bright') !== [] ? 'A bright powder looks like brushed metal, not like plating.' : null,
            ]),
            self::said([
                $part->has('plating') ? 'Adhesion over old plating.' : null,
                $part->isCasting() && $part->oily ? 'A film without a single pinhole on a casting that was oily once.' : null,
                $part->metal === 'galvanised_steel' ? 'A film without a single pinhole over zinc.' : null,
                $part->duty !== 'none' ? 'That the part may do its safety duty again: a licensed person decides that.' : null,
                $facts->where === 'coast' && count($facts->coats) < 2 ? 'More than a few seasons by salt water under a single coat.' : null,
            ]),
            self::said([
                $part->has('rubber_or_plastic') ? 'Rubber and plastic.' : null,
                $part->has('sealed_bearings') ? 'Sealed bearings.' : null,
                $part->has('packed_grease') ? 'Grease packed into joints.' : null,
                $part->has('solder_or_white_metal') ? 'Lead, tin and soldered joints: they melt in the oven.' : null,
                $part->has('sealed_hollow') && ! $part->vented ? 'A hole into every sealed hollow: it bursts in the oven.' : null,
            ]),
        );
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
