<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A photo of a powder, uncured or cured.
 *
 * @property int $id
 * @property int $powder_id
 * @property string $shows raw or cured
 * @property string $file
 * @property int $width
 * @property int $height
 * @property ?\Carbon\CarbonImmutable $withdrawn_at
 * @property Powder $powder
 */
final class PowderPicture extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public const SHOWS = ['raw' => 'raw, as it lies', 'cured' => 'cured, on a panel'];

    public $timestamps = false;

    /** @return BelongsTo<Powder, $this> */
    public function powder(): BelongsTo
    {
        return $this->belongsTo(Powder::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['at' => 'immutable_datetime:Y-m-d H:i:s.v', 'withdrawn_at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}
