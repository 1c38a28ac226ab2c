<?php

declare(strict_types=1);

namespace App\Devices;

use Aenum\Core\Cure\Infrared;
use App\Actions\Cure\LoadOfBake;
use Carbon\CarbonImmutable;

/**
 * A stand-in for an infrared thermometer, for training and for the demo.
 *
 * It reads the hidden oven behind its shut door, with the instrument's own noise of about 1.5 K. Set to the powder's
 * emissivity of 0.9 it shows the surface and what the film mirrors of the hot shell; the fit has to find out the rest
 * from the readings alone.
 */
final readonly class SimulatedThermometer
{
    private const NOISE_K = 1.5;

    public function __construct(private LoadOfBake $load)
    {
    }

    /** What the hidden oven's own display shows now, °C. */
    public function ovenShows(CarbonImmutable $now): float
    {
        $second = max(1.0, $this->load->second($now));

        return round((new HiddenOven($this->load))->run($second, $now)->airC($second));
    }

    /** What the instrument shows, °C, pointed at an item now. */
    public function shows(int $item, CarbonImmutable $now): float
    {
        $second = max(1.0, $this->load->second($now));
        $hidden = new HiddenOven($this->load);
        $noise = self::NOISE_K * 2 * ($hidden->chance("noise-{$item}-".(int) $second) - 0.5);

        $run = $hidden->run($second, $now);
        $shown = Infrared::shownCelsius(
            $run->surfaceC($item, $second),
            $this->load->hung[$item]->item->emissivity,
            $run->shellC($second),
            $this->load->bake->ambient_c,
        );

        return round($shown + $noise, 1);
    }
}
