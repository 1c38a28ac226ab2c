<?php

declare(strict_types=1);

namespace Aenum\Core\Blast;

use Aenum\Core\Rule\Facts\JobFacts;

/** How clean the blast must leave the metal. Grades for steel as ISO 8501-1 names them; for other metals, in words. */
final class Cleanliness
{
    /** @return array{grade: string, why: string} */
    public static function for(JobFacts $facts): array
    {
        $part = $facts->part;

        return match (true) {
            $part->metal === 'galvanised_steel' => ['grade' => 'swept: dull all over, zinc still there', 'why' => 'Through the zinc, and the steel rusts.'],
            ! $part->rusts() => ['grade' => 'evenly dull, no shine left', 'why' => 'The film needs a tooth, this metal no more than that.'],
            $part->has('mill_scale') => ['grade' => 'Sa 3, white metal', 'why' => 'Mill scale left anywhere lets go and takes the film with it.'],
            in_array($facts->where, ['coast', 'chemicals'], true) => ['grade' => 'Sa 3, white metal', 'why' => 'Salt and chemicals find every shadow.'],
            $facts->outdoors() => ['grade' => 'Sa 2½, near white', 'why' => 'Only faint shadows may stay where it lives outdoors.'],
            default => ['grade' => 'Sa 2, thorough', 'why' => 'Firmly held stains do no harm indoors.'],
        };
    }
}
