<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\OvenEventKind;
use App\Models\Concerns\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * Something that happened to the oven during a bake.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property OvenEventKind $kind
 * @property CarbonImmutable $at
 * @property ?float $value
 * @property User $user
 */
final class OvenEvent extends Record implements HappensAfter
{
    public $timestamps = false;

    /** What happened, in words. */
    public function words(): Said
    {
        $with = match ($this->kind) {
            OvenEventKind::Door => ['value' => ' '.(int) $this->value.' s'],
            OvenEventKind::Setpoint => [
                'value' => Said::of(' {at}', ['at' => Quantity::celsius((float) $this->value)]),
            ],
            OvenEventKind::PowerLost, OvenEventKind::PowerBack, OvenEventKind::Flowed => ['value' => ''],
        };

        return Said::of('{kind}{value}', $with + ['kind' => $this->kind->label()]);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array{?CarbonImmutable, string}|null */
    public function comesAfter(string $column): ?array
    {
        return $column !== 'at' ? null : [OvenLoad::query()->find($this->oven_load_id)?->shut_at, 'the door was shut'];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => OvenEventKind::class, 'at' => 'immutable_datetime:Y-m-d H:i:s.v', 'value' => 'float'];
    }
}
