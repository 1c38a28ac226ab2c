<?php

declare(strict_types=1);

/**
 * Hidden ovens whose eight figures all differ from the model's by up to 40 % either way; one reading and what the
 * display showed. Prints how often the true pull lies in the band that is told, and how far off the pull told is.
 * With "live": a logger on everything instead, as App\Curing\Queries\LiveLogger takes it into the reckoning.
 * Run: php tests/Bench/correct.php [how many] [seed] [live]
 */

use Aenum\Core\Curing\AttemptRun;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\Outcome;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RecordedRun;
use Aenum\Core\Thermal\Simulation;
use Tests\Core\Loads;
use Tests\Core\Logged;

require __DIR__.'/../../vendor/autoload.php';

$many = (int) ($argv[1] ?? 100);
mt_srand((int) ($argv[2] ?? 7));
$live = ($argv[3] ?? '') === 'live';
$loads = [
    [Loads::item(), Loads::item('panel', 6.3, 0.8, 4, 'carbon_steel')],
    [Loads::item('column', 34, 1.2, 3)],
    [Loads::item('arm', 6.4, 0.55, 12, 'carbon_steel'), Loads::item('leaf', 0.6, 0.08, 20, 'aluminium')],
];
$sheet = Loads::sheet([[180, 18, null], [200, 8, null]]);
$rules = BakeRules::of();
$in = $early = $none = 0;
$off = $width = $took = [];
for ($n = 0; $n < $many; $n++) {
    $load = $loads[$n % count($loads)];
    $aims = array_fill(0, count($load), CureTarget::fullCure($sheet));
    $model = Loads::oven();
    $hidden = $model->times(array_map(fn (): float => Logged::uniform(0.6, 1.4), OvenFigure::cases()));
    $schedule = OvenSchedule::of(20, 200, null, null, [Door::opened(0, 75)]);
    $tape = new RecordedRun(new Simulation($hidden, $load, $schedule), 60 * 10080);
    $true = (new AttemptRun($tape, $load, $aims, $schedule, $rules))->follow();
    if ($true->outcome === Outcome::NeverDone) {
        $none++;

        continue;
    }
    $pull = $true->pullS / 60;
    $second = 60 * Logged::uniform(0.35, 0.65) * $pull;
    $run = $tape->until($second, $load);
    $item = $true->last;
    $moments = $live ? array_filter([$second - 480, $second - 240, $second], fn (float $s): bool => $s >= 120) : [];
    $readings = $displays = [];
    foreach ($moments as $moment) {
        $displays[] = [$moment, $run->airC($moment) + Logged::normal(1)];
        foreach (array_keys($load) as $each) {
            $readings[] = Reading::of($each, $moment, $run->coreC($each, $moment) + Logged::normal(1));
        }
    }
    $from = hrtime(true);
    $told = PullEnsemble::of(
        $model, $load, $aims, $schedule, $rules,
        $live ? $readings : [Reading::of($item, $second, $run->surfaceC($item, $second) + Logged::normal(3))],
        $live ? $displays : [[$second, $run->airC($second) + Logged::normal(1)]],
    );
    $took[] = (hrtime(true) - $from) / 1e9;
    if ($told->minutes === null || $told->lowMinutes === null || $told->highMinutes === null) {
        $none++;

        continue;
    }
    $in += $pull >= $told->lowMinutes && $pull <= $told->highMinutes ? 1 : 0;
    $early += $told->minutes < 0.9 * $pull ? 1 : 0;
    $off[] = $told->minutes / $pull - 1;
    $width[] = ($told->highMinutes - $told->lowMinutes) / $pull;
}
sort($off);
sort($width);
sort($took);
$count = count($off);
printf("%d ovens (%d told nothing)\n", $count, $none);
printf("true pull in the band         %5.1f in a hundred   (60 to 80)\n", 100 * $in / $count);
printf("told over a tenth too early   %5.1f in a hundred   (at most 5)\n", 100 * $early / $count);
printf("band of the pull, median      %5.1f %%             (at most 15)\n", 100 * $width[intdiv($count, 2)]);
printf("told late, median             %5.1f %%             (at most 5)\n", 100 * $off[intdiv($count, 2)]);
printf("worst early, worst late       %5.1f %%, %5.1f %%\n", 100 * $off[0], 100 * $off[$count - 1]);
printf("slowest against the median    %5.1f times\n", $took[$count - 1] / $took[intdiv($count, 2)]);
fprintf(STDERR, "median %.2f s\n", $took[intdiv($count, 2)]);
