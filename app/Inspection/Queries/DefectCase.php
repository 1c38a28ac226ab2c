<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Inspection\DefectCatalog;
use Aenum\Core\Inspection\DefectKind;
use Aenum\Core\Inspection\Diagnosis;
use Aenum\Core\Inspection\Evidence;
use Aenum\Core\Inspection\FilmLayer;
use Aenum\Core\Inspection\Rework;
use Aenum\Core\Inspection\ReworkCase;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\Shop;
use App\Application\Models\Spraying;
use App\Inspection\Models\Defect;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Cache\RequestMemo;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\ReadFacts;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** A defect with its likely causes, what would tell them apart, and each way of rework. */
readonly class DefectCase
{
    /**
     * @param  list<Evidence>  $unknown  that bears on it and the record does not hold
     * @param  list<Rework>  $ways  empty where its pieces have left, or nothing of a film is on them
     */
    final protected function __construct(
        public Defect $defect,
        public RoutingProgress $walk,
        public Diagnosis $diagnosis,
        public array $unknown,
        public array $ways,
    ) {
    }

    public static function of(Defect $defect): static
    {
        $walk = RoutingProgress::of($defect->batch);
        $coat = $walk->coats->every->firstWhere('id', $defect->coat_id);
        $coat === null ?: $defect->setRelation('coat', $coat);
        $record = DefectEvidence::of($defect);
        $unknown = array_filter(
            DefectCatalog::asks($defect->kind),
            fn (Evidence $one): bool => ! isset($record[$one->value]) && ! $one->isOnlyFor(),
        );
        $case = $defect->batch->isOpen() && $defect->kind->isFault() ? self::case($defect, $walk) : null;

        return new static(
            $defect,
            $walk,
            Diagnosis::of($defect->kind, $record, self::confirmed($defect->kind)),
            array_values($unknown),
            $case === null ? [] : Rework::all($case, $walk->coats->every->count()),
        );
    }

    /** @return array<string, int> cause => how often it was confirmed of this kind */
    public static function confirmed(DefectKind $kind): array
    {
        return RequestMemo::once("confirmed {$kind->value}", function () use ($kind): array {
            $defects = Defect::standing();
            $defects->where('kind', $kind)->whereNotNull('cause')->groupBy('cause');

            return $defects->toBase()->selectRaw('cause, COUNT(*) as times')->pluck('times', 'cause')
                ->map(fn (mixed $times): int => (int) $times)->all();
        });
    }

    /**
     * Lots its pieces may lie in, where they were parted since and nothing is decided; else none.
     *
     * @return Collection<int, Batch>
     */
    public function mayLieOn(): Collection
    {
        $defect = $this->defect;
        $batches = $defect->reworks->isNotEmpty() || ! $defect->isOpen()
            ? collect()
            : $defect->batch->part->batches->toBase()
                ->filter(fn (Batch $one): bool => $one->isOpen() && $one->count >= $defect->pieces
                    && BatchHistory::of($one)->any($defect->batch_id, $defect->at));

        return $batches->count() > 1 ? $batches->values() : collect();
    }

    /** The rework is done as far as the route asks; the cause is asked for, and the defect is closed. */
    public function isMended(): bool
    {
        return self::isDone($this->walk);
    }

    /** Whether nothing of a lot's route is open before it is looked at again. */
    public static function isDone(RoutingProgress $walk): bool
    {
        foreach ($walk->walk->undone() as $n) {
            $kind = $walk->walk->steps[$n]->kind;
            if ($kind !== StepKind::Inspect && ! $kind->station()->isAfter(StepKind::Inspect->station())) {
                return false;
            }
        }

        return true;
    }

    /**
     * What went through the shop with the same powder lot, and may have it too: hanging still, or gone.
     *
     * @return Collection<int, Batch>
     */
    public function alike(): Collection
    {
        $own = $this->defect->coat === null ? null : DefectEvidence::sprayed($this->defect->coat, $this->defect->batch);
        if ($own?->powder_lot_id === null) {
            return collect();
        }
        $sprayings = Spraying::done()->with(['batch.part.job.customer', 'batch.part.batches'])
            ->where('powder_lot_id', $own->powder_lot_id)->where('part_id', '!=', $this->defect->part_id)
            ->orderByDesc('id')->limit(40);

        return $sprayings->get()->toBase()->map(fn (Spraying $one): Batch => $one->batch)->unique('id')->values();
    }

    protected static function case(Defect $defect, RoutingProgress $walk): ?ReworkCase
    {
        $part = $defect->part;
        $planned = ReadFacts::asPlanned($part, $defect->batch)->facts;
        $stack = FilmStack::of($walk, $defect->coat?->zone);
        if ($stack === null || $planned->coats === []) {
            return null;
        }
        $pieces = min($defect->pieces, $defect->batch->count);
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
            $defect->kind,
            $planned->of($walk->route->facts->part->many($pieces), $walk->route->facts->coats),
            array_values($layers->all()),
            $planned->coats,
            array_values($part->coats->map(fn (Coat $coat): array => [
                'sg' => $coat->powder->density(), 'price' => $coat->powder->price_kg,
            ])->all()),
            $film?->film()?->mean,
            $defect->to_metal,
            Shop::current()->ambient_c,
            Shop::current()->prices(),
            $top->goesBackIn() || in_array($defect->kind, [DefectKind::Crazing, DefectKind::SoftFilm], true),
        );
    }
}
