<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Heat\Oven as HeatOven;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * @property int $id
 * @property string $name
 * @property ?array<string, mixed> $answers
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
 * @property ?CarbonImmutable $retired_at
 */
final class Oven extends Model
{
    protected $guarded = [];

    /** The oven as the core takes it. */
    public function model(): HeatOven
    {
        return HeatOven::of(
            $this->heater_kw, $this->band_k, $this->air_kj_per_k, $this->shell_kj_per_k, $this->air_to_shell_w_per_k,
            $this->shell_loss_w_per_k, $this->vent_w_per_k, $this->door_w_per_k, $this->convection_w_per_m2k, $this->max_c,
        );
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['answers' => 'array', 'heater_kw' => 'float', 'band_k' => 'float', 'air_kj_per_k' => 'float', 'shell_kj_per_k' => 'float', 'air_to_shell_w_per_k' => 'float', 'shell_loss_w_per_k' => 'float', 'vent_w_per_k' => 'float', 'door_w_per_k' => 'float', 'convection_w_per_m2k' => 'float', 'max_c' => 'float', 'retired_at' => 'immutable_datetime'];
    }
}
