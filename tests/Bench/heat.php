<?php

declare(strict_types=1);

/*
 * How long the heat model takes, as shares of what it may take, and how it grows with kinds and hours.
 * Run: php tests/Bench/heat.php. It prints and never fails: the machine is shared and noisy.
 */

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\Outlook;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\Simulation;
use Tests\Core\Loads;

require __DIR__.'/../../vendor/autoload.php';

/** @return list<LoadItem> */
function kinds(int $n): array
{
    return array_map(
        fn (int $i): LoadItem => LoadItem::of(
            "kind {$i}",
            1,
            MetalCatalog::get(['carbon_steel', 'aluminium', 'cast_iron'][$i % 3]),
            3 + 0.4 * ($i % 30),
            0.4 + 0.02 * ($i % 30),
            0.9,
            0.8,
        ),
        range(0, $n - 1),
    );
}

/** Best of several, ms. */
function best(callable $work, int $times = 7): float
{
    $best = INF;
    for ($n = 0; $n < $times; $n++) {
        $start = hrtime(true);
        $work();
        $best = min($best, (hrtime(true) - $start) / 1e6);
    }

    return $best;
}

$schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
$run = fn (int $kinds, float $hours): float => best(
    fn () => (new Simulation(Loads::oven(), kinds($kinds), $schedule))->run(3600 * $hours),
);

printf("%-34s %10s %12s\n", 'run', 'ms', 'of budget');
foreach ([[30, 2, 25], [200, 4, 400]] as [$kinds, $hours, $budget]) {
    $ms = $run($kinds, $hours);
    printf("%-34s %10.1f %11.0f%%\n", "{$kinds} kinds, {$hours} h", $ms, (100 * $ms) / $budget);
}

echo "\ngrowth (1.0 is in proportion)\n";
$base = $run(25, 2);
foreach ([50, 100, 200, 400] as $kinds) {
    printf(
        "  %4d kinds: x%5.1f for x%-4.0f = %.2f\n",
        $kinds,
        $run($kinds, 2) / $base,
        $kinds / 25,
        $run($kinds, 2) / $base / ($kinds / 25),
    );
}
$base = $run(50, 1);
foreach ([2, 4, 8, 24] as $hours) {
    printf(
        "  %4d hours: x%5.1f for x%-4.0f = %.2f\n",
        $hours,
        $run(50, $hours) / $base,
        $hours,
        $run(50, $hours) / $base / $hours,
    );
}

echo "\nplans and pictures\n";
$sheet = Loads::sheet();
foreach ([1, 4, 12, 30] as $n) {
    $load = array_slice(kinds(30), 0, $n);
    $aims = array_fill(0, $n, CureTarget::fullCure($sheet));
    $plan = best(fn () => (new BakePlanner(Loads::oven(), $load, $aims, $schedule, BakeRules::of()))->plan(), 3);
    $look = best(fn () => Outlook::of(Loads::oven(), $load, $aims, $schedule, BakeRules::of(), 40), 5);
    printf(
        "  %3d kinds: plan %7.1f ms%s, re-plan at a setpoint %6.1f ms (%3.0f%% of 150)\n",
        $n,
        $plan,
        $n === 12 ? sprintf(' (%.0f%% of 150)', (100 * $plan) / 150) : '',
        $look,
        (100 * $look) / 150,
    );
}
