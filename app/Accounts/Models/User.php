<?php

declare(strict_types=1);

namespace App\Accounts\Models;

use Aenum\Core\Units\UnitSystem;
use App\Platform\Database\KeepsCastValues;
use App\Platform\Database\ShopCollection;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Auth\User as Authenticatable;
use Laravel\Sanctum\HasApiTokens;

/**
 * @property int $id
 * @property string $name
 * @property string $email
 * @property string $role owner, finisher or viewer
 * @property UnitSystem $unit_system
 * @property string $theme
 * @property string $clock 24 or 12 hours
 * @property bool $active
 * @property ?string $pin a hash, for signing on at a shared tablet
 * @property ?string $code a hash, of the code an owner gave out for a new password
 * @property ?CarbonImmutable $code_until
 */
final class User extends Authenticatable
{
    /** @use HasApiTokens<DeviceToken> */
    use HasApiTokens;

    use KeepsCastValues;

    protected static string $collectionClass = ShopCollection::class;

    protected $guarded = [];

    protected $hidden = ['password', 'remember_token', 'pin', 'code'];

    public function isOwner(): bool
    {
        return $this->role === 'owner';
    }

    public function works(): bool
    {
        return $this->role !== 'viewer';
    }

    /** Whether only one person is active in this shop, who then follows the work from station to station. */
    public static function worksAlone(): bool
    {
        return self::query()->where('active', true)->count() === 1;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'password' => 'hashed',
            'unit_system' => UnitSystem::class,
            'active' => 'boolean',
            'code_until' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}
