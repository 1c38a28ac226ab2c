<?php

declare(strict_types=1);

namespace App\Actions\Mask;

use Aenum\Core\Bench\MaskHeat;
use Aenum\Core\Mask\MaskPick;
use Aenum\Core\Unit\Said;
use App\Actions\Route\PartRoute;
use App\Models\Fitting;
use App\Models\Mask;
use App\Models\Part;
use App\Models\Pin;
use Illuminate\Support\Collection;

/** What goes on at each pin of a part, what is on, and what has come off again. */
final readonly class MasksOfPart
{
    /**
     * @param  Collection<int, Pin>  $pins  those that are masked
     * @param  array<int, MaskPick>  $picks  by pin id
     */
    private function __construct(
        public Part $part,
        public Collection $pins,
        public array $picks,
        public MaskHeat $heat,
    ) {
    }

    public static function of(Part $part, ?PartRoute $route = null): self
    {
        $part->loadMissing('pins.fittings.mask');
        $heat = MaskHeat::of(($route ?? PartRoute::of($part))->plan());
        $shelf = Mask::shelf();
        $pins = $part->pins->filter(fn (Pin $pin): bool => $pin->kind->isMasked())->values();
        $picks = [];
        foreach ($pins as $pin) {
            $picks[$pin->id] = MaskPick::for(
                $pin->kind,
                $pin->size_mm,
                $pin->is_stud,
                $pin->places,
                $part->count,
                $heat->at($pin->kind),
                $shelf,
            );
        }

        return new self($part, $pins, $picks, $heat);
    }

    /** Masks all pieces need at a pin. */
    public function needed(Pin $pin): int
    {
        return $pin->places * $this->part->count;
    }

    public function on(Pin $pin): ?Fitting
    {
        return $pin->fittings->sortBy('id')->last();
    }

    public function minutes(): float
    {
        return array_sum(array_map(fn (MaskPick $pick): float => $pick->minutes, $this->picks));
    }

    public function tapeM(): float
    {
        return array_sum(array_map(fn (MaskPick $pick): float => $pick->tapeM, $this->picks));
    }

    /** @return list<Said> what is to be cut */
    public function cutList(): array
    {
        return array_values(array_filter(array_map(fn (MaskPick $pick): ?Said => $pick->cut, $this->picks)));
    }

    /**
     * What keeps the part from leaving: a mask still on, or a face nobody has signed bare.
     *
     * @return list<string>
     */
    public static function open(Part $part): array
    {
        $open = [];
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings as $fitting) {
                if (! $fitting->isOff()) {
                    $open[] =
                        "{$part->name}, pin {$pin->number} ({$pin->kind->label()}): {$fitting->fitted} masks on, ".
                        ($fitting->removed === null ? 'none counted off yet.' : "{$fitting->removed} counted off.");
                }
            }
            if ($pin->must_stay_bare && $pin->bare_signed_by === null) {
                $open[] = "{$part->name}, pin {$pin->number} ({$pin->kind->label()}) must be bare metal, and nobody "
                    .'has signed that it is.';
            }
        }

        return $open;
    }
}
