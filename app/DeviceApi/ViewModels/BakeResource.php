<?php

declare(strict_types=1);

namespace App\DeviceApi\ViewModels;

use Aenum\Core\Files\LoadFile;
use Aenum\Core\Trade\OvenEventKind;
use App\Catalog\Models\Oven;
use App\Curing\Models\OvenEvent;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\LoadedItem;
use App\Curing\Queries\LoadSnapshot;
use App\Curing\ViewModels\BakeViewModel;

/** A bake in the device API. */
final class BakeResource
{
    /** @return array<string, mixed> as docs/schemas/device-api/bake.schema.json */
    public static function of(OvenLoad $bake): array
    {
        $board = BakeViewModel::of($bake);
        $between = $board->earliest === null || $board->latest === null
            ? null
            : [ApiTime::of($board->clock($board->earliest)), ApiTime::of($board->clock($board->latest))];

        return [
            'at' => ApiTime::of($board->now),
            'id' => $bake->id,
            'status' => $bake->status,
            'oven' => $bake->oven->name,
            'setpoint_c' => round($bake->setpoint_c, 1),
            'minutes' => round($bake->minutes, 2),
            'shut_at' => ApiTime::of($bake->shut_at),
            'pulled_at' => ApiTime::of($bake->pulled_at),
            'pull_at' => $bake->isRunning() ? ApiTime::of($board->pullAt()) : null,
            'pull_between' => $between,
            'items' => self::items($board),
            'readings' => count($board->correction->residualsK),
            'load' => self::load($board),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function items(BakeViewModel $board): array
    {
        $items = [];
        foreach ($board->load->hung as $n => $hung) {
            $items[] = [
                'key' => $hung->key(),
                'name' => $hung->item->name,
                'count' => $hung->item->count,
                'dose' => round($board->outlook->items[$n]->atPull->dose, 3),
                'peak_c' => round($board->outlook->items[$n]->atPull->peakC, 1),
            ];
        }

        return $items;
    }

    /** @return array<string, mixed> aenum-load/1, as the command line reads it */
    private static function load(BakeViewModel $board): array
    {
        $bake = $board->bake;
        $events = $bake->events->where('kind', OvenEventKind::Door);

        return [
            'format' => LoadFile::FORMAT,
            'ambient_c' => $bake->ambient_c,
            'oven' => [
                'setpoint_c' => $bake->setpoint_c,
                'start_c' => $bake->start_c ?? $bake->setpoint_c,
                'door_open_s' => $bake->door_open_s,
            ] + Oven::figuresOf(LoadSnapshot::oven($bake)->model()),
            'items' => array_map(fn (LoadedItem $hung): array => [
                'name' => $hung->item->name,
                'count' => $hung->item->count,
                'material' => $hung->item->metal->key,
                'mass_kg' => $hung->item->massKg,
                'area_m2' => $hung->item->areaM2,
                'emissivity' => $hung->item->emissivity,
                'view_factor' => $hung->item->viewFactor,
            ], $board->load->hung),
            'doors' => array_values($events->map(fn (OvenEvent $one): array => [
                'at_min' => max(0.0, round($board->load->second($one->at) / 60, 3)),
                'open_s' => (float) $one->value,
            ])->all()),
            'run' => ['minutes' => round($board->load->pullRunMinutes(), 3)],
        ];
    }
}
