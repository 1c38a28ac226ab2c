<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\LoadKind;
use Aenum\Core\Trade\StepKind;
use App\Curing\Models\OvenLoadItem;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Platform\Presentation\Units;
use Illuminate\Support\Collection;

/** Oven settings for the traveler: those of the load a part is in, never the data sheet's row. */
final readonly class TravelerOven
{
    /** @param  Collection<int, OvenLoadItem>  $items  the part's items in loads that are not withdrawn, newest first */
    private function __construct(private Part $part, private Collection $items, private Units $units)
    {
    }

    public static function ofPart(Part $part): self
    {
        $items = OvenLoadItem::query()->with('ovenLoad.oven')->where('part_id', $part->id)
            ->whereHas('ovenLoad', fn ($load) => $load->where('status', '!=', 'withdrawn'))->orderByDesc('id')->get();

        return new self($part, $items->toBase(), Units::current());
    }

    /** What is printed beside a step; null where the step is not heated. */
    public function line(Step $step): ?string
    {
        if ($step->celsius === null) {
            return null;
        }
        $metal = 'metal '.$this->units->temp($step->celsius)
            .($step->holdMinutes === null ? '' : ' for '.Units::minutes($step->holdMinutes));
        if (! in_array($step->kind, [StepKind::Bake, StepKind::BakeOut, StepKind::ReliefBake], true)) {
            return $metal;
        }
        $loads = $this->items->filter(fn (OvenLoadItem $item): bool => $this->isFor($item, $step))
            ->map(fn (OvenLoadItem $item): string => $this->setting($item))->unique();

        return match (true) {
            $loads->isNotEmpty() => $loads->implode('; '),
            $step->kind === StepKind::Bake => 'setting and minutes: the load decides, see Cure',
            default => "{$metal}; setting and minutes: the load decides",
        };
    }

    private function isFor(OvenLoadItem $item, Step $step): bool
    {
        if ($item->ovenLoad->kind === LoadKind::BakeOut) {
            return $step->kind !== StepKind::Bake;
        }
        $coat = $this->part->coats->first(fn (Coat $one): bool => $one->id === $item->coat_id);

        return $step->kind === StepKind::Bake && $coat !== null && $coat->position === $step->coat;
    }

    private function setting(OvenLoadItem $item): string
    {
        $load = $item->ovenLoad;
        $minutes = $load->pulled_at === null || $load->shut_at === null
            ? $load->minutes
            : $load->shut_at->diffInSeconds($item->out_at ?? $load->pulled_at) / 60;
        $state = match ($load->status) {
            'planned' => 'planned',
            'running' => 'in the oven',
            default => 'done',
        };

        return "{$load->oven->name}: set {$this->units->temp($load->setpoint_c)}, "
            .Units::minutes($minutes)." door closed to pull ({$state})";
    }
}
