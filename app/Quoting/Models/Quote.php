<?php

declare(strict_types=1);

namespace App\Quoting\Models;

use App\Accounts\Models\User;
use App\Intake\Models\Job;
use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A price given to a customer, with everything it was based on.
 *
 * @property int $id
 * @property int $number
 * @property int $job_id
 * @property string $state open, accepted or declined
 * @property float $total as worked out
 * @property ?float $set_price for the set, where another was agreed
 * @property float $deposit
 * @property string $currency
 * @property CarbonImmutable $valid_until
 * @property array<string, list<string>> $says what is done, what will show, what is not promised
 * @property int $made_by
 * @property CarbonImmutable $at
 * @property ?string $answered_by
 * @property ?CarbonImmutable $answered_at
 * @property Job $job
 * @property User $maker
 * @property Collection<int, QuoteLine> $lines
 */
final class Quote extends BaseModel
{
    public $timestamps = false;

    /** What the customer pays. */
    public function price(): float
    {
        return $this->set_price ?? $this->total;
    }

    /** Whether it waits for an answer on a day of the shop's, YYYY-MM-DD. */
    public function isOpen(string $today): bool
    {
        return $this->state === 'open' && ! $this->isLapsed($today);
    }

    public function isLapsed(string $today): bool
    {
        return $this->state === 'open' && $this->valid_until->toDateString() < $today;
    }

    /** How it stands on a day, in words. */
    public function stateWords(string $today): string
    {
        return match (true) {
            $this->state === 'accepted' => "accepted by {$this->answered_by}",
            $this->state === 'declined' => 'turned down',
            $this->isLapsed($today) => 'lapsed',
            default => 'valid until '.$this->valid_until->format('j M Y'),
        };
    }

    /** A sum of it, in its currency. */
    public function money(float $sum): string
    {
        return number_format($sum, 2, '.', ' ')." {$this->currency}";
    }

    /** @return BelongsTo<Job, $this> */
    public function job(): BelongsTo
    {
        return $this->belongsTo(Job::class);
    }

    /** @return BelongsTo<User, $this> */
    public function maker(): BelongsTo
    {
        return $this->belongsTo(User::class, 'made_by');
    }

    /** @return HasMany<QuoteLine, $this> */
    public function lines(): HasMany
    {
        $relation = $this->hasMany(QuoteLine::class);
        $relation->orderBy('id');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['valid_until' => 'immutable_date', 'says' => Capture::class]
            + array_fill_keys(['at', 'answered_at'], 'immutable_datetime:Y-m-d H:i:s.v')
            + array_fill_keys(['total', 'set_price', 'deposit'], 'float');
    }
}
