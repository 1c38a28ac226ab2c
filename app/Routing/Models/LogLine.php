<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Platform\Database\BaseModel;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * An entry of the shop's logbook.
 *
 * @property int $id
 * @property string $kind air, bath, blast, media or ground
 * @property ?string $subject which bath, which medium
 * @property ?string $event what happened, where it is not a measurement
 * @property ?int $part_id
 * @property ?int $batch_id
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 * @property ?Part $part
 * @property Collection<int, LogFigure> $figures
 */
final class LogLine extends BaseModel
{
    use \App\Platform\Database\Withdrawable;

    public $timestamps = false;

    protected $table = 'logbook';

    /**
     * Lines of a kind that were not withdrawn, with their figures.
     *
     * @return Builder<self>
     */
    public static function of(string $kind, ?string $subject = null): Builder
    {
        $lines = self::query()->with('figures')->where('kind', $kind);
        $subject === null ?: $lines->where('subject', $subject);
        $lines->whereNull('withdrawn_at');

        return $lines;
    }

    /** A figure by its name; null where it was not measured. */
    public function figure(string $name): ?float
    {
        return $this->figures->firstWhere('name', $name)?->value;
    }

    /** @return HasMany<LogFigure, $this> */
    public function figures(): HasMany
    {
        return $this->hasMany(LogFigure::class, 'logbook_id');
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
        return array_fill_keys(['at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}
