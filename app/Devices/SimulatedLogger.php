<?php

declare(strict_types=1);

namespace App\Devices;

use App\Actions\Cure\LoadOfBake;

/**
 * A stand-in for a thermocouple logger that went through a bake: the hidden oven's curves as its CSV file, from the
 * door shut.
 */
final readonly class SimulatedLogger
{
    private const EVERY_S = 30;

    private const NOISE_K = 0.8;

    public function __construct(private LoadOfBake $load)
    {
    }

    /** @param  float  $seconds  after the door shut */
    public function file(float $seconds): string
    {
        $hidden = new HiddenOven($this->load);
        $door = $this->load->bake->door_open_s;
        $run = $hidden->run($door + $seconds);
        $items = array_keys($this->load->hung);
        $csv =
            'time s,air °C'.
            implode(
                '',
                array_map(
                    fn (int $i): string => ','.
                        str_replace([',', '"'], ' ', $this->load->hung[$i]->item->name).
                        ' °C',
                    $items,
                ),
            ).
            "\n";
        for ($s = 0; $s <= $seconds; $s += self::EVERY_S) {
            $noise = fn (int $channel): float => self::NOISE_K * 2 * ($hidden->chance("log-{$channel}-{$s}") - 0.5);
            $cells = [
                $run->airC($door + $s) + $noise(-1),
                ...array_map(fn (int $i): float => $run->coreC($i, $door + $s) + $noise($i), $items),
            ];
            $csv .=
                $s.
                ','.
                implode(',', array_map(fn (float $c): string => number_format($c, 1, '.', ''), $cells)).
                "\n";
        }

        return $csv;
    }
}
