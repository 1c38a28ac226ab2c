<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Thermal\LoadItem;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Section;

/** Something in an oven that can be read with an infrared thermometer. */
final readonly class ReadableItem
{
    /** @param  float  $coveredEmissivity  of its film, or of the matt patch that was put on bare metal */
    public function __construct(
        public OvenLoadItem $bakeItem,
        public ?Section $section,
        public LoadItem $item,
        public float $coveredEmissivity,
    ) {
    }

    /** Its key in forms: the item of the load, and the region. */
    public function key(): string
    {
        return $this->bakeItem->id.'-'.($this->section->id ?? 0);
    }

    /**
     * @param  list<self>  $items
     */
    public static function position(array $items, string $key): ?int
    {
        foreach ($items as $n => $one) {
            if ($one->key() === $key) {
                return $n;
            }
        }

        return null;
    }
}
