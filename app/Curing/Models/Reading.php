<?php

declare(strict_types=1);

namespace App\Curing\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Section;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An infrared reading: what was shown, and the temperature it means.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property int $oven_load_item_id
 * @property ?int $section_id
 * @property CarbonImmutable $at
 * @property float $shown_c
 * @property float $set_emissivity
 * @property float $celsius
 * @property ?float $display_c air as the oven showed it then
 * @property string $source
 * @property User $user
 * @property OvenLoadItem $item
 * @property ?Section $section
 */
final class Reading extends BaseModel implements HappensAfter
{
    public $timestamps = false;

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<OvenLoadItem, $this> */
    public function item(): BelongsTo
    {
        return $this->belongsTo(OvenLoadItem::class, 'oven_load_item_id');
    }

    /** @return BelongsTo<Section, $this> */
    public function section(): BelongsTo
    {
        return $this->belongsTo(Section::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return $column !== 'at' ? null : [OvenLoad::query()->find($this->oven_load_id)?->shut_at, 'the door was shut'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'shown_c' => 'float',
            'set_emissivity' => 'float',
            'celsius' => 'float',
        ];
    }
}
