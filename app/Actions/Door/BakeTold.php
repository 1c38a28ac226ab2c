<?php

declare(strict_types=1);

namespace App\Actions\Door;

use Aenum\Core\Format\LoadFile;
use Aenum\Core\Word\OvenEventKind;
use App\Actions\Cure\BakeBoard;
use App\Actions\Cure\HungItem;
use App\Actions\Oven\Frozen;
use App\Models\Oven;
use App\Models\OvenEvent;
use App\Models\OvenLoad;

/** A bake as a device reads it. */
final class BakeTold
{
    /** @return array<string, mixed> as docs/schemas/door/bake.schema.json */
    public static function of(OvenLoad $bake): array
    {
        $board = BakeBoard::of($bake);
        $between = $board->earliest === null || $board->latest === null
            ? null
            : [DoorTime::of($board->clock($board->earliest)), DoorTime::of($board->clock($board->latest))];

        return [
            'at' => DoorTime::of($board->now),
            'id' => $bake->id,
            'status' => $bake->status,
            'oven' => $bake->oven->name,
            'setpoint_c' => round($bake->setpoint_c, 1),
            'minutes' => round($bake->minutes, 2),
            'shut_at' => DoorTime::of($bake->shut_at),
            'pulled_at' => DoorTime::of($bake->pulled_at),
            'pull_at' => $bake->isRunning() ? DoorTime::of($board->pullAt()) : null,
            'pull_between' => $between,
            'items' => self::items($board),
            'readings' => count($board->correction->residualsK),
            'load' => self::load($board),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function items(BakeBoard $board): array
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
    private static function load(BakeBoard $board): array
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
            ] + Oven::figuresOf(Frozen::oven($bake)->model()),
            'items' => array_map(fn (HungItem $hung): array => [
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
