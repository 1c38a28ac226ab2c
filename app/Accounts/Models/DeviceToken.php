<?php

declare(strict_types=1);

namespace App\Accounts\Models;

use Aenum\Core\Trade\Ability;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Laravel\Sanctum\PersonalAccessToken;

/**
 * A device's access to the API, granted by a person. Only a hash of the token is stored.
 *
 * @property int $id
 * @property int $tokenable_id
 * @property string $name of the device
 * @property list<string> $abilities
 * @property CarbonImmutable $created_at
 * @property ?CarbonImmutable $last_used_at
 * @property ?User $giver
 */
final class DeviceToken extends PersonalAccessToken
{
    /** How often is written down that a device was here, s. */
    private const SEEN_EVERY_S = 60;

    protected $table = 'device_tokens';

    /** @return BelongsTo<User, $this> */
    public function giver(): BelongsTo
    {
        return $this->belongsTo(User::class, 'tokenable_id');
    }

    /** @return list<Ability> */
    public function rights(): array
    {
        return array_values(array_filter(array_map(Ability::tryFrom(...), $this->abilities)));
    }

    /** It was here just now. */
    public function seen(): void
    {
        $last = $this->last_used_at;
        if ($last === null || $last->diffInSeconds(CarbonImmutable::now('UTC'), true) > self::SEEN_EVERY_S) {
            $this->forceFill(['last_used_at' => CarbonImmutable::now('UTC')])->saveQuietly();
        }
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'abilities' => 'json',
            'created_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'last_used_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'expires_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}
