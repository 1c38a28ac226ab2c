<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Trade\BakeTo;

/** What the floor says of a lot before its day is planned: where its steps can be done, and what it may share. */
final readonly class BatchOnDay
{
    /**
     * @param  array<string, list<string>>  $benches  station => keys of the benches there
     * @param  list<string>  $ovens  keys of those it has room in
     * @param  float  $room  of an oven's, in the measure its room is given in
     * @param  array<int, string>  $colours  coat, from 1 => its powder
     * @param  array<int, string>  $families  coat => which lots one bake serves, see BakeFamilies
     * @param  array<int, BakeTo>  $bakes  coat => how far
     * @param  ?float  $bareMinutes  bare steel keeps in today's air; null where the metal does not rust
     * @param  ?float  $leftMinutes  of a window that runs already; null for none
     * @param  ?string  $leftUntil  key of the step that must have begun by then
     * @param  float  $waitMinutes  still to wait before its next step
     * @param  int  $loads  it goes in so many, one rack or cart after another
     * @param  array<string, float>  $takes  means it holds from its hanging to its last bake
     */
    public function __construct(
        public array $benches,
        public array $ovens,
        public float $room,
        public array $colours = [],
        public array $families = [],
        public array $bakes = [],
        public ?float $bareMinutes = null,
        public ?float $leftMinutes = null,
        public ?string $leftUntil = null,
        public float $waitMinutes = 0.0,
        public int $loads = 1,
        public array $takes = [],
    ) {
    }
}
