<?php

declare(strict_types=1);

namespace App\Release\Queries;

use Aenum\Core\Inspection\CareInstructions;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;
use App\Accounts\Models\Shop;
use App\Application\Models\Spraying;
use App\Catalog\Models\CureScheduleRow;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Curing\Models\OvenResult;
use App\Curing\Queries\LoadSnapshot;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Models\InspectionReading;
use App\Inspection\Queries\ChecklistLine;
use App\Intake\Models\Bag;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Platform\Database\LevelLoader;
use App\Preparation\Models\MaskApplication;
use App\Routing\Models\LogLine;
use App\Routing\Models\Signature;
use App\Routing\Queries\BatchHistory;
use App\Routing\Queries\BatchSnapshot;
use App\Routing\Queries\CounterAdvice;
use App\Routing\Queries\PartRoute;
use App\Routing\Queries\RoutingProgress;
use App\Routing\Queries\StepLine;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection as Models;
use Illuminate\Support\Collection;

/**
 * The record of a batch as one document, aenum-record/1.
 *
 * Built once at release and stored; before that it is a draft. Figures are in SI units named in their key; sentences
 * are kept in both unit systems.
 */
final readonly class BatchRecord
{
    public const FORMAT = 'aenum-record/1';

    private BatchHistory $past;

    private RoutingProgress $walk;

    private function __construct(private Batch $batch)
    {
        self::load(new Models([$batch->part]));
        foreach ($batch->part->coats as $coat) {
            // As it went on, whatever its sheet says by now.
            $coat->setRelation('powder', LoadSnapshot::ofCoat($coat));
        }
        $this->past = BatchHistory::of($batch);
        $this->walk = RoutingProgress::of($batch, PartRoute::of($batch->part, $batch));
    }

    /** @param  Models<int, Part>  $parts  whose batches have a record each */
    public static function load(Models $parts): void
    {
        $ofCoats = fn (string $coats): array => array_map(fn (string $one): string => "{$coats}.{$one}", [
            'results.ovenLoad.oven', 'results.ovenLoad.items', 'results.ovenLoad.readings', 'results.ovenLoad.shutBy',
            'results.ovenLoad.pulledBy', 'ovenItems.ovenLoad', 'inspections.user', 'inspections.readings',
        ]);
        LevelLoader::loadMissing($parts, [
            'job.customer', 'pins.fittings', 'bags', 'signatures.user', 'sprayings.powderLot', 'sprayings.gun',
            'sprayings.user', 'ovenResults.ovenLoad.oven', ...$ofCoats('coats'), ...$ofCoats('reworks.coats'),
            ...InspectionChecklist::OF_PART, ...BatchSnapshot::PART,
        ]);
        BatchSnapshot::ofParts($parts);
    }

    /**
     * @param  array<string, mixed>  $handedOver  who, to whom, when, what was let go
     * @return array<string, mixed>
     */
    public static function build(Batch $batch, array $handedOver = []): array
    {
        $record = new self($batch);
        $part = $batch->part;
        $job = $part->job;

        return [
            'format' => self::FORMAT,
            'shop' => Shop::current()->name,
            'job' => [
                'number' => $job->number,
                'title' => $job->title,
                'customer' => $job->customer->name,
                'agreed' => $job->notes,
                'due_on' => $job->due_on?->format('Y-m-d'),
                'lives' => $job->lives,
            ],
            'part' => [
                'name' => $part->name,
                'lot' => $batch->label() === '' ? null : $batch->label(),
                'count' => $batch->count,
                'metal' => $part->metalKind()->name,
                'mass_kg' => $part->mass_kg,
                'area_m2' => $part->area_m2,
                'fate' => $batch->status,
            ],
            'said' => $record->said(),
            'coats' => $record->coats(),
            'bakes' => $record->bakes(),
            'film' => $record->film(),
            'tests' => $record->tests(),
            'faults' => $record->defects(),
            'care' => $record->care(),
            'shop_only' => $record->shopOnly(),
            'handed_over' => $handedOver === [] ? null : $handedOver,
        ];
    }

    /** @return array{metric: string, us: string} */
    private static function both(Message|string $said): array
    {
        $said = Message::from($said);

        return ['metric' => $said->in(UnitSystem::Metric), 'us' => $said->in(UnitSystem::Us)];
    }

    private static function at(?CarbonImmutable $at): ?string
    {
        return $at?->utc()->format('Y-m-d\TH:i:s\Z');
    }

    /** @return list<array{head: string, lines: list<string>}> what was said at the counter */
    private function said(): array
    {
        $heads = CounterAdvice::promise($this->walk->route)->heads();

        return array_map(
            fn (string $head, array $lines): array => ['head' => $head, 'lines' => array_values($lines)],
            array_keys($heads),
            array_values($heads),
        );
    }

    /** @return list<array<string, mixed>> */
    private function coats(): array
    {
        return array_values($this->walk->coats->every->map(function (Coat $coat): array {
            $powder = $coat->rework_id === null ? $coat->powder : LoadSnapshot::ofCoat($coat);
            $standing = $this->walk->standings[$coat->position];
            $mine = $coat->results->filter(fn (OvenResult $one): bool => $this->past->any($one->batch_id, $one->at));
            $sprayed = $this->sprayings($coat);
            $batches = array_values(array_unique(array_filter(
                [...array_map(fn (Spraying $one): ?string => $one->powderLot?->number, $sprayed), $powder->lot],
            )));

            return [
                'position' => $coat->position,
                'role' => $coat->role,
                'where' => $coat->zone,
                'powder' => $powder->name,
                'maker' => $powder->maker,
                'powder_lots' => $sprayed === [] ? array_slice($batches, 0, 1) : $batches,
                'film_band_um' => [(float) $powder->film_min_um, (float) $powder->film_max_um],
                'sheet' => array_values($powder->rows->map(fn (CureScheduleRow $row): array => [
                    'pmt_c' => $row->pmt_c, 'min' => $row->min_minutes, 'max' => $row->max_minutes,
                ])->all()),
                'baked_to' => $coat->bakeTo()->label(),
                'state' => self::both($standing->words()),
                'dose' => $standing->isBaked() ? round($standing->dose, 4) : null,
                'overbake' => $standing->overbake === null ? null : round($standing->overbake, 4),
                'peak_c' => $mine->isEmpty() ? null : round((float) $mine->max('peak_c'), 1),
                'taken_off' => $this->walk->coats->isGone($coat->position),
                'mends' => $coat->rework_id !== null,
            ];
        })->all());
    }

    /** @return list<Spraying> that laid a coat on these pieces */
    private function sprayings(Coat $coat): array
    {
        $mine = $this->batch->part->sprayings->where('coat_id', $coat->id)->filter(
            fn (Spraying $one): bool => $this->past->any($one->batch_id, $one->at),
        );

        return array_values($mine->all());
    }

    /** @return list<array<string, mixed>> every cure its pieces were in, with their own curves alone */
    private function bakes(): array
    {
        $loads = $this->walk->coats->every->toBase()
            ->flatMap(fn (Coat $coat): array => $coat->results->all())
            ->filter(fn (OvenResult $one): bool => $this->past->any($one->batch_id, $one->at))
            ->map(fn (OvenResult $one) => $one->ovenLoad)
            ->filter(fn ($load): bool => $load->kind === LoadKind::Cure && $load->isPulled())
            ->unique('id')->sortBy('shut_at');

        return array_values($loads->map(fn (OvenLoad $load): array => [
            'oven' => LoadSnapshot::oven($load)->name,
            'setpoint_c' => $load->setpoint_c,
            'shut_at' => self::at($load->shut_at),
            'pulled_at' => self::at($this->leftAt($load)),
            'minutes' => round((float) $load->shut_at?->diffInSeconds($this->leftAt($load)) / 60, 1),
            'shut_by' => $load->shutBy?->name,
            'pulled_by' => $load->pulledBy?->name,
            'readings' => $load->readings->count(),
            'curve' => BatchCurve::of($load, $this->past, $this->leftAt($load)),
        ])->all());
    }

    /** When the last of these pieces left an oven: with its load, or before it. */
    private function leftAt(OvenLoad $load): ?CarbonImmutable
    {
        $mine = $load->loadMissing('items')->items->filter(
            fn (OvenLoadItem $item): bool => $this->past->any($item->batch_id, $load->pulled_at),
        );
        $left = $mine->map(fn (OvenLoadItem $item): ?CarbonImmutable => $item->out_at ?? $load->pulled_at)->filter();

        return $left->max() ?? $load->pulled_at;
    }

    /** @return list<Inspection> of a kind, the latest first, those that stand */
    private function found(string ...$kinds): array
    {
        $found = $this->walk->coats->every->toBase()
            ->flatMap(fn (Coat $coat): array => $coat->loadMissing('inspections.user')->inspections->all())
            ->filter(fn (Inspection $one): bool => in_array($one->kind, $kinds, true)
                && $this->past->any($one->batch_id, $one->at) && $one->stands());

        return array_values($found->sortByDesc('at')->all());
    }

    /** @return list<array<string, mixed>> */
    private function film(): array
    {
        $all = [];
        foreach ($this->found('film') as $one) {
            $judged = $one->judgedFilm();
            if ($judged === null) {
                continue;
            }
            $all[] = [
                'coat' => $this->position($one),
                'place' => $one->place,
                'way' => $one->filmWay()->value,
                'band_um' => [$judged->lowUm, $judged->highUm],
                'nominal_um' => $one->nominal_um,
                'n' => $judged->film->n,
                'mean_um' => round($judged->film->mean, 2),
                'deviation_um' => $judged->film->deviation === null ? null : round($judged->film->deviation, 2),
                'least_um' => $judged->film->least,
                'most_um' => $judged->film->most,
                'ok' => ! $one->failed(),
                'by' => $one->user->name,
                'at' => self::at($one->at),
                'readings' => array_values($one->readings->map(fn (InspectionReading $r): array => [
                    'um' => $r->microns, 'spot' => $r->spot,
                ])->all()),
            ];
        }

        return $all;
    }

    /** @return list<array<string, mixed>> rub, lattice, gloss, colour, logger */
    private function tests(): array
    {
        return array_map(fn (Inspection $one): array => [
            'coat' => $this->position($one),
            'kind' => $one->kind,
            'verdict' => $one->verdict,
            'says' => self::both(TestResults::of($one)),
            'by' => $one->user->name,
            'at' => self::at($one->at),
        ], $this->found('solvent_rub', 'cross_cut', 'gloss', 'colour', 'logger', 'judged'));
    }

    private function position(Inspection $one): int
    {
        return (int) $this->walk->coats->every->firstWhere('id', $one->coat_id)?->position;
    }

    /** @return list<array<string, mixed>> */
    private function defects(): array
    {
        return array_values(InspectionChecklist::of($this->walk)->defects->map(fn (Defect $one): array => [
            'fault' => $one->kind->value,
            'says' => $one->kind->label(),
            'pieces' => $one->pieces,
            'became' => $one->state(),
            'open' => $one->isOpen(),
            'agreed_by' => $one->rework()?->agreed_by,
            'cause' => $one->cause?->label(),
            'at' => self::at($one->at),
        ])->all());
    }

    /** @return list<string> */
    private function care(): array
    {
        $on = $this->walk->coats->on();

        return CareInstructions::sentences(
            array_values($on->map(fn (Coat $coat): Effect => $coat->powder->effect())->all()),
            ServiceEnvironment::tryFrom($this->batch->part->job->lives) ?? ServiceEnvironment::Outdoors,
            $on->last()?->role === 'clear',
        );
    }

    /** @return array<string, mixed> what the shop keeps and the customer's sheet does not show */
    private function shopOnly(): array
    {
        $part = $this->batch->part;
        $looked = InspectionChecklist::of($this->walk);
        $fittings = $part->pins->toBase()->flatMap(fn (Pin $pin): array => $pin->fittings->all())
            ->filter(fn (MaskApplication $one): bool => $this->past->any($one->batch_id, null));

        return [
            'steps' => array_map(fn (StepLine $line): array => [
                'step' => $line->name,
                'outcome' => $line->outcome?->value,
                'says' => $line->says,
            ], $this->walk->lines()),
            'log' => array_values($this->log()->map(fn (LogLine $line): array => [
                'kind' => $line->kind,
                'of' => $line->subject,
                'event' => $line->event,
                'figures' => $line->figures->mapWithKeys(fn ($one): array => [$one->name => $one->value])->all(),
                'by' => $line->user->name,
                'at' => self::at($line->at),
            ])->all()),
            'sprayed' => array_merge(...array_values($this->walk->coats->every->map(
                fn (Coat $coat): array => array_map(fn (Spraying $one): array => [
                    'coat' => $coat->position,
                    'gun' => $one->gun?->name,
                    'powder_lot' => $one->powderLot?->number,
                    'used_g' => $one->usedG(),
                    'humidity_pct' => $one->humidity_pct,
                    'ohm' => $one->ohm,
                    'charge_index' => round($one->charge_index, 3),
                    'minutes' => $one->minutes,
                    'raw_um' => $one->raw_um,
                    'by' => $one->user->name,
                    'at' => self::at($one->done_at),
                ], $this->sprayings($coat)),
            )->all() ?: [[]])),
            'baked_out' => $this->bakedOut(),
            'masks' => ['on' => (int) $fittings->sum('fitted'), 'off' => (int) $fittings->sum('removed')],
            'bags' => array_values($part->bags->map(fn (Bag $bag): array => [
                'bag' => $bag->name, 'holds' => $bag->holds, 'in' => $bag->count, 'back' => $bag->counted_back,
            ])->all()),
            'looks' => array_map(fn (ChecklistLine $line): array => [
                'look' => $line->label(), 'by' => $line->by(),
                'at' => self::at($line->looked?->at),
            ], $looked->lines),
            'signed' => array_values($part->signatures->map(fn (Signature $one): array => [
                'by' => $one->signed_by, 'wording' => $one->wording, 'at' => self::at($one->at),
            ])->all()),
        ];
    }

    /** @return Collection<int, LogLine> blast, bath, earth: of these pieces */
    private function log(): Collection
    {
        return $this->batch->part->logLines->toBase()->sortBy([['at', 'asc'], ['id', 'asc']])->filter(
            fn (LogLine $one): bool => $one->batch_id === null || $this->past->any($one->batch_id, $one->at),
        );
    }

    /** @return list<array<string, mixed>> */
    private function bakedOut(): array
    {
        return array_values($this->batch->part->ovenResults->whereNull('coat_id')->sortBy('id')
            ->filter(fn (OvenResult $one): bool => $this->past->any($one->batch_id, $one->at))
            ->map(fn (OvenResult $one): array => [
                'oven' => $one->ovenLoad->oven->name,
                'target_c' => $one->ovenLoad->target_c,
                'held_min' => $one->held_minutes === null ? null : round($one->held_minutes, 1),
                'at' => self::at($one->at),
            ])->all());
    }
}
