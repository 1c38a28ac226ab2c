<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Thermal\Oven as HeatOven;
use App\Platform\Cache\SharedReads;
use App\Platform\Database\BaseModel;
use App\Platform\Database\Casts\Capture;
use App\Platform\Database\FindsLocked;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;

/**
 * @property int $id
 * @property string $name
 * @property ?string $heat how it is heated, and so on: what somebody answered when it was set up
 * @property ?string $fan
 * @property ?float $width_m
 * @property ?float $height_m
 * @property ?float $depth_m
 * @property ?float $minutes_to_200
 * @property ?float $heater_said_kw
 * @property float $heater_kw
 * @property float $band_k
 * @property float $air_kj_per_k
 * @property float $shell_kj_per_k
 * @property float $air_to_shell_w_per_k
 * @property float $shell_loss_w_per_k
 * @property float $vent_w_per_k
 * @property float $door_w_per_k
 * @property float $convection_w_per_m2k
 * @property float $max_c
 * @property ?array<array-key, mixed> $calibration what logs have taught of it, see OvenCalibration
 * @property ?CarbonImmutable $retired_at
 */
final class Oven extends BaseModel
{
    use FindsLocked;

    /** The oven as the core takes it. */
    public function model(): HeatOven
    {
        return HeatOven::of(
            $this->heater_kw,
            $this->band_k,
            $this->air_kj_per_k,
            $this->shell_kj_per_k,
            $this->air_to_shell_w_per_k,
            $this->shell_loss_w_per_k,
            $this->vent_w_per_k,
            $this->door_w_per_k,
            $this->convection_w_per_m2k,
            $this->max_c,
        );
    }

    /** What logs have taught of it; null where none has. */
    public function taught(): ?OvenCalibration
    {
        return OvenCalibration::from($this->calibration);
    }

    /** The same oven with the figures it had before any log taught it. */
    public function asGuessed(): self
    {
        return (clone $this)->forceFill($this->taught()->was ?? []);
    }

    /** @return array<string, float> as they are stored */
    public static function figuresOf(HeatOven $oven): array
    {
        return array_map(fn (float $figure): float => round($figure, 3), [
            'heater_kw' => $oven->heaterKw,
            'band_k' => $oven->bandK,
            'air_kj_per_k' => $oven->airKjPerK,
            'shell_kj_per_k' => $oven->shellKjPerK,
            'air_to_shell_w_per_k' => $oven->airToShellWPerK,
            'shell_loss_w_per_k' => $oven->shellLossWPerK,
            'vent_w_per_k' => $oven->ventWPerK,
            'door_w_per_k' => $oven->doorWPerK,
            'convection_w_per_m2k' => $oven->convectionWPerM2K,
        ]);
    }

    /** The largest that is in use: it speaks for the ovens where none is named. */
    public static function largest(): ?self
    {
        $size = fn (self $oven): float => ($oven->width_m ?? 0) * ($oven->height_m ?? 0) * ($oven->depth_m ?? 0);

        return self::inUse()->sortByDesc($size)->first();
    }

    /** @return Collection<int, self> those in use, the strongest first */
    public static function inUse(): Collection
    {
        return SharedReads::get('ovens', self::class);
    }

    /** @return Builder<self> */
    public static function allInUse(): Builder
    {
        return self::query()->whereNull('retired_at')->orderByDesc('heater_kw')->orderBy('id');
    }

    /** @return array{float, float, float}|null inside, mm */
    public function roomMm(): ?array
    {
        return $this->width_m === null || $this->height_m === null || $this->depth_m === null
            ? null
            : [1000 * $this->width_m, 1000 * $this->height_m, 1000 * $this->depth_m];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['retired_at' => 'immutable_datetime', 'calibration' => Capture::class] +
            array_fill_keys(
                [
                    'heater_kw',
                    'band_k',
                    'air_kj_per_k',
                    'shell_kj_per_k',
                    'air_to_shell_w_per_k',
                    'shell_loss_w_per_k',
                    'vent_w_per_k',
                    'door_w_per_k',
                    'convection_w_per_m2k',
                    'max_c',
                    'width_m',
                    'height_m',
                    'depth_m',
                    'minutes_to_200',
                    'heater_said_kw',
                ],
                'float',
            );
    }
}
