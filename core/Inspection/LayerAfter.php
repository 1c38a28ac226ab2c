<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** What another bake leaves a layer of its over-bake. */
final readonly class LayerAfter
{
    /**
     * @param  float|null  $now  over-bake so far; null where the sheet is silent
     */
    public function __construct(public string $name, public ?float $now, public ?float $after)
    {
    }

    /** More than its powder stands. */
    public function isSpoilt(): bool
    {
        return $this->after !== null && $this->after > 1.0;
    }
}
