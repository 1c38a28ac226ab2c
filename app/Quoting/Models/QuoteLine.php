<?php

declare(strict_types=1);

namespace App\Quoting\Models;

use Aenum\Core\Quoting\LineKind;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A line of a quote, and the actual time.
 *
 * @property int $id
 * @property int $quote_id
 * @property int $part_id
 * @property LineKind $kind
 * @property float $minutes of hands, as quoted
 * @property float $planned_min the same before anything was learned
 * @property float $hands money
 * @property float $material money
 * @property float $money
 * @property list<string> $rests
 * @property ?float $actual_min
 * @property ?int $actual_by
 * @property ?CarbonImmutable $actual_at
 * @property Part $part
 */
final class QuoteLine extends BaseModel
{
    public $timestamps = false;

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => LineKind::class, 'rests' => Capture::class, 'actual_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ] + array_fill_keys(['minutes', 'planned_min', 'hands', 'material', 'money', 'actual_min'], 'float');
    }
}
