<?php

declare(strict_types=1);

namespace App\Scheduling\Models;

use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Catalog\Models\Oven;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A URL under which a calendar reads the plan. Only the hash of the URL is stored.
 *
 * @property int $id
 * @property string $kind person, oven or shop
 * @property ?int $user_id
 * @property ?int $oven_id
 * @property string $mark SHA-256 of the address's secret
 * @property int $made_by
 * @property CarbonImmutable $at
 * @property int $opened how often
 * @property ?CarbonImmutable $opened_at last
 * @property ?CarbonImmutable $withdrawn_at
 * @property ?User $user
 * @property ?Oven $oven
 */
final class CalendarFeed extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    /** Whose days it tells. */
    public function name(): string
    {
        return $this->user->name ?? $this->oven->name ?? Shop::current()->name;
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Oven, $this> */
    public function oven(): BelongsTo
    {
        return $this->belongsTo(Oven::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['at', 'opened_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}
