<?php

declare(strict_types=1);

namespace App\Actions\Door;

use App\Actions\Day\PlanOfDay;
use App\Actions\Oven\ExpectedPull;
use App\Actions\Rail\ReadRail;
use App\Models\OvenLoad;
use App\Models\PlannedStep;
use App\Support\ShopClock;

/** The rail and the day as a device reads them. */
final class ShopTold
{
    /** @return array<string, mixed> as docs/schemas/door/rail.schema.json */
    public static function rail(): array
    {
        $loads = OvenLoad::query()->with(['oven', 'items.part', 'items.lot.part'])
            ->whereIn('status', ['planned', 'running'])->orderBy('id');

        return [
            'at' => DoorTime::of(ShopClock::now()),
            'stations' => array_map(fn (array $stop): array => [
                'station' => $stop['station']->value,
                'hanging' => $stop['count'],
                'late' => $stop['late'],
                'next_at' => DoorTime::of($stop['clock']),
            ], ReadRail::now()),
            'loads' => array_values($loads->get()->map(fn (OvenLoad $load): array => [
                'id' => $load->id,
                'kind' => $load->kind->value,
                'status' => $load->status,
                'oven' => $load->oven->name,
                'pieces' => $load->pieces(),
                'pull_at' => $load->isRunning() ? DoorTime::of(ExpectedPull::of($load)) : null,
            ])->all()),
        ];
    }

    /** @return array<string, mixed> as docs/schemas/door/day.schema.json */
    public static function day(): array
    {
        $now = ShopClock::now();
        $steps = PlanOfDay::standing()->steps->load(['lot.part.job', 'bench', 'oven', 'user']);

        return [
            'at' => DoorTime::of($now),
            'steps' => array_values($steps->filter(fn (PlannedStep $one): bool => $one->to_at->gt($now))
                ->sortBy('from_at')->map(fn (PlannedStep $one): array => [
                    'job' => $one->lot->part->job->number,
                    'lot' => $one->lot_id,
                    'pieces' => $one->lot->title(),
                    'step' => $one->name.$one->loadWords(),
                    'station' => $one->station->value,
                    'place' => $one->place(),
                    'who' => $one->user?->name,
                    'from_at' => DoorTime::of($one->from_at),
                    'to_at' => DoorTime::of($one->to_at),
                    'begun' => $one->begun,
                ])->all()),
        ];
    }
}
