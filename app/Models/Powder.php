<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Cure\Chemistry;
use Aenum\Core\Cure\ClockWay;
use Aenum\Core\Cure\CureRow;
use Aenum\Core\Cure\CureSheet;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property string $name
 * @property ?string $maker
 * @property ?string $lot
 * @property Chemistry $chemistry
 * @property string $colour
 * @property ?string $finish
 * @property float $specific_gravity
 * @property float $film_min_um
 * @property float $film_max_um
 * @property ?float $window_c
 * @property ?float $flow_c
 * @property ?float $flow_minutes
 * @property bool $solvent_proof
 * @property string $effect plain, metallic or bright
 * @property ?float $door_c a row of its sheet that counts from the door: the setpoint
 * @property ?float $door_minutes
 * @property ?ClockWay $clock_way how its sheet counts the cure; null where it says nothing
 * @property string $before_clear what its sheet says before a clear goes on it
 * @property bool $zinc_rich
 * @property bool $gas_tolerant
 * @property bool $conductive
 * @property ?CarbonImmutable $retired_at
 * @property Collection<int, PowderRow> $rows
 */
final class Powder extends Record
{
    /** The sheet as the core takes it. */
    public function sheet(): CureSheet
    {
        return CureSheet::of(
            $this->chemistry,
            array_values(
                $this->rows
                    ->map(
                        fn (PowderRow $row): CureRow => CureRow::of(
                            $row->pmt_c,
                            $row->min_minutes,
                            $row->max_minutes,
                        ),
                    )
                    ->all(),
            ),
            $this->window_c,
            $this->flow_c,
            $this->flow_minutes,
            $this->door_c === null || $this->door_minutes === null ? null : [$this->door_c, $this->door_minutes],
        );
    }

    /** @return HasMany<PowderRow, $this> */
    public function rows(): HasMany
    {
        $relation = $this->hasMany(PowderRow::class);
        $relation->orderBy('pmt_c');

        return $relation;
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'chemistry' => Chemistry::class,
            'clock_way' => ClockWay::class,
            'door_c' => 'float',
            'door_minutes' => 'float',
            'specific_gravity' => 'float',
            'film_min_um' => 'float',
            'film_max_um' => 'float',
            'window_c' => 'float',
            'flow_c' => 'float',
            'flow_minutes' => 'float',
            'solvent_proof' => 'boolean',
            'zinc_rich' => 'boolean',
            'gas_tolerant' => 'boolean',
            'conductive' => 'boolean',
            'retired_at' => 'immutable_datetime',
        ];
    }
}
