<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Inspection\InspectionCheckKind;
use App\Inspection\Models\InspectionCheck;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;

/** One visual check of the checklist. */
final readonly class ChecklistLine
{
    public function __construct(public InspectionCheckKind $what, public ?Pin $pin, public ?InspectionCheck $looked)
    {
    }

    /** As it stands in forms. */
    public function key(): string
    {
        return $this->what->value.'-'.($this->pin->id ?? 0);
    }

    public function label(): string
    {
        return $this->pin === null ? $this->what->label() : "Pin {$this->pin->number}: ".lcfirst($this->what->label());
    }

    /** A name is asked where a face has to be bare. */
    public function wantsName(): bool
    {
        return $this->what->wantsName() && $this->pin?->must_stay_bare === true;
    }

    /** Ticked; or signed bare at its pin by an earlier release, where that is of these pieces alone. */
    public function isDone(): bool
    {
        return $this->looked !== null
            || ($this->wantsName() && $this->pin?->bare_signed_at !== null && $this->pin->part->batches->count() === 1);
    }

    /** Who looked; null where nobody has. */
    public function by(): ?string
    {
        return $this->looked === null ? null : $this->looked->signed_by ?? $this->looked->user->name;
    }

    /** Who looked, and when. */
    public function says(): string
    {
        return $this->looked === null ? '' : "{$this->by()}, ".ShopClock::time($this->looked->at);
    }
}
