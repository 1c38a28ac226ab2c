<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Mask\StockMask;
use Illuminate\Database\Eloquent\Model;

/**
 * A plug, cap, disc or tape on the shop's shelf.
 *
 * @property int $id
 * @property string $name
 * @property string $kind
 * @property string $material
 * @property float $from_mm
 * @property float $to_mm
 * @property ?float $rated_c
 * @property int $held
 */
final class Mask extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return list<StockMask> the shelf as the core takes it */
    public static function shelf(): array
    {
        $shelf = self::query();
        $shelf->whereNull('retired_at')->orderBy('kind')->orderBy('from_mm');

        return array_values($shelf->get()->map(fn (self $mask): StockMask => $mask->stock())->all());
    }

    public function stock(): StockMask
    {
        return new StockMask($this->id, $this->name, $this->kind, $this->material, $this->from_mm, $this->to_mm, $this->rated_c, $this->held);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['from_mm' => 'float', 'to_mm' => 'float', 'rated_c' => 'float'];
    }
}
