<?php

declare(strict_types=1);

namespace App\Inspection\Commands;

use Aenum\Core\Inspection\InspectionCheckKind;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\User;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\InspectionCheck;
use App\Inspection\Queries\ChecklistLine;
use App\Inspection\Queries\FilmStack;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Routing\Commands\CompleteStep;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** The checklist of a batch: visual checks, film, rub test, and open defects. */
final readonly class InspectionChecklist
{
    /**
     * @param  list<ChecklistLine>  $lines
     * @param  Collection<int, Defect>  $defects  of these pieces
     * @param  Collection<int, Inspection>  $found  on the coat on top, the latest first
     */
    private function __construct(
        public RoutingProgress $walk,
        public array $lines,
        public Collection $defects,
        public ?FilmStack $stack,
        public Collection $found,
    ) {
    }

    /** What of a part is read for it. */
    public const OF_PART = [
        'batches.checks.user', 'defects.user', 'defects.reworks.user', 'defects.pin', 'defects.coat.powder',
    ];

    public static function of(RoutingProgress $walk): self
    {
        $batch = $walk->batch;
        $past = BatchHistory::of($batch);
        $batch->part->loadMissing(self::OF_PART);
        $mine = $batch->part->defects->toBase()->filter(fn (Defect $one): bool => $past->any($one->batch_id, $one->at));
        $stack = FilmStack::of($walk);
        $found = $stack === null ? collect() : $stack->top->loadMissing('inspections.user')->inspections->toBase()
            ->filter(fn (Inspection $one): bool => $past->any($one->batch_id, $one->at) && $one->stands());

        return new self($walk, self::list($walk, $past), $mine->values(), $stack, $found->values());
    }

    /** @return list<ChecklistLine> at a station */
    public function at(Station $station): array
    {
        return array_values(array_filter(
            $this->lines,
            fn (ChecklistLine $line): bool => $line->what->station() === $station,
        ));
    }

    /** @return list<ChecklistLine> at a station, not done yet, and ticked without a name */
    public function unnamed(Station $station): array
    {
        return array_values(array_filter(
            $this->at($station),
            fn (ChecklistLine $line): bool => ! $line->isDone() && ! $line->wantsName(),
        ));
    }

    /** @return Collection<int, Defect> */
    public function open(): Collection
    {
        return $this->defects->filter(fn (Defect $one): bool => $one->isOpen())->values();
    }

    /** The latest of a kind on the coat on top; null where there is none. */
    public function latest(string $kind): ?Inspection
    {
        return $this->found->firstWhere('kind', $kind);
    }

    /**
     * Film as it was read on the coat below, before the one on top went on; null where it was not, or where that coat
     * was sanded since.
     */
    public function belowFilm(): ?Inspection
    {
        $below = $this->stack?->below();
        if ($below === null || $this->stack?->top->rework_id !== null) {
            return null;
        }
        $past = BatchHistory::of($this->walk->batch);

        return $below->loadMissing('inspections.user')->inspections->first(
            fn (Inspection $one): bool => $one->kind === 'film' && $one->stands() && $past->any(
                $one->batch_id,
                $one->at,
            ),
        );
    }

    /** Whether a rub is asked of the coat on top. */
    public function asksRub(): bool
    {
        return $this->stack !== null && $this->stack->top->bakeTo() === BakeTo::Full
            && $this->stack->top->powder->solvent_proof;
    }

    /** Whether there is a film to measure, or is to be one. */
    public function asksFilm(): bool
    {
        return $this->walk->coats->on()->isNotEmpty();
    }

    /** A film outside its band that no fault answers for. */
    public function filmUnanswered(): bool
    {
        $film = $this->latest('film');

        return $film !== null && $film->failed()
            && ! $this->defects->contains(fn (Defect $one): bool => $one->at->gte($film->at));
    }

    /** @return list<string> what is still to do before it is inspected */
    public function left(): array
    {
        $unticked = count(array_filter(
            $this->at(Station::Inspect),
            fn (ChecklistLine $line): bool => ! $line->isDone(),
        ));
        $open = $this->open()->count();

        return array_values(array_filter([
            $unticked === 0 ? null : ($unticked === 1 ? 'one look is not ticked' : "{$unticked} looks are not ticked"),
            $this->asksFilm() && $this->latest('film') === null ? 'film is not measured' : null,
            $this->filmUnanswered() ? 'film is outside its band: measure again, or pin it as a fault' : null,
            $this->asksRub() && $this->latest('solvent_rub') === null ? 'no rub' : null,
            $open === 0 ? null : ($open === 1 ? 'one fault is open' : "{$open} faults are open"),
        ]));
    }

    /** Ticks the step where nothing is left of it. */
    public static function close(Batch $batch, User $by): void
    {
        $walk = RoutingProgress::of(Batch::query()->findOrFail($batch->id));
        $isDone = $batch->station === Station::Inspect && $walk->coats->on()->every(
            fn (Coat $coat): bool => $walk->standings[$coat->position]->closesBake(),
        );
        if ($isDone && self::of($walk)->left() === []) {
            CompleteStep::logged($batch, $by, null, StepKind::Inspect);
        }
    }

    /** Something was looked at, and nothing was found. */
    public static function tick(Batch $batch, InspectionCheckKind $what, ?Pin $pin, ?string $signedBy, User $by): void
    {
        $known = InspectionCheck::query()->where('batch_id', $batch->id)->where('what', $what->value)
            ->where('pin_id', $pin?->id)->whereNull('withdrawn_at');
        if (! $known->exists()) {
            InspectionCheck::query()->create([
                'batch_id' => $batch->id, 'what' => $what->value, 'pin_id' => $pin?->id, 'signed_by' => $signedBy,
                'user_id' => $by->id, 'at' => ShopClock::now(),
            ]);
        }
        self::close($batch, $by);
    }

    /** @return list<ChecklistLine> */
    private static function list(RoutingProgress $walk, BatchHistory $past): array
    {
        $batch = $walk->batch;
        $since = collect($walk->coats->reworks)->max('at');
        $looks = $batch->part->batches->toBase()->flatMap(fn (Batch $one): array => $one->checks->all())->sortBy('id')
            ->filter(
                fn (InspectionCheck $one): bool => $past->any($one->batch_id, $one->at)
                    && ($since === null || $one->at->gte($since)),
            );
        $looked = fn (InspectionCheckKind $what, ?int $pin): ?InspectionCheck => $looks->last(
            fn (InspectionCheck $one): bool => $one->what === $what->value && $one->pin_id === $pin,
        );
        $lines = [];
        foreach (InspectionCheckKind::cases() as $what) {
            if ($what->isAskedOf($walk->route->facts)) {
                $lines[] = new ChecklistLine($what, null, $looked($what, null));
            }
            $pins = $batch->part->pins->filter(fn (Pin $pin): bool => in_array($pin->kind, $what->pins(), true)
                || ($what === InspectionCheckKind::Bare && $pin->must_stay_bare));
            foreach ($pins->sortBy('number') as $pin) {
                $lines[] = new ChecklistLine($what, $pin, $looked($what, $pin->id));
            }
        }

        return $lines;
    }
}
