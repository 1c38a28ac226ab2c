<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\Diagnosis;
use Aenum\Core\Inspect\Evidence;
use Aenum\Core\Inspect\FaultCatalogue;
use Aenum\Core\Inspect\FaultCause;
use Aenum\Core\Inspect\FaultKind;
use Aenum\Core\Inspect\FilmLayer;
use Aenum\Core\Inspect\Rework;
use Aenum\Core\Inspect\ReworkCase;
use Aenum\Core\Route\RouteTimes;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Word\StepKind;
use App\Actions\Log\LotPast;
use App\Actions\Lot\LotWalk;
use App\Actions\Route\ReadFacts;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Lot;
use App\Models\Shop;
use App\Models\Spraying;
use App\Support\ShopClock;
use App\Support\ThisRequest;
use App\Support\Units;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;

/** A fault as the shop decides on it: why it is there, what would settle that, and each way of mending it. */
final readonly class FaultBoard
{
    /**
     * @param  list<Evidence>  $unknown  that bears on it and the record does not hold
     * @param  list<Rework>  $ways  empty where its pieces have left, or nothing of a film is on them
     */
    private function __construct(
        public Fault $fault,
        public LotWalk $walk,
        public Diagnosis $diagnosis,
        public array $unknown,
        public array $ways,
    ) {
    }

    public static function of(Fault $fault): self
    {
        $walk = LotWalk::of($fault->lot);
        $record = RecordOfFault::of($fault);
        $unknown = array_filter(
            FaultCatalogue::asks($fault->kind),
            fn (Evidence $one): bool => ! isset($record[$one->value]) && ! $one->isOnlyFor(),
        );
        $case = $fault->lot->isOpen() && $fault->kind->isFault() ? self::case($fault, $walk) : null;

        return new self(
            $fault,
            $walk,
            Diagnosis::of($fault->kind, $record, self::confirmed($fault->kind)),
            array_values($unknown),
            $case === null ? [] : Rework::all($case, $walk->coats->every->count()),
        );
    }

    /** How it looks, how large it is and where, in a sentence. */
    public function looks(): string
    {
        $fault = $this->fault;
        $size = $fault->size_mm === null
            ? null
            : Units::current()->show(Dimension::Length, $fault->size_mm).' across';
        $all = [ucfirst($fault->kind->looks()), $size, $fault->pin?->words(), $fault->note];

        return implode('; ', array_filter($all)).'.';
    }

    /** @return array<string, int> cause => how often it was confirmed of this kind */
    public static function confirmed(FaultKind $kind): array
    {
        return ThisRequest::once("confirmed {$kind->value}", function () use ($kind): array {
            $faults = Fault::standing();
            $faults->where('kind', $kind)->whereNotNull('cause')->groupBy('cause');

            return $faults->toBase()->selectRaw('cause, COUNT(*) as times')->pluck('times', 'cause')
                ->map(fn (mixed $times): int => (int) $times)->all();
        });
    }

    /**
     * Lots its pieces may lie in, where they were parted since and nothing is decided; else none.
     *
     * @return Collection<int, Lot>
     */
    public function mayLieOn(): Collection
    {
        $fault = $this->fault;
        $lots = $fault->reworks->isNotEmpty() || ! $fault->isOpen() ? collect() : $fault->lot->part->lots->toBase()
            ->filter(fn (Lot $one): bool => $one->isOpen() && $one->count >= $fault->pieces
                && LotPast::of($one)->any($fault->lot_id, $fault->at));

        return $lots->count() > 1 ? $lots->values() : collect();
    }

    /** Its pieces are mended as far as the route asks: what it was from is asked, and it is closed. */
    public function isMended(): bool
    {
        return self::isDone($this->walk);
    }

    /** Whether nothing of a lot's route is open before it is looked at again. */
    public static function isDone(LotWalk $walk): bool
    {
        foreach ($walk->walk->undone() as $n) {
            $kind = $walk->walk->steps[$n]->kind;
            if ($kind !== StepKind::Inspect && ! $kind->station()->isAfter(StepKind::Inspect->station())) {
                return false;
            }
        }

        return true;
    }

    /** The day it is ready at the earliest, by hands and waits alone. */
    public function readyOn(Rework $way): CarbonImmutable
    {
        $days = (int) ceil(($way->minutes + $way->waitMinutes) / RouteTimes::DAY_MIN);

        return ShopClock::today()->addDays(max(0, $days - 1));
    }

    /** Whether it keeps the date; null where none is set. */
    public function keepsDate(Rework $way): ?bool
    {
        $due = $this->fault->part->job->due_on;

        return $due === null ? null : $this->readyOn($way)->lte($due);
    }

    /**
     * What went through the shop with the same powder lot, and may have it too: hanging still, or gone.
     *
     * @return Collection<int, Lot>
     */
    public function alike(): Collection
    {
        $own = $this->fault->coat === null ? null : RecordOfFault::sprayed($this->fault->coat, $this->fault->lot);
        if ($own?->powder_lot_id === null) {
            return collect();
        }
        $sprayings = Spraying::done()->with(['lot.part.job.customer', 'lot.part.lots'])
            ->where('powder_lot_id', $own->powder_lot_id)->where('part_id', '!=', $this->fault->part_id)
            ->orderByDesc('id')->limit(40);

        return $sprayings->get()->toBase()->map(fn (Spraying $one): Lot => $one->lot)->unique('id')->values();
    }

    /** @return array<string, string> causes as a list offers them, the likeliest first */
    public function causeNames(): array
    {
        $names = [];
        foreach ($this->diagnosis->causes as $one) {
            $names[$one->cause->value] = $one->cause->label();
        }
        foreach (FaultCause::cases() as $cause) {
            $names[$cause->value] ??= $cause->label();
        }

        return $names;
    }

    private static function case(Fault $fault, LotWalk $walk): ?ReworkCase
    {
        $part = $fault->part;
        $planned = ReadFacts::asPlanned($part, $fault->lot)->facts;
        $stack = Stack::of($walk, $fault->coat?->zone);
        if ($stack === null || $planned->coats === []) {
            return null;
        }
        $pieces = min($fault->pieces, $fault->lot->count);
        $layers = $stack->coats->map(fn (Coat $coat): FilmLayer => new FilmLayer(
            "{$coat->role} {$coat->powder->name}",
            $coat->powder->sheet(),
            $walk->standings[$coat->position]->dose,
            $walk->standings[$coat->position]->overbake,
            $coat->powder->film_min_um,
            $coat->powder->film_max_um,
        ));
        $film = $stack->top->inspections->first(fn ($one): bool => $one->kind === 'film' && $one->stands());
        $top = $walk->standings[$stack->top->position];

        return new ReworkCase(
            $fault->kind,
            $planned->of($walk->route->facts->part->many($pieces), $walk->route->facts->coats),
            array_values($layers->all()),
            $planned->coats,
            array_values($part->coats->map(fn (Coat $coat): array => [
                'sg' => $coat->powder->density(), 'price' => $coat->powder->price_kg,
            ])->all()),
            $film?->film()?->mean,
            $fault->to_metal,
            Shop::current()->ambient_c,
            Shop::current()->prices(),
            $top->goesBackIn() || in_array($fault->kind, [FaultKind::Crazing, FaultKind::SoftFilm], true),
        );
    }
}
