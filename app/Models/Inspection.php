<?php

declare(strict_types=1);

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;

/**
 * @property int $id
 * @property int $coat_id
 * @property string $kind solvent_rub or film
 * @property array<string, mixed> $findings
 * @property string $verdict pass, fail or not_judged
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property User $user
 * @property Coat $coat
 */
final class Inspection extends Model
{
    protected $guarded = [];

    public $timestamps = false;

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }

    /** @return BelongsTo<User, $this> */
    public function user(): BelongsTo
    {
        return $this->belongsTo(User::class);
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['findings' => 'array', 'at' => 'immutable_datetime:Y-m-d H:i:s.v'];
    }
}
