<?php

declare(strict_types=1);

namespace App\Curing\Simulated;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Thermal\Trajectory;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\LoadSchedule;
use App\Curing\Queries\LoadSnapshot;
use Carbon\CarbonImmutable;

/**
 * The "true" oven that simulated devices measure: the configured one with fan, heater and walls off by undisclosed
 * amounts, and with parts that heat a little faster or slower from load to load.
 */
final readonly class HiddenOven
{
    private const SLOWEST = 0.8;

    private const FASTEST = 1.08;

    /** How far one bake's parts may be off another's, as a share. */
    private const BAKES_DIFFER = 0.03;

    /** @param  list<LoadItem>  $items */
    public function __construct(private OvenLoad $load, private array $items)
    {
    }

    public function run(float $seconds, ?CarbonImmutable $now = null): Trajectory
    {
        return (new Simulation(
            $this->oven(),
            $this->items,
            LoadSchedule::of($this->load, $now),
            1 - self::BAKES_DIFFER + 2 * self::BAKES_DIFFER * $this->chance('hung'),
        ))->run($seconds);
    }

    /** 0 to 1, the same for the same bake and question. */
    public function chance(string $question): float
    {
        return self::share("{$this->load->id}|{$this->load->oven_id}|{$question}");
    }

    private function oven(): Oven
    {
        $own = fn (string $figure): float => self::share("{$this->load->oven_id}|{$figure}");

        return LoadSnapshot::oven($this->load->ran())->asGuessed()->model()->times([
            self::SLOWEST + (self::FASTEST - self::SLOWEST) * $own('fan'),
            1.0,
            0.9 + 0.3 * $own('loss'),
            0.95 + 0.2 * $own('shell'),
            1.0,
            1.0,
            0.92 + 0.1 * $own('heater'),
            1.0,
        ]);
    }

    private static function share(string $question): float
    {
        return hexdec(substr(hash('sha256', $question), 0, 8)) / 0xFFFFFFFF;
    }
}
