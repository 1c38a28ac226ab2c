<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\DefectKind;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;

/**
 * A defect of the film on some pieces of a batch: where it is and what was done about it.
 *
 * @property int $id
 * @property int $part_id
 * @property int $batch_id
 * @property ?int $coat_id
 * @property DefectKind $kind
 * @property ?int $picture_id
 * @property ?int $pin_id
 * @property ?float $x share of the picture's width from the left
 * @property ?float $y share of its height from the top
 * @property ?float $size_mm
 * @property int $pieces that have it
 * @property ?bool $to_metal somebody opened one and looked; null where nobody has
 * @property ?string $note
 * @property CarbonImmutable $at
 * @property ?DefectCause $cause as it was confirmed
 * @property ?CarbonImmutable $cause_at
 * @property ?CarbonImmutable $withdrawn_at
 * @property User $user
 * @property Part $part
 * @property Batch $batch
 * @property ?Coat $coat
 * @property ?Pin $pin
 * @property Collection<int, Rework> $reworks
 */
final class Defect extends BaseModel
{
    use \App\Platform\Database\Withdrawable;
    use FindsLocked;

    public $timestamps = false;

    /** @return Builder<self> those that were not taken back */
    public static function standing(): Builder
    {
        return self::query()->whereNull('defects.withdrawn_at');
    }

    /** What was chosen to be done about it last; null where nothing has been. */
    public function rework(): ?Rework
    {
        return $this->reworks->last();
    }

    /** Nothing was decided yet, or what was decided is not done. */
    public function isOpen(): bool
    {
        return $this->kind->isFault() && $this->rework()?->closed_at === null;
    }

    /** What its form does. */
    public function closing(): string
    {
        return $this->isOpen() ? 'Mended: close it' : 'Keep the cause';
    }

    /** Whether somebody is still to say what is done about it. */
    public function mayBeDecided(): bool
    {
        $rework = $this->rework();

        return $this->isOpen() && ($rework === null || $rework->closed_at !== null);
    }

    /** Whether it was placed on a picture. */
    public function isPlaced(): bool
    {
        return $this->x !== null && $this->y !== null;
    }

    /** What was found on breaking one open, or the question where nobody has. */
    public function openedWords(): string
    {
        return match ($this->to_metal) {
            null => 'Break one open: does the hole go to metal?',
            true => 'Opened: it goes to metal.',
            false => 'Opened: it does not go to metal.',
        };
    }

    /** What became of it, in words. */
    public function state(): string
    {
        $rework = $this->rework();

        return match (true) {
            ! $this->kind->isFault() => 'no fault: it was agreed on',
            $rework === null => 'open: nobody has decided yet',
            $rework->closed_at === null => "{$rework->way->label()}: under way",
            $rework->agreed_by !== null => "accepted by {$rework->agreed_by}",
            default => $rework->way->done(),
        };
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

    /** @return BelongsTo<Batch, $this> */
    public function batch(): BelongsTo
    {
        return $this->belongsTo(Batch::class);
    }

    /** @return BelongsTo<Coat, $this> */
    public function coat(): BelongsTo
    {
        return $this->belongsTo(Coat::class);
    }

    /** @return BelongsTo<Pin, $this> */
    public function pin(): BelongsTo
    {
        return $this->belongsTo(Pin::class);
    }

    /** @return HasMany<Rework, $this> */
    public function reworks(): HasMany
    {
        $relation = $this->hasMany(Rework::class);
        $relation->whereNull('withdrawn_at')->orderBy('id');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => DefectKind::class, 'cause' => DefectCause::class, 'to_metal' => 'boolean']
            + array_fill_keys(['x', 'y', 'size_mm'], 'float')
            + array_fill_keys(['at', 'cause_at', 'withdrawn_at'], 'immutable_datetime:Y-m-d H:i:s.v');
    }
}
