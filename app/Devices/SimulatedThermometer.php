<?php

declare(strict_types=1);

namespace App\Devices;

use Aenum\Core\Heat\Oven;
use Aenum\Core\Heat\Simulation;
use App\Actions\Cure\LoadOfBake;
use Carbon\CarbonImmutable;

/**
 * A stand-in for an infrared thermometer, for training and for the demo.
 *
 * It reads a hidden "true" oven: the modelled one with its heater, shell and exchange off by amounts that are fixed
 * for each bake but told to nobody, plus the instrument's own noise of about 1.5 K. Set to the powder's emissivity
 * of 0.9 it shows the surface; the fit has to find out the rest from the readings alone.
 */
final readonly class SimulatedThermometer
{
    private const NOISE_K = 1.5;

    private const SLOWEST = 0.80;

    private const FASTEST = 1.08;

    public function __construct(private LoadOfBake $load)
    {
    }

    /** What the instrument shows, °C, pointed at an item now. */
    public function shows(int $item, CarbonImmutable $now): float
    {
        $second = max(1.0, $this->load->second($now));
        $run = (new Simulation($this->trueOven(), $this->load->items(), $this->load->conduct($now), $this->hiddenExchange()))->run($second);
        $noise = self::NOISE_K * 2 * ($this->chance("noise-{$item}-".(int) $second) - 0.5);

        return round($run->surfaceC($item, $second) + $noise, 1);
    }

    private function trueOven(): Oven
    {
        $model = $this->load->oven;

        return Oven::of(
            $model->heaterKw * (0.92 + 0.1 * $this->chance('heater')), $model->bandK, $model->airKjPerK,
            $model->shellKjPerK * (0.95 + 0.2 * $this->chance('shell')), $model->airToShellWPerK, $model->shellLossWPerK,
            $model->ventWPerK, $model->doorWPerK, $model->convectionWPerM2K, $model->maxC,
        );
    }

    private function hiddenExchange(): float
    {
        return self::SLOWEST + (self::FASTEST - self::SLOWEST) * $this->chance('exchange');
    }

    /** 0 to 1, the same for the same bake and question. */
    private function chance(string $question): float
    {
        return hexdec(substr(hash('sha256', "{$this->load->bake->id}|{$this->load->bake->oven_id}|{$question}"), 0, 8)) / 0xFFFFFFFF;
    }
}
