<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Inspect\LookKind;
use Aenum\Core\Word\BakeTo;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Log\LotPast;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\TickStep;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Inspection;
use App\Models\LookedAt;
use App\Models\Lot;
use App\Models\Pin;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Collection;

/** What is to be looked at on a lot and what was: the list, the film, the rub, and faults nobody has settled. */
final readonly class LookedOver
{
    /**
     * @param  list<LookLine>  $lines
     * @param  Collection<int, Fault>  $faults  of these pieces
     * @param  Collection<int, Inspection>  $found  on the coat on top, the latest first
     */
    private function __construct(
        public LotWalk $walk,
        public array $lines,
        public Collection $faults,
        public ?Stack $stack,
        public Collection $found,
    ) {
    }

    public static function of(LotWalk $walk): self
    {
        $lot = $walk->lot;
        $past = LotPast::of($lot);
        $faults = Fault::standing()->with(['user', 'reworks.user', 'pin', 'coat.powder']);
        $faults->where('part_id', $lot->part_id)->orderBy('id');
        $mine = $faults->get()->toBase()->filter(fn (Fault $one): bool => $past->any($one->lot_id, $one->at));
        $stack = Stack::of($walk);
        $found = $stack === null ? collect() : $stack->top->loadMissing('inspections.user')->inspections->toBase()
            ->filter(fn (Inspection $one): bool => $past->any($one->lot_id, $one->at) && $one->stands());

        return new self($walk, self::list($walk, $past), $mine->values(), $stack, $found->values());
    }

    /** @return list<LookLine> at a station */
    public function at(Station $station): array
    {
        return array_values(array_filter(
            $this->lines,
            fn (LookLine $line): bool => $line->what->station() === $station,
        ));
    }

    /** @return list<LookLine> at a station, not done yet, and ticked without a name */
    public function unnamed(Station $station): array
    {
        return array_values(array_filter(
            $this->at($station),
            fn (LookLine $line): bool => ! $line->isDone() && ! $line->wantsName(),
        ));
    }

    /** @return Collection<int, Fault> */
    public function open(): Collection
    {
        return $this->faults->filter(fn (Fault $one): bool => $one->isOpen())->values();
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
        $past = LotPast::of($this->walk->lot);

        return $below->loadMissing('inspections.user')->inspections->first(
            fn (Inspection $one): bool => $one->kind === 'film' && $one->stands() && $past->any($one->lot_id, $one->at),
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
            && ! $this->faults->contains(fn (Fault $one): bool => $one->at->gte($film->at));
    }

    /** @return list<string> what is still to do before it is inspected */
    public function left(): array
    {
        $unticked = count(array_filter(
            $this->at(Station::Inspect),
            fn (LookLine $line): bool => ! $line->isDone(),
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
    public static function close(Lot $lot, User $by): void
    {
        $walk = LotWalk::of(Lot::query()->findOrFail($lot->id));
        $isDone = $lot->station === Station::Inspect && $walk->coats->on()->every(
            fn (Coat $coat): bool => $walk->standings[$coat->position]->closesBake(),
        );
        if ($isDone && self::of($walk)->left() === []) {
            TickStep::logged($lot, $by, null, StepKind::Inspect);
        }
    }

    /** Something was looked at, and nothing was found. */
    public static function tick(Lot $lot, LookKind $what, ?Pin $pin, ?string $signedBy, User $by): void
    {
        $known = LookedAt::query()->where('lot_id', $lot->id)->where('what', $what->value)
            ->where('pin_id', $pin?->id)->whereNull('withdrawn_at');
        if (! $known->exists()) {
            LookedAt::query()->create([
                'lot_id' => $lot->id, 'what' => $what->value, 'pin_id' => $pin?->id, 'signed_by' => $signedBy,
                'user_id' => $by->id, 'at' => ShopClock::now(),
            ]);
        }
        self::close($lot, $by);
    }

    /** @return list<LookLine> */
    private static function list(LotWalk $walk, LotPast $past): array
    {
        $lot = $walk->lot;
        $since = collect($walk->coats->reworks)->max('at');
        $looks = LookedAt::query()->with('user')->whereIn('lot_id', $lot->part->lots->pluck('id'))
            ->whereNull('withdrawn_at')->orderBy('id')->get()->toBase()->filter(
                fn (LookedAt $one): bool => $past->any($one->lot_id, $one->at)
                    && ($since === null || $one->at->gte($since)),
            );
        $looked = fn (LookKind $what, ?int $pin): ?LookedAt => $looks->last(
            fn (LookedAt $one): bool => $one->what === $what->value && $one->pin_id === $pin,
        );
        $lines = [];
        foreach (LookKind::cases() as $what) {
            if ($what->isAskedOf($walk->route->facts)) {
                $lines[] = new LookLine($what, null, $looked($what, null));
            }
            $pins = $lot->part->pins->filter(fn (Pin $pin): bool => in_array($pin->kind, $what->pins(), true)
                || ($what === LookKind::Bare && $pin->must_stay_bare));
            foreach ($pins->sortBy('number') as $pin) {
                $lines[] = new LookLine($what, $pin, $looked($what, $pin->id));
            }
        }

        return $lines;
    }
}
