<?php

declare(strict_types=1);

namespace App\Curing\Simulated;

use Aenum\Core\Curing\Infrared;
use Aenum\Core\Thermal\LoadItem;
use App\Curing\Models\OvenLoad;
use App\Curing\Queries\LoadSchedule;
use App\Curing\Queries\ReadableItem;
use Carbon\CarbonImmutable;

/**
 * A simulated infrared thermometer for the demo.
 *
 * It reads the hidden oven behind its closed door with noise of about 1.5 K. Set to the powder's emissivity of 0.9 it
 * shows the surface plus what the film reflects of the hot shell; the fit has to find out the rest from the readings.
 */
final readonly class SimulatedThermometer
{
    private const NOISE_K = 1.5;

    /** @param  list<ReadableItem>  $items  what hangs in it */
    public function __construct(private OvenLoad $load, private array $items)
    {
    }

    /** What the hidden oven's own display shows now, °C. */
    public function ovenShows(CarbonImmutable $now): float
    {
        $second = max(1.0, LoadSchedule::second($this->load->ran(), $now));

        return round($this->hidden()->run($second, $now)->airC($second));
    }

    /** What the instrument shows, °C, pointed at an item now. */
    public function shows(int $item, CarbonImmutable $now, bool $doorOpen = false): float
    {
        $second = max(1.0, LoadSchedule::second($this->load->ran(), $now));
        $hidden = $this->hidden();
        $noise = self::NOISE_K * 2 * ($hidden->chance("noise-{$item}-".(int) $second) - 0.5);

        $run = $hidden->run($second, $now);
        $shown = Infrared::shownCelsius(
            $run->surfaceC($item, $second),
            $this->items[$item]->coveredEmissivity,
            $doorOpen ? $this->load->ambient_c : $run->shellC($second),
            $this->load->ambient_c,
        );

        return round($shown + $noise, 1);
    }

    private function hidden(): HiddenOven
    {
        return new HiddenOven($this->load, array_map(fn (ReadableItem $one): LoadItem => $one->item, $this->items));
    }
}
