<?php

declare(strict_types=1);

namespace App\Curing\Simulated;

use Aenum\Core\Thermal\Thermocouple;
use App\Curing\Queries\BakeModelFactory;

/** A simulated thermocouple logger: the hidden oven's curves as a CSV file, from the door's closing. */
final readonly class SimulatedLogger
{
    private const EVERY_S = 30;

    private const NOISE_K = 0.8;

    /** Lag of its couples, s. */
    private const FASTEST_S = 6.0;

    private const SLOWEST_S = 30.0;

    public function __construct(private BakeModelFactory $load)
    {
    }

    /** @param  float  $seconds  after the door shut */
    public function file(float $seconds): string
    {
        $hidden = new HiddenOven($this->load->bake, $this->load->items());
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
        $seen = range(0, (int) $seconds, self::EVERY_S);
        $moments = array_map(fn (int $s): float => (float) $door + $s, $seen);
        $shown = [];
        foreach ([-1, ...$items] as $channel) {
            $lag = self::FASTEST_S + (self::SLOWEST_S - self::FASTEST_S) * $hidden->chance("couple-{$channel}");
            $course = $channel < 0 ? $run->airCourse() : $run->coreCourse($channel);
            $shown[$channel] = Thermocouple::reads($course, $lag, $moments);
        }
        foreach ($seen as $n => $s) {
            $noise = fn (int $channel): float => self::NOISE_K * 2 * ($hidden->chance("log-{$channel}-{$s}") - 0.5);
            $cells = array_map(fn (int $channel): float => $shown[$channel][$n] + $noise($channel), [-1, ...$items]);
            $csv .=
                $s.
                ','.
                implode(',', array_map(fn (float $c): string => number_format($c, 1, '.', ''), $cells)).
                "\n";
        }

        return $csv;
    }
}
