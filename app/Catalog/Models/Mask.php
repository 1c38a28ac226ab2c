<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Preparation\Masking\MaskKind;
use Aenum\Core\Preparation\Masking\StockMask;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Platform\Database\BaseModel;

/**
 * A plug, cap, disc or tape in stock.
 *
 * @property int $id
 * @property string $name
 * @property MaskKind $kind
 * @property string $material
 * @property float $from_mm
 * @property float $to_mm
 * @property ?float $rated_c
 * @property int $held
 */
final class Mask extends BaseModel
{
    public $timestamps = false;

    /** @return list<StockMask> the shelf as the core takes it */
    public static function shelf(): array
    {
        return array_values(self::query()->whereNull('retired_at')->orderBy('kind')->orderBy('from_mm')->get()
            ->map(fn (self $mask): StockMask => $mask->stock())->all());
    }

    /** What it seals; of a tape, how wide it is. */
    public function sealsWords(): Message
    {
        return $this->kind === MaskKind::Tape
            ? Message::of('{width} wide', ['width' => Quantity::mm($this->from_mm)])
            : Message::of('{range}', ['range' => Quantity::range(Dimension::Length, $this->from_mm, $this->to_mm)]);
    }

    /** How many the shelf holds; of a tape, how long. */
    public function heldWords(): Message
    {
        return $this->kind === MaskKind::Tape
            ? Message::of('{length}', ['length' => Quantity::of(Dimension::Size, (float) $this->held, 0)])
            : Message::from((string) $this->held);
    }

    public function stock(): StockMask
    {
        return new StockMask(
            $this->id,
            $this->name,
            $this->kind,
            $this->material,
            $this->from_mm,
            $this->to_mm,
            $this->rated_c,
            $this->held,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => MaskKind::class, 'from_mm' => 'float', 'to_mm' => 'float', 'rated_c' => 'float'];
    }
}
