<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use Aenum\Core\Advice\MaskHeat;
use Aenum\Core\Preparation\Masking\MaskKind;
use Aenum\Core\Preparation\Masking\MaskPick;
use Aenum\Core\Units\Message;
use App\Catalog\Models\Mask;
use App\Intake\Models\Batch;
use App\Intake\Models\Pin;
use App\Platform\Errors\Refused;
use App\Preparation\Models\MaskApplication;
use App\Routing\Queries\PartRoute;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;

/** Masks of a part by pin: to apply, applied, removed. */
final readonly class PartMasks
{
    /**
     * @param  Collection<int, Pin>  $pins  those that are masked
     * @param  array<int, MaskPick>  $picks  by pin id
     */
    private function __construct(
        public Batch $batch,
        public Collection $pins,
        public array $picks,
        public MaskHeat $heat,
    ) {
    }

    public static function of(Batch $batch, ?PartRoute $route = null): self
    {
        $part = $batch->part;
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
                $batch->count,
                $heat->at($pin->kind),
                $shelf,
            );
        }

        return new self($batch, $pins, $picks, $heat);
    }

    /** Masks all pieces need at a pin. */
    public function needed(Pin $pin): int
    {
        return $pin->places * $this->batch->count;
    }

    public function on(Pin $pin): ?MaskApplication
    {
        return $pin->fittings->where('batch_id', $this->batch->id)->sortBy('id')->last();
    }

    public function minutes(): float
    {
        return array_sum(array_map(fn (MaskPick $pick): float => $pick->minutes, $this->picks));
    }

    public function tapeM(): float
    {
        return array_sum(array_map(fn (MaskPick $pick): float => $pick->tapeM, $this->picks));
    }

    /** @return list<Message> what is to be cut */
    public function cutList(): array
    {
        return array_values(array_filter(array_map(fn (MaskPick $pick): ?Message => $pick->cut, $this->picks)));
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
    public static function anyOn(Batch $batch): bool
    {
        return self::fittedOn($batch)->contains(fn (MaskApplication $fitting): bool => ! $fitting->isOff());
    }

    /**
     * Every mask that went on a lot, also at a pin that has been withdrawn since: it has to come off all the same.
     *
     * @return Collection<int, MaskApplication> by pin number
     */
    public static function fittedOn(Batch $batch): Collection
    {
        return MaskApplication::query()->where(
            'batch_id',
            $batch->id,
        )->whereNull('withdrawn_at')->with(['pin', 'mask'])->get()
            ->sortBy('pin.number')->values()->toBase();
    }

    /**
     * Locks the masks on the shelf until the transaction ends.
     *
     * @throws Refused where fewer are left than are to go on; tape is kept by its length and not counted
     */
    public static function mustBeOnShelf(int $mask, int $wanted): void
    {
        $held = Mask::query()->lockForUpdate()->find($mask);
        if ($held === null || $held->kind === MaskKind::Tape) {
            return;
        }
        $on = (int) MaskApplication::query()->toBase()->where('mask_id', $mask)->whereNull('withdrawn_at')
            ->join('batches', 'batches.id', '=', 'batch_id')->where('batches.status', 'open')
            ->sum(DB::raw('fitted - COALESCE(removed, 0)'));
        $left = max(0, $held->held - $on);
        if ($wanted > $left) {
            throw Refused::because(['fitted' => "Fitted is {$wanted}; allowed: up to {$left}, as many "
                ."{$held->name} as are left of {$held->held}. Count the shelf if there are more."]);
        }
    }

    /**
     * What keeps a lot from leaving: a mask still on.
     *
     * @return list<string>
     */
    public static function open(Batch $batch): array
    {
        $open = [];
        foreach (self::fittedOn($batch) as $fitting) {
            $pin = $fitting->pin;
            if (! $fitting->isOff()) {
                $where = "{$batch->part->name}, pin {$pin->number} ({$pin->kind->label()})";
                $off = $fitting->removed === null ? 'none counted off yet' : "{$fitting->removed} counted off";
                $open[] = "{$where}: {$fitting->fitted} masks on, {$off}.";
            }
        }

        return $open;
    }
}
