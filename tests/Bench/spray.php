<?php

declare(strict_types=1);

/*
 * The practice booth's sums: a minute of path on 60 x 40 cells as a share of 400 ms, a quarter-second of stroke as a
 * share of 60 ms, and how both grow with cells and with points. php tests/Bench/spray.php. It prints and never fails.
 */

use Aenum\Core\Application\Panel;
use Aenum\Core\Application\PathPoint;
use Aenum\Core\Application\SprayedPanel;
use Aenum\Core\Application\SprayGun;
use Aenum\Core\Application\SprayPowder;

require __DIR__.'/../../core/autoload.php';

/** @return list<PathPoint> a hand at 300 mm/s, up and down the panel, so many points a second */
$hand = function (float $seconds, int $aSecond): array {
    $path = [];
    for ($n = 0; $n <= $seconds * $aSecond; $n++) {
        $t = $n / $aSecond;
        $along = fmod(300 * $t, 1680);
        $path[] = PathPoint::of($t, min($along, 1680 - $along) - 120, 60 * (int) (300 * $t / 840) % 500, 220, true);
    }

    return $path;
};
$gun = SprayGun::of(110, 0.6, 70, 240, 220);
$powder = SprayPowder::of(1.55, 60, 90);
$median = function (callable $work): float {
    $times = [];
    for ($n = 0; $n < 5; $n++) {
        $from = hrtime(true);
        $work();
        $times[] = (hrtime(true) - $from) / 1e6;
    }
    sort($times);

    return $times[2];
};
printf("%-44s %8s %10s\n", 'path', 'cells', 'of allowed');
foreach ([[60, 20, 400, 10], [60, 100, 400, 10], [60, 20, 400, 5], [60, 20, 400, 20], [0.25, 60, 60, 10]] as $case) {
    [$seconds, $aSecond, $allowed, $cell] = $case;
    $panel = Panel::of(600, 400, $cell);
    $path = $hand($seconds, $aSecond);
    $bare = SprayedPanel::bare($panel, $powder);
    $share = $median(fn () => $bare->after($path, $gun)) / $allowed;
    $name = "{$seconds} s, {$aSecond} points a second, {$allowed} ms";
    printf("%-44s %8d %9.2f\n", $name, $panel->across * $panel->down, $share);
}
