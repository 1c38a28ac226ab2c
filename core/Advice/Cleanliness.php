<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Trade\ArrivalCondition;

/** How clean the blast must leave the metal. Grades for steel as ISO 8501-1 names them; for other metals, in words. */
final readonly class Cleanliness
{
    private function __construct(public string $grade, public string $why)
    {
    }

    /** How clean this job must be blasted. */
    public static function for(JobFacts $facts): self
    {
        $part = $facts->part;

        return match (true) {
            $part->isGalvanised() => new self(
                'swept: dull all over, zinc still there',
                'Through the zinc, and the steel rusts.',
            ),
            ! $part->family()->rusts() => new self(
                'evenly dull, no shine left',
                'The film needs a tooth, this metal no more than that.',
            ),
            $part->carries(ArrivalCondition::MillScale) => new self(
                'Sa 3, white metal',
                'Mill scale left anywhere lets go and takes the film with it.',
            ),
            $facts->lives->isHarsh() => new self('Sa 3, white metal', 'Salt and chemicals find every shadow.'),
            $facts->outdoors() => new self(
                'Sa 2½, near white',
                'Only faint shadows may stay where it lives outdoors.',
            ),
            default => new self('Sa 2, thorough', 'Firmly held stains do no harm indoors.'),
        };
    }
}
