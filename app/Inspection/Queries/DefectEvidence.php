<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Application\PreOven;
use Aenum\Core\Application\Recess;
use Aenum\Core\Inspection\DefectCatalog;
use Aenum\Core\Inspection\Evidence;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Preparation\Racking\HookSize;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;
use App\Application\Queries\ColorChanges;
use App\Curing\Models\OvenResult;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Pin;
use App\Preparation\Models\MaskApplication;
use App\Preparation\Queries\HookUse;
use App\Routing\Models\BatchEvent;
use App\Routing\Models\LogLine;
use App\Routing\Models\StepTimer;
use App\Routing\Queries\BatchCoats;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Support\Collection;

/** Evidence for a defect from the records of its job, by the core's names; unknown evidence is left out. */
final readonly class DefectEvidence
{
    /** Other jobs with the same fault are looked for so far back. House figure. */
    private const LOOK_BACK_DAYS = 365;

    private RoutingProgress $walk;

    private const SPRAYINGS = [
        'sprayings.zones', 'sprayings.checks', 'sprayings.powderLot', 'sprayings.gun', 'sprayings.user',
    ];

    private BatchHistory $past;

    private ?Coat $coat;

    private ?Spraying $spraying;

    private function __construct(private Defect $defect)
    {
        $this->walk = RoutingProgress::of($defect->batch);
        $this->past = BatchHistory::of($defect->batch);
        $this->coat = $defect->coat ?? $this->walk->coats->on()->last();
        $this->spraying = $this->coat === null ? null : self::sprayed($this->coat, $defect->batch);
    }

    /** @return array<string, bool|float> */
    public static function of(Defect $defect): array
    {
        $record = new self($defect);
        $asked = array_map(fn (Evidence $one): string => $one->value, DefectCatalog::asks($defect->kind));
        $shown = array_filter([
            ...$record->preparation(),
            ...$record->atTheGun(),
            ...$record->recess(),
            ...$record->oven(),
            ...$record->handling(),
            ...$record->elsewhere(),
        ], fn (mixed $one): bool => $one !== null);

        return array_intersect_key($shown, array_flip($asked));
    }

    /** The spraying that laid a coat on a lot's pieces; null where none is on record. */
    public static function sprayed(Coat $coat, Batch $batch): ?Spraying
    {
        $past = BatchHistory::of($batch);

        return $batch->part->loadMissing(self::SPRAYINGS)->sprayings->where('coat_id', $coat->id)->sortByDesc('id')
            ->first(fn (Spraying $one): bool => $past->any($one->batch_id, $one->at));
    }

    /** @return array<string, bool|float|null> */
    private function preparation(): array
    {
        $facts = $this->walk->route->facts;
        $part = $facts->part;
        $edges = $part->has(Feature::SharpEdges) ? $this->done(StepKind::BreakEdges) ?? false : null;

        return [
            'degreased' => $this->done(StepKind::Degrease) ?? ($part->isGreasy() ? false : null),
            'blasted' => $this->done(StepKind::Blast, StepKind::SweepBlast, StepKind::HandAbrade) ?? false,
            'baked_out' => $this->done(StepKind::BakeOut) ?? ($part->gasses() ? false : null),
            'metal_gasses' => $part->gasses(),
            'rinsed' => $this->done(StepKind::Rinse),
            'dried' => $this->done(StepKind::DryOff),
            'blown_out' => $this->done(StepKind::BlowOut),
            'has_seams' => $part->has(Feature::Seams),
            'plated' => $part->carries(ArrivalCondition::Plating),
            'was_rusty' => $part->carries(ArrivalCondition::Rust),
            'edges_broken' => $edges,
            'oily_media' => $this->oilyMedia(),
            'bare_over_min' => $this->overTime(fn (StepTimer $one): bool => $one->isBareSteel()),
            'bath_over_min' => $this->overTime(
                fn (StepTimer $one): bool => str_contains($one->step, StepKind::Phosphate->value),
            ),
        ];
    }

    /** @return array<string, bool|float|null> */
    private function atTheGun(): array
    {
        $spraying = $this->spraying;
        $powder = $this->coat?->powder;
        $place = $this->coat === null ? 0 : $this->walk->coats->place($this->coat);
        $shown = [
            'is_recoat' => $this->coat === null ? null : $place > 0,
            'cured_under_abraded' => $this->done(StepKind::Abrade),
            'bonded' => $powder?->bonded,
            'panel_signed' => $powder === null || ! $powder->effect()->asksPanel() ? null : $powder->isTried(),
            'clear_allowed' => $this->clearAllowed(),
            'one_lot' => $this->isOneLot(),
        ];
        if ($spraying === null) {
            return $shown;
        }
        $batch = $spraying->powderLot;

        return $shown + [
            'ground_measured' => $spraying->ohm !== null,
            'ground_ohm' => $spraying->ohm,
            'charge_index' => $spraying->charge_index,
            'away_mm' => $spraying->zones->min('gun_distance_mm'),
            'humidity_pct' => $spraying->humidity_pct,
            'part_c' => $spraying->part_c,
            'past_date' => $batch?->best_before_on === null ? null : $batch->best_before_on->lt($spraying->at),
            'even_hand' => self::wasTicked($spraying) ? $spraying->passesLeft() === 0 : null,
            'booth_cleaned' => $this->boothCleaned($spraying),
            'hooks_clean' => ! HookSize::wantsCleaning(HookUse::of($this->defect->part)->bakes),
            'wiped' => $this->ticked($spraying, PreOven::Wiped, $this->defect->pin),
            'clip_moved' => $this->ticked($spraying, PreOven::ClipMark, null),
        ];
    }

    /** @return array<string, bool|float|null> */
    private function recess(): array
    {
        $zones = $this->spraying?->zones->filter(fn (SprayingZone $one): bool => str_starts_with($one->zone, 'pin-'));
        $own = $this->defect->pin === null
            ? null
            : $zones?->firstWhere('zone', "pin-{$this->defect->pin->number}");
        $zone = $own ?? $zones?->sortByDesc('kv')->first();
        $pin = $zone === null ? null : $this->defect->part->pins->first(
            fn (Pin $one): bool => "pin-{$one->number}" === $zone->zone && $one->kind === PinKind::Recess,
        );
        $deep = $pin !== null && $pin->size_mm !== null && $pin->depth_mm !== null;

        return $zone === null || $this->spraying === null ? [] : [
            'recess_kv' => $zone->kv,
            'recess_first' => self::wasTicked($this->spraying) ? $zone->ticked_at !== null : null,
            'recess_ratio' => $deep
                ? Recess::slot(Recess::electricShare($zone->kv, $zone->air), $pin->size_mm, $pin->depth_mm)
                : null,
        ];
    }

    /** @return array<string, bool|float|null> */
    private function oven(): array
    {
        if ($this->coat === null) {
            return [];
        }
        $standing = $this->walk->standings[$this->coat->position] ?? null;
        $mine = fn (OvenResult $one): bool => $one->fresh && $this->past->any($one->batch_id, $one->at);
        $last = $this->coat->loadMissing('results.ovenLoad.oven')->results->filter($mine)->sortBy('id')->last();
        $film = $this->found('film');
        $nominal = $film === null
            ? null
            : $film->nominal_um ?? ((float) $film->band_from_um + (float) $film->band_to_um) / 2;

        return [
            'dose' => $standing?->isBaked() === true ? $standing->dose : null,
            'overbake' => $standing?->overbake,
            'heat_up_min' => $last?->reaches_minutes,
            'gas_fired' => $last?->ovenLoad->oven->heat === null
                ? null
                : str_starts_with($last->ovenLoad->oven->heat, 'gas'),
            'rub_rating' => $this->found('solvent_rub')?->rating,
            'film_share' => $film === null || ! $nominal ? null : (float) $film->film()?->mean / $nominal,
        ];
    }

    /** @return array<string, bool|float|null> */
    private function handling(): array
    {
        $part = $this->defect->part;
        $fittings = $part->loadMissing('pins.fittings')->pins->toBase()->flatMap(
            fn (Pin $one): Collection => $one->fittings->toBase(),
        );
        $mine = $fittings->where('batch_id', $this->defect->batch_id);
        $pin = $this->defect->pin;

        return [
            'masks_counted' => $mine->isEmpty() ? null : $mine->every(fn (MaskApplication $one): bool => $one->isOff()),
            'masked' => $pin === null || ! $pin->kind->isMasked() ? null : $fittings->contains('pin_id', $pin->id),
            'handled_hot' => $this->handledHot(),
            'agreed' => $part->pins->contains('kind', PinKind::Damage) || $part->job->notes !== null
                || $part->signatures->isNotEmpty(),
        ];
    }

    /** @return array<string, float|null> other jobs with the same fault, and what they have in common with this one */
    private function elsewhere(): array
    {
        $spraying = $this->spraying;
        if ($spraying === null) {
            return [];
        }
        $since = $this->defect->at->subDays(self::LOOK_BACK_DAYS)->format('Y-m-d H:i:s.v');
        $shared = [
            'same_lot_jobs' => ['powder_lot_id', $spraying->powder_lot_id],
            'same_gun_jobs' => ['gun_id', $spraying->gun_id],
            'same_person_jobs' => ['user_id', $spraying->user_id],
        ];
        $others = Defect::standing()->toBase()
            ->where('kind', $this->defect->kind)->where('defects.part_id', '!=', $this->defect->part_id)
            ->where('defects.at', '>', $since)->join('sprayings', 'sprayings.coat_id', '=', 'defects.coat_id');
        foreach ($shared as $name => [$column, $id]) {
            $others->selectRaw(
                "count(distinct case when sprayings.{$column} = ? then defects.part_id end) as {$name}",
                [$id],
            );
        }
        $jobs = (array) $others->first();

        return array_map(
            fn (string $name): ?float => $shared[$name][1] === null ? null : (float) $jobs[$name],
            array_combine(array_keys($shared), array_keys($shared)),
        );
    }

    /** Whether zones were ticked as they were sprayed; logged at once, nobody knows in which order. */
    private static function wasTicked(Spraying $spraying): bool
    {
        return $spraying->zones->whereNotNull('ticked_at')->isNotEmpty();
    }

    /** Whether all steps of these kinds were done; null where the route has none. */
    private function done(StepKind ...$kinds): ?bool
    {
        $outcomes = [];
        foreach ($this->walk->walk->steps as $n => $step) {
            if (in_array($step->kind, $kinds, true)) {
                $outcomes[] = $this->walk->walk->outcome($n) === StepOutcome::Done;
            }
        }

        return $outcomes === [] ? null : ! in_array(false, $outcomes, true);
    }

    private function oilyMedia(): ?bool
    {
        $event = LogLine::of('media')->whereIn('event', ['greasy', 'discarded', 'new'])
            ->where('at', '<=', $this->defect->at)->orderByDesc('id')->toBase()->value('event');

        return $event === null ? null : $event === 'greasy';
    }

    /** @param  \Closure(StepTimer): bool  $which */
    private function overTime(\Closure $which): ?float
    {
        $over = $this->defect->part->clocks->toBase()->whereNotNull('done_at')
            ->filter(fn (StepTimer $one): bool => $this->past->any($one->batch_id, $one->started_at) && $which($one))
            ->map(fn (StepTimer $one): float => ($one->late_at ?? $one->due_at)->diffInSeconds($one->done_at) / 60);

        return $over->isEmpty() ? null : min(10080.0, max(-10080.0, (float) $over->max()));
    }

    /** The powder sprayed before was the same, or the change to this one is on the log. */
    private function boothCleaned(Spraying $spraying): ?bool
    {
        $before = Spraying::query()->where('id', '<', $spraying->id)->orderByDesc('id');
        $spraying->gun_id === null ?: $before->where('gun_id', $spraying->gun_id);
        $last = $before->first();
        if ($last === null || $last->powder_id === $spraying->powder_id) {
            return $last === null ? null : true;
        }

        return LogLine::of(ColorChanges::KIND)->where('at', '>=', $last->at)->where('at', '<=', $spraying->at)
            ->exists();
    }

    private function ticked(Spraying $spraying, PreOven $what, ?Pin $pin): ?bool
    {
        $all = $spraying->checks->where('what', $what->value);

        return $spraying->checks->isEmpty()
            ? null
            : ($pin === null ? $all->isNotEmpty() : $all->contains('pin_id', $pin->id));
    }

    private function clearAllowed(): ?bool
    {
        if ($this->coat === null) {
            return null;
        }
        $over = $this->walk->coats->on()->first(
            fn (Coat $one): bool => $one->position > $this->coat->position && $one->role === 'clear',
        );
        $base = $over === null && $this->coat->role === 'clear'
            ? BatchCoats::of($this->defect->batch)->to($this->coat)->slice(-2, 1)->first()
            : ($over === null ? null : $this->coat);

        return $base?->powder->clear_need === null ? null : $base->powder->clear_need !== ClearNeed::Spoils;
    }

    private function isOneLot(): ?bool
    {
        if ($this->coat === null) {
            return null;
        }
        $batches = $this->defect->batch->part->loadMissing(self::SPRAYINGS)->sprayings
            ->where('coat_id', $this->coat->id)->pluck('powder_lot_id')->filter()->unique();

        return $batches->isEmpty() ? null : $batches->count() === 1;
    }

    private function found(string $kind): ?Inspection
    {
        return $this->coat?->loadMissing('inspections.readings')->inspections->first(
            fn ($one): bool => $one->kind === $kind && $this->past->any($one->batch_id, $one->at) && $one->stands(),
        );
    }

    private function handledHot(): ?bool
    {
        if ($this->coat === null) {
            return null;
        }
        $last = $this->coat->results->filter(fn (OvenResult $one): bool => $one->fresh)->sortBy('id')->last();
        $moved = $this->defect->part->job->loadMissing('moves')->moves->sortByDesc('id')->first(
            fn (BatchEvent $one): bool => $one->batch_id === $this->defect->batch_id
                && $one->from_station === Station::Cure,
        );
        if ($last?->at === null || $last->handle_minutes === null || $moved === null || $moved->at->lt($last->at)) {
            return null;
        }

        return $last->at->diffInSeconds($moved->at) / 60 < $last->handle_minutes;
    }
}
