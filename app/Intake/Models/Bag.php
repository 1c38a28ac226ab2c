<?php

declare(strict_types=1);

namespace App\Intake\Models;

use App\Platform\Database\BaseModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Loose pieces of a part in a named bag.
 *
 * @property int $id
 * @property int $part_id
 * @property string $name
 * @property string $holds
 * @property int $count
 * @property ?int $counted_back
 * @property Part $part
 */
final class Bag extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    public function isBack(): bool
    {
        return $this->counted_back === $this->count;
    }

    /** What went in, in words. */
    public function countWords(): string
    {
        return "{$this->name}: {$this->holds}, {$this->count} counted in";
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }
}
