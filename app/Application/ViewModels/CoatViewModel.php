<?php

declare(strict_types=1);

namespace App\Application\ViewModels;

use Aenum\Core\Application\Stripes;
use Aenum\Core\Application\ZonePlan;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Rules\Catalog\BackIonization;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;
use App\Application\Queries\CoatSetup;
use App\Catalog\Models\GunProgram;
use App\Catalog\Models\PowderLot;
use App\Intake\Models\Picture;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;

/** The coat due on the batch in hand, as the Coat page shows it. */
final readonly class CoatViewModel extends CoatSetup
{
    /** What the hands do next, in a line. */
    public function headline(): string
    {
        if ($this->open === null) {
            return 'to weigh out';
        }
        $left = $this->open->passesLeft();

        return $left === 0 ? 'look at the raw powder' : ($left === 1 ? 'pass left' : 'passes left');
    }

    /** The one number. */
    public function number(): string
    {
        return match (true) {
            $this->open === null => Units::current()->quantity(
                Quantity::gram($this->bench->plan->weighOutG(), Units::current()->isMetric() ? 0 : 1),
            ),
            $this->open->passesLeft() === 0 => '✓',
            default => (string) $this->open->passesLeft(),
        };
    }

    /** In which order it is sprayed, in a line. */
    public function order(): string
    {
        $names = array_map(fn (ZonePlan $one): string => $one->zone->name, $this->bench->plan->zones);

        return 'In this order: '.implode('; ', $names).'; then step back and dust.';
    }

    /** The photo that shows a recess; null for the drawing. */
    public function photo(): ?Picture
    {
        $pins = $this->batch->part->pins;
        $shown = $pins->firstWhere('kind', PinKind::Recess)->picture_id ?? $pins->first()?->picture_id;

        return $this->batch->part->pictures->firstWhere('id', $shown);
    }

    /** @return list<string> why the gun is set so, each reason once */
    public function whys(): array
    {
        $whys = array_map(fn (ZonePlan $one): string => $one->why, $this->bench->plan->zones);

        return array_values(array_unique($whys));
    }

    /** Which figures of the powder and the gun are estimates; null where none is. */
    public function estimated(): ?string
    {
        $all = [...$this->coat->powder->estimated(), ...$this->gun?->estimated() ?? []];

        return $all === []
            ? null
            : 'Estimated: '.implode(', ', $all).'. Enter what the sheet says or you measured on the page of '
                .implode(' or ', array_filter([$this->coat->powder->name, $this->gun?->name])).'.';
    }

    /** How far apart strokes are, and what they leave between them. */
    public function stripesWords(): Message
    {
        $task = $this->bench->plan->task;
        $stripes = Stripes::of($task->gun->patternMm, $task->overlap);

        return Message::of('Strokes {apart} apart leave stripes of {ripple} %.', [
            'apart' => Quantity::mm($stripes->spacingMm, Units::current()->isMetric() ? 0 : 1),
            'ripple' => round(100 * $stripes->ripple),
        ]);
    }

    /** @return array<int, string> the gun's programs */
    public function programs(): array
    {
        return ($this->gun === null ? collect() : $this->gun->programs)->mapWithKeys(
            fn (GunProgram $one): array => [$one->id => "{$one->number}, {$one->name}"],
        )->all();
    }

    /**
     * What can be turned for a zone: label, value, whether this gun lets it be turned.
     *
     * @return array<string, array{string, string, bool}>
     */
    public function inputs(ZonePlan $one): array
    {
        $units = Units::current();
        $set = $one->setting;

        return [
            'kv' => ['kV', (string) round($set->kv), true],
            'ua' => ['µA', (string) round($set->microAmps), $this->bench->gun->kind->limitsCurrent()],
            'air' => ['powder air', (string) round($this->bench->gun->airSetting($set->air), 2), true],
            'away' => ['away', $units->field(Dimension::Length, $set->awayMm, 1), true],
        ];
    }

    /** @return list<Message> of each recess that stays thin: what it gets, and what the two schools would give it */
    public function thinWords(): array
    {
        $words = [];
        foreach ($this->bench->plan->thin() as $one) {
            $schools = $one->schools();
            $words[] = $schools === null
                ? Message::of('One pass on {zone} is {film}: turn flow or hand.', [
                    'zone' => $one->zone->name,
                    'film' => Quantity::micron($one->perPassUm),
                ])
                : Message::of('Its floor gets {ratio} of the face: {zone}. Lower still {lower}; from further off with '
                    .'more air {further}; warm metal, another tip, or touched up after the flow.', [
                        'ratio' => round($one->ratio, 2),
                        'zone' => $one->zone->name,
                        'lower' => round($schools['lower'], 2),
                        'further' => round($schools['further'], 2),
                    ]);
        }

        return $words;
    }

    /**
     * The charge index as a bar of its parts.
     *
     * @return array{isOver: bool, says: string, label: string, one: float, drains: ?string,
     *      parts: list<array{class: string, name: string, share: float, x: float, width: float}>}
     */
    public function chargeBar(): array
    {
        $charge = $this->bench->plan->charge;
        $shares = array_filter([
            'thickness' => $charge->layerV / $charge->breakdownV,
            'film below' => $charge->filmV / $charge->breakdownV,
            'earth' => $charge->earthV / $charge->breakdownV,
        ], fn (float $share): bool => $share > 0.0);
        $scale = 400 / max(1.25, array_sum($shares));
        $x = 0.0;
        $parts = [];
        foreach ($shares as $name => $share) {
            $width = round($scale * $share, 1);
            $class = 'charge-'.strtok($name, ' ');
            $parts[] = ['class' => $class, 'name' => $name, 'share' => $share, 'x' => $x, 'width' => $width];
            $x += $width;
        }
        $isOver = $charge->index > BackIonization::MOST;
        $says = $isOver ? 'it kicks: stars, powder thrown off' : ($charge->index > 0.8 ? 'near kicking' : 'it holds');

        return [
            'isOver' => $isOver,
            'says' => $says,
            'label' => sprintf('Charge index %.2f of 1: %s', $charge->index, $says),
            'one' => round($scale, 1),
            'drains' => match (true) {
                $charge->drainS === null, $charge->drainS <= 0.0 => null,
                $charge->drainS < 60 => max(1, (int) round($charge->drainS)).' s',
                default => Units::minutes($charge->drainS / 60),
            },
            'parts' => array_values(array_filter($parts, fn (array $one): bool => $one['share'] >= 0.005)),
        ];
    }

    /** How warm it is by its cooling curve, and when it may be coated how; nothing where no bake is on record. */
    public function warmWords(): ?Message
    {
        if ($this->warm === null) {
            return null;
        }
        $time = fn (float $minutes): string => $this->at($minutes) === null
            ? 'never in this room'
            : ShopClock::time($this->at($minutes));

        return Message::of('about {part} by its cooling curve; warm window {opens} to {shuts}, cold from {cold}.', [
            'part' => Quantity::celsius((float) $this->floor->partC),
            'opens' => $time($this->warm->opensMin),
            'shuts' => $time($this->warm->shutsMin),
            'cold' => $time($this->warm->coldMin),
        ]);
    }

    /** What is weighed out, from where, with which gun; once it is. */
    public function openWords(): string
    {
        $open = $this->open;
        if ($open === null) {
            return '';
        }
        $units = Units::current();

        return implode(', ', array_filter([
            $open->gun->name ?? 'a gun that is not written down',
            round($open->flow_g_min).' g/min',
            'hand '.$units->show(Dimension::Length, $open->gun_speed_mm_s, $units->isMetric() ? 0 : 1).' a second',
            $open->weighed_g === null
                ? 'not weighed'
                : $units->show(Dimension::Powder, $open->weighed_g, 0).' weighed out',
            $open->powderLot?->words(),
        ])).'.';
    }

    /** The lot it is taken from, and what is left in it. */
    public function lotWords(): string
    {
        if ($this->from === null) {
            return 'No lot of it is on the shelf\'s books.';
        }
        $units = Units::current();
        $place = $this->from->place === null ? '' : ", {$this->from->place}";
        $left = $units->show(Dimension::Mass, ($this->stock->leftG[$this->from->id] ?? 0.0) / 1000, 2);
        $until = $this->from->best_before_on?->format('j M Y');

        return ucfirst($this->from->words())."{$place}: {$left} left by the books"
            .($until === null ? '.' : ", best before {$until}.");
    }

    /** @return array<int, string> lots that may be taken from */
    public function batches(): array
    {
        $units = Units::current();

        return $this->coat->powder->lots->mapWithKeys(fn (PowderLot $batch): array => [
            $batch->id => "{$batch->number}, ".$units->show(
                Dimension::Mass,
                ($this->stock->leftG[$batch->id] ?? 0.0) / 1000,
                2,
            ),
        ])->all();
    }

    /**
     * What was turned, to go along with the powder that is weighed out.
     *
     * @return array<string, string>
     */
    public function carried(): array
    {
        $units = Units::current();
        $task = $this->bench->plan->task;
        $carried = [
            'gun' => (string) $this->gun?->id,
            'openness' => $this->bench->openness->value,
            'film' => $units->field(Dimension::Film, $task->wantedUm, 4),
            'flow' => (string) $task->flowGPerMin,
            'hand' => $units->field(Dimension::Length, $task->handMmPerS, 4),
            'overlap' => (string) (100 * $task->overlap),
        ];
        foreach ($this->bench->plan->zones as $one) {
            $set = $one->setting;
            $key = $one->zone->key;
            $carried += [
                "zone[{$key}][kv]" => (string) $set->kv,
                "zone[{$key}][ua]" => (string) $set->microAmps,
                "zone[{$key}][air]" => (string) $this->bench->gun->airSetting($set->air),
                "zone[{$key}][away]" => $units->field(Dimension::Length, $set->awayMm, 4),
                "zone[{$key}][tip]" => $set->tip->value,
            ];
        }

        return array_filter($carried, fn (string $value): bool => $value !== '');
    }

    /** The bench set as it was then. */
    public function asLastTime(Spraying $then): string
    {
        $units = Units::current();
        $zones = $then->zones->mapWithKeys(fn (SprayingZone $zone): array => [$zone->zone => [
            'kv' => round($zone->kv, 1),
            'ua' => round($zone->ua, 1),
            'air' => round($then->gun?->model()->airSetting($zone->air) ?? $zone->air, 2),
            'away' => $units->field(Dimension::Length, $zone->gun_distance_mm, 2),
        ]])->all();

        return '/station/coat?'.http_build_query([
            'lot' => $this->batch->id,
            'gun' => $then->gun_id,
            'flow' => round($then->flow_g_min, 1),
            'hand' => $units->field(Dimension::Length, $then->gun_speed_mm_s, 2),
            'overlap' => round(100 * $then->overlap),
            'zone' => $zones,
        ]);
    }
}
