<?php

declare(strict_types=1);

namespace App\Models;

use App\Support\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * A line of the shop's logbook.
 *
 * @property int $id
 * @property string $kind air, bath, blast, media or ground
 * @property ?string $subject which bath, which medium
 * @property ?int $part_id
 * @property array<string, mixed> $figures
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 * @property ?Part $part
 */
final class Entry extends Model
{
    public $timestamps = false;

    protected $table = 'logbook';

    protected $guarded = [];

    /**
     * Lines of a kind that were not withdrawn.
     *
     * @return Builder<self>
     */
    public static function of(string $kind, ?string $subject = null): Builder
    {
        $lines = self::query()->where('kind', $kind);
        $subject === null ?: $lines->where('subject', $subject);
        $lines->whereNull('withdrawn_at');

        return $lines;
    }

    /** @param  array<string, mixed>  $figures */
    public static function write(string $kind, ?string $subject, array $figures, User $by, ?Part $part = null, ?string $note = null): self
    {
        return self::query()->create(['kind' => $kind, 'subject' => $subject, 'part_id' => $part?->id, 'figures' => $figures, 'note' => $note === null || trim($note) === '' ? null : trim($note), 'user_id' => $by->id, 'at' => ShopClock::now()]);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['figures' => 'array', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}
