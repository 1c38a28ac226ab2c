<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Blasting\MediaValve;
use Aenum\Core\Preparation\Blasting\Medium;
use Aenum\Core\Preparation\Blasting\ShopFactor;

/** A medium in the shop since it was new: what it has been through. */
final readonly class MediumLot
{
    /**
     * @param  list<string>  $oilFrom  parts that brought oil or grease into it
     * @param  list<string>  $ironFrom  parts that brought iron into it
     * @param  list<string>  $lightFrom  parts that brought dust of aluminum, zinc or magnesium into it
     * @param  float|null  $used  share of its life; null where nobody wrote down how much went in
     * @param  ShopFactor|null  $wears  what it wears away against the book, from what was topped up; null where nothing
     *      was
     * @param  MediaValve|null  $valve  what this pot's valve lets through; null where nobody timed a pot of it
     */
    public function __construct(
        public Medium $medium,
        public array $oilFrom = [],
        public array $ironFrom = [],
        public ?float $used = null,
        public ?ShopFactor $wears = null,
        public ?MediaValve $valve = null,
        public array $lightFrom = [],
    ) {
    }
}
