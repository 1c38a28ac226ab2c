<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Coat\PreOven;
use Aenum\Core\Coat\Recess;
use Aenum\Core\Hang\HookSize;
use Aenum\Core\Inspect\Evidence;
use Aenum\Core\Inspect\FaultCatalogue;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Word\ClearNeed;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use Aenum\Core\Word\StepOutcome;
use App\Actions\Coat\ColourChanges;
use App\Actions\Log\LotCoats;
use App\Actions\Log\LotPast;
use App\Actions\Lot\LotWalk;
use App\Actions\Mask\Hooks;
use App\Models\BenchClock;
use App\Models\Coat;
use App\Models\Fault;
use App\Models\Fitting;
use App\Models\Inspection;
use App\Models\LogLine;
use App\Models\Lot;
use App\Models\Move;
use App\Models\OvenResult;
use App\Models\Pin;
use App\Models\Spraying;
use App\Models\SprayingZone;
use Illuminate\Support\Collection;

/**
 * What this job's record shows that bears on a fault, by the name the core has for it; what it does not hold is left
 * out.
 */
final readonly class RecordOfFault
{
    /** Other jobs with the same fault are looked for so far back. House figure. */
    private const LOOK_BACK_DAYS = 365;

    private LotWalk $walk;

    private LotPast $past;

    private ?Coat $coat;

    private ?Spraying $spraying;

    private function __construct(private Fault $fault)
    {
        $this->walk = LotWalk::of($fault->lot);
        $this->past = LotPast::of($fault->lot);
        $this->coat = $fault->coat ?? $this->walk->coats->on()->last();
        $this->spraying = $this->coat === null ? null : self::sprayed($this->coat, $fault->lot);
    }

    /** @return array<string, bool|float> */
    public static function of(Fault $fault): array
    {
        $record = new self($fault);
        $asked = array_map(fn (Evidence $one): string => $one->value, FaultCatalogue::asks($fault->kind));
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
    public static function sprayed(Coat $coat, Lot $lot): ?Spraying
    {
        $past = LotPast::of($lot);

        return Spraying::done()->with(['zones', 'checks', 'powderLot', 'gun', 'user'])->where('coat_id', $coat->id)
            ->orderByDesc('id')->get()->first(fn (Spraying $one): bool => $past->any($one->lot_id, $one->at));
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
            'plated' => $part->carries(OnIt::Plating),
            'was_rusty' => $part->carries(OnIt::Rust),
            'edges_broken' => $edges,
            'oily_media' => $this->oilyMedia(),
            'bare_over_min' => $this->overTime(fn (BenchClock $one): bool => $one->isBareSteel()),
            'bath_over_min' => $this->overTime(
                fn (BenchClock $one): bool => str_contains($one->step, StepKind::Phosphate->value),
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
        $lot = $spraying->powderLot;

        return $shown + [
            'ground_measured' => $spraying->ohm !== null,
            'ground_ohm' => $spraying->ohm,
            'charge_index' => $spraying->charge_index,
            'away_mm' => $spraying->zones->min('away_mm'),
            'humidity_pct' => $spraying->humidity_pct,
            'part_c' => $spraying->part_c,
            'past_date' => $lot?->best_before_on === null ? null : $lot->best_before_on->lt($spraying->at),
            'even_hand' => self::wasTicked($spraying) ? $spraying->passesLeft() === 0 : null,
            'booth_cleaned' => $this->boothCleaned($spraying),
            'hooks_clean' => ! HookSize::wantsCleaning(Hooks::of($this->fault->part)->bakes),
            'wiped' => $this->ticked($spraying, PreOven::Wiped, $this->fault->pin),
            'clip_moved' => $this->ticked($spraying, PreOven::ClipMark, null),
        ];
    }

    /** @return array<string, bool|float|null> */
    private function recess(): array
    {
        $zones = $this->spraying?->zones->filter(fn (SprayingZone $one): bool => str_starts_with($one->zone, 'pin-'));
        $own = $this->fault->pin === null
            ? null
            : $zones?->firstWhere('zone', "pin-{$this->fault->pin->number}");
        $zone = $own ?? $zones?->sortByDesc('kv')->first();
        $pin = $zone === null ? null : $this->fault->part->pins->first(
            fn (Pin $one): bool => "pin-{$one->number}" === $zone->zone && $one->kind === PinKind::Recess,
        );
        $deep = $pin !== null && $pin->size_mm !== null && $pin->depth_mm !== null;

        return $zone === null ? [] : [
            'recess_kv' => $zone->kv,
            'recess_first' => self::wasTicked($zone->spraying) ? $zone->ticked_at !== null : null,
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
        $mine = fn (OvenResult $one): bool => $one->fresh && $this->past->any($one->lot_id, $one->at);
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
        $part = $this->fault->part;
        $fittings = $part->loadMissing('pins.fittings')->pins->toBase()->flatMap(
            fn (Pin $one): Collection => $one->fittings->toBase(),
        );
        $mine = $fittings->where('lot_id', $this->fault->lot_id);
        $pin = $this->fault->pin;

        return [
            'masks_counted' => $mine->isEmpty() ? null : $mine->every(fn (Fitting $one): bool => $one->isOff()),
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
        $since = $this->fault->at->subDays(self::LOOK_BACK_DAYS)->format('Y-m-d H:i:s.v');
        $others = fn (string $column, ?int $id): ?float => $id === null ? null : (float) Fault::standing()
            ->where('kind', $this->fault->kind)->where('faults.part_id', '!=', $this->fault->part_id)
            ->where('faults.at', '>', $since)
            ->join('sprayings', 'sprayings.coat_id', '=', 'faults.coat_id')->where("sprayings.{$column}", $id)
            ->distinct()->count('faults.part_id');

        return [
            'same_lot_jobs' => $others('powder_lot_id', $spraying->powder_lot_id),
            'same_gun_jobs' => $others('gun_id', $spraying->gun_id),
            'same_person_jobs' => $others('user_id', $spraying->user->id),
        ];
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
            ->where('at', '<=', $this->fault->at)->orderByDesc('id')->first()?->event;

        return $event === null ? null : $event === 'greasy';
    }

    /** @param  \Closure(BenchClock): bool  $which */
    private function overTime(\Closure $which): ?float
    {
        $over = $this->fault->part->clocks->toBase()->whereNotNull('done_at')
            ->filter(fn (BenchClock $one): bool => $this->past->any($one->lot_id, $one->started_at) && $which($one))
            ->map(fn (BenchClock $one): float => ($one->late_at ?? $one->due_at)->diffInSeconds($one->done_at) / 60);

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

        return LogLine::of(ColourChanges::KIND)->where('at', '>=', $last->at)->where('at', '<=', $spraying->at)
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
            ? LotCoats::of($this->fault->lot)->to($this->coat)->slice(-2, 1)->first()
            : ($over === null ? null : $this->coat);

        return $base?->powder->clear_need === null ? null : $base->powder->clear_need !== ClearNeed::Spoils;
    }

    private function isOneLot(): ?bool
    {
        if ($this->coat === null) {
            return null;
        }
        $lots = Spraying::done()->where('coat_id', $this->coat->id)->whereNotNull('powder_lot_id')
            ->distinct()->pluck('powder_lot_id');

        return $lots->isEmpty() ? null : $lots->count() === 1;
    }

    private function found(string $kind): ?Inspection
    {
        return $this->coat?->loadMissing('inspections.readings')->inspections->first(
            fn ($one): bool => $one->kind === $kind && $this->past->any($one->lot_id, $one->at) && $one->stands(),
        );
    }

    private function handledHot(): ?bool
    {
        if ($this->coat === null) {
            return null;
        }
        $last = $this->coat->results->filter(fn (OvenResult $one): bool => $one->fresh)->sortBy('id')->last();
        $moves = Move::query()->where('lot_id', $this->fault->lot_id)->where('from_station', Station::Cure)
            ->orderByDesc('id');
        $moved = $moves->first();
        if ($last?->at === null || $last->handle_minutes === null || $moved === null || $moved->at->lt($last->at)) {
            return null;
        }

        return $last->at->diffInSeconds($moved->at) / 60 < $last->handle_minutes;
    }
}
