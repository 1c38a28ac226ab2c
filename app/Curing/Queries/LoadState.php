<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use App\Curing\Models\OvenLoad;
use Carbon\CarbonImmutable;

/** What every kind of load has: findings, results, when to pull, temperatures. */
interface LoadState
{
    /** @return list<PartFinding> what the book says as the door shuts on it, by what it is computed to do */
    public function doorFindings(): array;

    /**
     * @return list<array<string, mixed>> what it did, as rows of results: one for each layer and region, or bare part
     */
    public function results(): array;

    /** The moment to pull it, as far as is known now. */
    public function pullAt(): ?CarbonImmutable;

    public function load(): OvenLoad;

    /** @return list<ReadableItem> what a thermometer can be pointed at, in the order of the run */
    public function readItems(): array;

    /** The surface of an item, by its place in readItems(), at a second of the run, as computed, °C. */
    public function surfaceC(int $item, float $second): float;

    /** The oven's walls at a second of the run, as computed, °C. */
    public function shellC(float $second): float;
}
