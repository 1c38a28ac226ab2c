<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** A cause as the record has it: how usual it is, what moves it, how likely it is then. */
final readonly class LikelyCause
{
    /**
     * @param  float  $prior  share, before the record is looked at
     * @param  list<WeighedEvidence>  $evidence  the heaviest first
     * @param  float  $logOdds  natural, against none of the causes listed
     * @param  float  $posterior  share
     */
    public function __construct(
        public DefectCause $cause,
        public float $prior,
        public array $evidence,
        public float $logOdds,
        public float $posterior,
    ) {
    }
}
