<?php

declare(strict_types=1);

namespace App\DeviceApi\ViewModels;

use App\Curing\Commands\UpdateExpectedPull;
use App\Curing\Models\OvenLoad;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\PlannedStep;
use App\Scheduling\Queries\StandingPlan;
use App\ShopFloor\ViewModels\ShopBoard;

/** The shop's board and plan in the device API. */
final class ShopResource
{
    /** @return array<string, mixed> as docs/schemas/device-api/rail.schema.json */
    public static function rail(): array
    {
        $loads = OvenLoad::query()->with(['oven', 'items.part', 'items.batch.part'])
            ->whereIn('status', ['planned', 'running'])->orderBy('id');

        return [
            'at' => ApiTime::of(ShopClock::now()),
            'stations' => array_map(fn (array $stop): array => [
                'station' => $stop['station']->value,
                'hanging' => $stop['count'],
                'late' => $stop['late'],
                'next_at' => ApiTime::of($stop['clock']),
            ], ShopBoard::now()),
            'loads' => array_values($loads->get()->map(fn (OvenLoad $load): array => [
                'id' => $load->id,
                'kind' => $load->kind->value,
                'status' => $load->status,
                'oven' => $load->oven->name,
                'pieces' => $load->pieces(),
                'pull_at' => $load->isRunning() ? ApiTime::of(UpdateExpectedPull::of($load)) : null,
            ])->all()),
        ];
    }

    /** @return array<string, mixed> as docs/schemas/device-api/day.schema.json */
    public static function day(): array
    {
        $now = ShopClock::now();
        $steps = StandingPlan::read()->orEmpty()->steps->load(['batch.part.job', 'bench', 'oven', 'user']);

        return [
            'at' => ApiTime::of($now),
            'steps' => array_values($steps->filter(fn (PlannedStep $one): bool => $one->to_at->gt($now))
                ->sortBy('from_at')->map(fn (PlannedStep $one): array => [
                    'job' => $one->batch->part->job->number,
                    'lot' => $one->batch_id,
                    'pieces' => $one->batch->title(),
                    'step' => $one->name.$one->loadWords(),
                    'station' => $one->station->value,
                    'place' => $one->place(),
                    'who' => $one->user?->name,
                    'from_at' => ApiTime::of($one->from_at),
                    'to_at' => ApiTime::of($one->to_at),
                    'begun' => $one->begun,
                ])->all()),
        ];
    }
}
