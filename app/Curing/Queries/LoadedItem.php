<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Thermal\LoadItem;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Coat;
use App\Intake\Models\Section;

/** One item of a load, with its name in the shop. */
final readonly class LoadedItem
{
    /** @param  list<LayerHistory>  $layers every coat up to the fresh one, lowest first; the fresh one is last */
    public function __construct(
        public OvenLoadItem $bakeItem,
        public ?Section $section,
        public LoadItem $item,
        public CureTarget $aim,
        public array $layers,
        public float $metalMinutesSoFar,
    ) {
    }

    public function with(LoadItem $item): self
    {
        return new self(
            $this->bakeItem,
            $this->section,
            $item,
            $this->aim,
            $this->layers,
            $this->metalMinutesSoFar,
        );
    }

    public function coat(): Coat
    {
        return $this->bakeItem->coat ?? throw new \LogicException('a cure holds coats, a bake-out does not');
    }

    /** Key of the item in forms: bake item and section. */
    public function key(): string
    {
        return $this->bakeItem->id.'-'.($this->section->id ?? 0);
    }
}
