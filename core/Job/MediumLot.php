<?php

declare(strict_types=1);

namespace Aenum\Core\Job;

use Aenum\Core\Blast\Medium;

/** A medium in the shop since it was new: what it has been through. */
final readonly class MediumLot
{
    /**
     * @param  list<string>  $oilFrom  parts that brought oil or grease into it
     * @param  list<string>  $ironFrom  parts that brought iron into it
     * @param  float|null  $used  share of its life; null where nobody wrote down how much went in
     */
    public function __construct(
        public Medium $medium,
        public array $oilFrom = [],
        public array $ironFrom = [],
        public ?float $used = null,
    ) {
    }
}
