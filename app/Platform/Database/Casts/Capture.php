<?php

declare(strict_types=1);

namespace App\Platform\Database\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;

/**
 * Data stored as a whole and never queried, as JSON with the version it was written in.
 *
 * Reading is tolerant: rows older than versions are the data themselves; unreadable values become null.
 *
 * @implements CastsAttributes<array<array-key, mixed>|null, array<array-key, mixed>|null>
 */
final class Capture implements CastsAttributes
{
    public const VERSION = 1;

    /** @param  array<string, mixed>  $attributes */
    public function get(Model $model, string $key, mixed $value, array $attributes): ?array
    {
        $read = is_string($value) ? json_decode($value, true) : null;
        if (! is_array($read)) {
            return null;
        }

        return isset($read['v'], $read['data']) && is_array($read['data']) ? $read['data'] : $read;
    }

    /** @param  array<string, mixed>  $attributes */
    public function set(Model $model, string $key, mixed $value, array $attributes): ?string
    {
        return $value === null ? null : json_encode(['v' => self::VERSION, 'data' => $value], JSON_THROW_ON_ERROR);
    }
}
