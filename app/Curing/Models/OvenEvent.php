<?php

declare(strict_types=1);

namespace App\Curing\Models;

use Aenum\Core\Trade\OvenEventKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Accounts\Models\User;
use App\Platform\Database\BaseModel;
use App\Platform\Database\HappensAfter;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * An event of the oven during a load.
 *
 * @property int $id
 * @property int $oven_load_id
 * @property OvenEventKind $kind
 * @property CarbonImmutable $at
 * @property ?float $value
 * @property User $user
 */
final class OvenEvent extends BaseModel implements HappensAfter
{
    public $timestamps = false;

    /** What happened, in words. */
    public function words(): Message
    {
        $with = match ($this->kind) {
            OvenEventKind::Door => ['value' => ' '.(int) $this->value.' s'],
            OvenEventKind::Setpoint => [
                'value' => Message::of(' {at}', ['at' => Quantity::celsius((float) $this->value)]),
            ],
            OvenEventKind::PowerLost, OvenEventKind::PowerBack, OvenEventKind::Flowed => ['value' => ''],
        };

        return Message::of('{kind}{value}', $with + ['kind' => $this->kind->label()]);
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
