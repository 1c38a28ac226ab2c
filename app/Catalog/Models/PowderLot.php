<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * One or more boxes of one lot of a powder.
 *
 * @property int $id
 * @property int $powder_id
 * @property string $number as it stands on the box
 * @property float $kg as it came
 * @property CarbonImmutable $received_on
 * @property ?CarbonImmutable $opened_on
 * @property ?CarbonImmutable $best_before_on
 * @property ?string $place on the shelf
 * @property ?float $counted_kg when it was last weighed
 * @property ?CarbonImmutable $counted_at
 * @property ?CarbonImmutable $finished_at
 * @property Powder $powder
 */
final class PowderLot extends BaseModel
{
    use \App\Platform\Database\Withdrawable;
    use FindsLocked;

    public $timestamps = false;

    public function words(): string
    {
        return "lot {$this->number}";
    }

    /** @return BelongsTo<Powder, $this> */
    public function powder(): BelongsTo
    {
        return $this->belongsTo(Powder::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kg' => 'float',
            'counted_kg' => 'float',
            'received_on' => 'immutable_date:Y-m-d',
            'opened_on' => 'immutable_date:Y-m-d',
            'best_before_on' => 'immutable_date:Y-m-d',
        ] + array_fill_keys(['at', 'counted_at', 'finished_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}
