<?php

declare(strict_types=1);

namespace App\Intake\Models;

use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photo of a part, re-encoded on upload.
 *
 * @property int $id
 * @property int $part_id
 * @property string $file below the app's private storage
 * @property int $width
 * @property int $height
 * @property string $shows before or after the work
 * @property CarbonImmutable $at
 * @property ?CarbonImmutable $withdrawn_at
 * @property Part $part
 */
final class Picture extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v', 'withdrawn_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}
