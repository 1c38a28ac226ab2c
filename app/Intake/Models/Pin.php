<?php

declare(strict_types=1);

namespace App\Intake\Models;

use Aenum\Core\Preparation\Masking\PinKind;
use App\Platform\Database\BaseModel;
use App\Platform\Database\FindsLocked;
use App\Preparation\Models\MaskApplication;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A numbered place on a part that needs attention.
 *
 * @property int $id
 * @property int $part_id
 * @property ?int $picture_id null for the part's drawing
 * @property int $number
 * @property PinKind $kind
 * @property float $x share of the picture's width from the left
 * @property float $y share of its height from the top
 * @property ?float $size_mm
 * @property ?float $depth_mm of a recess
 * @property int $places how many alike on one piece
 * @property bool $is_stud the thread is on the outside
 * @property bool $must_stay_bare a safety item: film on it can hurt someone
 * @property ?string $note
 * @property ?string $answer what the owner said to a question
 * @property ?string $answered_by
 * @property ?CarbonImmutable $answered_at
 * @property ?string $bare_signed_by
 * @property ?CarbonImmutable $bare_signed_at
 * @property Part $part
 * @property Collection<int, MaskApplication> $fittings
 */
final class Pin extends BaseModel
{
    use \App\Platform\Database\Withdrawable;
    use FindsLocked;

    public $timestamps = false;

    /** "pin 3 (left bore)": its number and what was noted of it. */
    public function numbered(): string
    {
        return "pin {$this->number}".((string) $this->note === '' ? '' : " ({$this->note})");
    }

    /** Which pin it is, in words. */
    public function words(): string
    {
        return "pin {$this->number} {$this->kind->label()}";
    }

    /** A question nobody has answered yet. */
    public function isAsked(): bool
    {
        return $this->kind === PinKind::OwnerQuestion && $this->answered_at === null;
    }

    /** @return BelongsTo<Part, $this> */
    public function part(): BelongsTo
    {
        return $this->belongsTo(Part::class);
    }

    /** @return HasMany<MaskApplication, $this> */
    public function fittings(): HasMany
    {
        $relation = $this->hasMany(MaskApplication::class);
        $relation->whereNull('withdrawn_at');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => PinKind::class,
            'x' => 'float',
            'y' => 'float',
            'size_mm' => 'float',
            'depth_mm' => 'float',
            'must_stay_bare' => 'boolean',
            'is_stud' => 'boolean',
            'at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'answered_at' => 'immutable_datetime:Y-m-d H:i:s.v',
            'bare_signed_at' => 'immutable_datetime:Y-m-d H:i:s.v',
        ];
    }
}
