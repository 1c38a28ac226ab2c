<?php

declare(strict_types=1);

namespace App\Devices;

use Aenum\Core\Heat\Oven;
use Aenum\Core\Heat\Simulation;
use Aenum\Core\Heat\Trajectory;
use App\Actions\Cure\LoadOfBake;
use Carbon\CarbonImmutable;

/**
 * The "true" oven the simulated devices measure: the modelled one with its heater, shell and exchange off by amounts
 * that are fixed for each bake but told to nobody.
 */
final readonly class HiddenOven
{
    private const SLOWEST = 0.8;

    private const FASTEST = 1.08;

    public function __construct(private LoadOfBake $load)
    {
    }

    public function run(float $seconds, ?CarbonImmutable $now = null): Trajectory
    {
        return (new Simulation(
            $this->oven(),
            $this->load->items(),
            $this->load->schedule($now),
            self::SLOWEST + (self::FASTEST - self::SLOWEST) * $this->chance('exchange'),
        ))->run($seconds);
    }

    /** 0 to 1, the same for the same bake and question. */
    public function chance(string $question): float
    {
        return hexdec(
            substr(hash('sha256', "{$this->load->bake->id}|{$this->load->bake->oven_id}|{$question}"), 0, 8),
        ) / 0xFFFFFFFF;
    }

    private function oven(): Oven
    {
        $model = $this->load->oven;

        return Oven::of(
            $model->heaterKw * (0.92 + 0.1 * $this->chance('heater')),
            $model->bandK,
            $model->airKjPerK,
            $model->shellKjPerK * (0.95 + 0.2 * $this->chance('shell')),
            $model->airToShellWPerK,
            $model->shellLossWPerK,
            $model->ventWPerK,
            $model->doorWPerK,
            $model->convectionWPerM2K,
            $model->maxC,
        );
    }
}
