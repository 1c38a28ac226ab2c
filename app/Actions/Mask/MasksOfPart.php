<?php

declare(strict_types=1);

namespace App\Actions\Mask;

use Aenum\Core\Bench\MaskHeat;
use Aenum\Core\Mask\MaskPick;
use Aenum\Core\Unit\Said;
use App\Actions\Route\PartRoute;
use App\Models\Fitting;
use App\Models\Lot;
use App\Models\Mask;
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
        public Lot $lot,
        public Collection $pins,
        public array $picks,
        public MaskHeat $heat,
    ) {
    }

    public static function of(Lot $lot, ?PartRoute $route = null): self
    {
        $part = $lot->part;
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
                $lot->count,
                $heat->at($pin->kind),
                $shelf,
            );
        }

        return new self($lot, $pins, $picks, $heat);
    }

    /** Masks all pieces need at a pin. */
    public function needed(Pin $pin): int
    {
        return $pin->places * $this->lot->count;
    }

    public function on(Pin $pin): ?Fitting
    {
        return $pin->fittings->where('lot_id', $this->lot->id)->sortBy('id')->last();
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
     * Whether masks are on at every pin of these.
     *
     * @param  callable(Pin): bool  $is
     */
    public function allOn(callable $is): bool
    {
        $pins = $this->pins->filter($is);

        return $pins->isNotEmpty() && $pins->every(fn (Pin $pin): bool => $this->on($pin) !== null);
    }

    /** Whether any mask is still on a lot. */
    public static function anyOn(Lot $lot): bool
    {
        return Fitting::query()->where('lot_id', $lot->id)->whereNull('withdrawn_at')->get()
            ->contains(fn (Fitting $fitting): bool => ! $fitting->isOff());
    }

    /**
     * What keeps a lot from leaving: a mask still on.
     *
     * @return list<string>
     */
    public static function open(Lot $lot): array
    {
        $open = [];
        $part = $lot->part->loadMissing('pins.fittings.mask');
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings->where('lot_id', $lot->id) as $fitting) {
                if (! $fitting->isOff()) {
                    $open[] =
                        "{$part->name}, pin {$pin->number} ({$pin->kind->label()}): {$fitting->fitted} masks on, ".
                        ($fitting->removed === null ? 'none counted off yet.' : "{$fitting->removed} counted off.");
                }
            }
        }

        return $open;
    }
}
