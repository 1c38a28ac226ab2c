<?php

declare(strict_types=1);

/**
 * Hidden ovens whose eight figures are 20 to 40 % off the model's, each logged three times (from cold, a heavy load, a
 * door in mid-run) with noise, couples that lag and clocks that are off. Prints what the fit makes of them: how often
 * its intervals hold the truth and how narrow they are, and how far an unseen load and its pull are off.
 * Run: php tests/Bench/fit.php [how many] [seed] [parts' own h differ by, 0.1] [offset of the couples, K]
 */

use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenFit;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Tests\Core\Loads;
use Tests\Core\Logged;

require __DIR__.'/../../vendor/autoload.php';

$many = (int) ($argv[1] ?? 60);
mt_srand((int) ($argv[2] ?? 7));
$differ = (float) ($argv[3] ?? 0);
$offset = (float) ($argv[4] ?? 0.5);
$loads = [
    [[Loads::item(), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')], 70, true, null],
    [[Loads::item('column', 34, 1.2, 8), Loads::item('arm', 6.4, 0.55, 12, 'carbon_steel')], 90, false, null],
    [[Loads::item('leaf', 0.6, 0.08, 20, 'aluminium'), Loads::item('frame', 9, 1.1, 6, 'carbon_steel')], 60, false, 30],
];
$unseen = [Loads::item('hub', 15, 0.9, 5), Loads::item('rail', 4, 0.5, 10, 'carbon_steel')];
$unseenSchedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
$aims = array_fill(0, 2, CureTarget::fullCure(Loads::sheet([[180, 18, null], [200, 8, null]])));
$pull = function (Oven $oven, array $load) use ($aims, $unseenSchedule): ?float {
    $tape = new RecordedRun(new Simulation($oven, $load, $unseenSchedule), 60 * 600);
    $attempt = (new AttemptRun($tape, $load, $aims, $unseenSchedule, BakeRules::of()))->follow();

    return $attempt->pullS / 60;
};
$model = Loads::oven();
$keys = array_map(fn (OvenFigure $one): string => $one->value, OvenFigure::cases());
$held = $half = array_fill_keys($keys, []);
$offK = $worstK = $offMin = $inBand = $early = $width = $late = $floor = $told = $took = $after = [];
for ($n = 0; $n < $many; $n++) {
    $hidden = Logged::hidden($model);
    $runs = [];
    foreach ($loads as [$load, $minutes, $cold, $door]) {
        $schedule = OvenSchedule::of(20, 200, $cold ? 20.0 : null, $cold ? 20.0 : null, [Door::opened(0, 75)]);
        $schedule = $door === null ? $schedule : $schedule->withDoor(Door::opened($door, 60));
        $truth = Logged::own($load, $hidden, $differ);
        $runs[] = Logged::run($hidden, $load, $truth, $schedule, $minutes, Logged::uniform(0.5, 1.5), $offset);
    }
    $from = hrtime(true);
    $fit = OvenFit::of($model, $runs);
    $took[] = (hrtime(true) - $from) / 1e9;
    $after[] = $fit->residualAfterK;
    $told[] = count(array_filter($fit->figures, fn (array $one): bool => $one['told']));
    foreach (OvenFigure::cases() as $figure) {
        $one = $fit->figures[$figure->value];
        $true = $figure->in($hidden);
        $held[$figure->value][] = $true >= $one['low'] && $true <= $one['high'] ? 1 : 0;
        $half[$figure->value][] = ($one['high'] - $one['low']) / 2 / $one['to'];
    }
    $truth = Logged::own($unseen, $hidden, $differ);
    $a = (new Simulation($hidden, $truth, $unseenSchedule))->run(3600);
    $b = (new Simulation($fit->oven, $unseen, $unseenSchedule))->run(3600);
    $off = [];
    foreach (range(2, 60, 2) as $minute) {
        foreach ([0, 1] as $item) {
            $off[] = abs($a->coreC($item, 60 * $minute) - $b->coreC($item, 60 * $minute));
        }
    }
    $offK[] = sqrt(array_sum(array_map(fn ($k) => $k * $k, $off)) / count($off));
    $worstK[] = max($off);
    [$p, $q] = [$pull($hidden, $truth), $pull($fit->oven, $unseen)];
    $offMin[] = abs($p - $q);
    $second = 60 * Logged::uniform(0.35, 0.65) * $p;
    $read = (new Simulation($hidden, $truth, $unseenSchedule))->run($second);
    $band = PullEnsemble::of(
        $fit->oven, $unseen, $aims, $unseenSchedule, BakeRules::of(),
        [Reading::of(0, $second, $read->surfaceC(0, $second) + Logged::normal(3))],
        [[$second, $read->airC($second) + Logged::normal(1)]],
        $fit->lesson,
    );
    $inBand[] = $p >= $band->lowMinutes && $p <= $band->highMinutes ? 1 : 0;
    $early[] = $band->minutes < 0.9 * $p ? 1 : 0;
    $width[] = ($band->highMinutes - $band->lowMinutes) / $p;
    $late[] = $band->minutes / $p - 1;
    $floor[] = abs($p - $pull($hidden, $unseen));
}
$at = function (array $list, float $share): float {
    sort($list);

    return $list[(int) round($share * (count($list) - 1))];
};
printf("%d ovens, parts' own h differing by %g, offsets %g K\n", $many, $differ, $offset);
printf("%-22s %8s %12s\n", 'figure', 'held %', 'half width %');
foreach ($keys as $key) {
    printf("%-22s %8.0f %12.1f\n", $key, 100 * array_sum($held[$key]) / $many, 100 * $at($half[$key], 0.5));
}
printf("held over all          %8.1f  (60 to 80)\n", 100 * array_sum(array_merge(...array_values($held))) / 8 / $many);
printf("told of eight, mean    %8.1f\n", array_sum($told) / $many);
printf("unseen load, rms K     %8.2f median %6.2f ninth decile\n", $at($offK, 0.5), $at($offK, 0.9));
printf("unseen load, worst K   %8.2f median %6.2f ninth decile\n", $at($worstK, 0.5), $at($worstK, 0.9));
printf("pull, min              %8.2f median %6.2f ninth decile\n", $at($offMin, 0.5), $at($offMin, 0.9));
printf("of it not the oven's    %8.2f median %6.2f ninth decile\n", $at($floor, 0.5), $at($floor, 0.9));
printf("one reading after it: pull in the band %.0f in a hundred, told a tenth early %.1f,\n",
    100 * array_sum($inBand) / $many, 100 * array_sum($early) / $many);
printf("    band %.1f %% of the pull, told %.1f %% late, median\n", 100 * $at($width, 0.5), 100 * $at($late, 0.5));
printf("residual after, K      %8.2f median\n", $at($after, 0.5));
printf("slowest against median %8.1f times\n", $at($took, 1) / $at($took, 0.5));
fprintf(STDERR, "median %.2f s, slowest %.2f s\n", $at($took, 0.5), $at($took, 1));
