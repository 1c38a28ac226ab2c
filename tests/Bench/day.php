<?php

declare(strict_types=1);

/**
 * How well and how fast days are planned: 60 to 500 lots in two seconds, a slip in half a second, a job shop of the
 * literature. Prints ratios: late beside first due first, beside four times the time, and beside the bound.
 *
 * php -d opcache.enable_cli=1 -d opcache.jit=tracing -d opcache.jit_buffer_size=64M tests/Bench/day.php
 */

use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\DayPlanner;
use Aenum\Core\Scheduling\ShopDay;
use Tests\Core\Scheduling\AnyDay;
use Tests\Core\Scheduling\PlainShopTest;

require dirname(__DIR__, 2).'/vendor/autoload.php';

$plan = function (ShopDay $day, float $seconds): DayPlan {
    $began = hrtime(true);

    return DayPlanner::plan($day, Budget::seconds($seconds, fn (): float => (hrtime(true) - $began) / 1e9));
};

foreach ([60 => 8, 120 => 16, 250 => 32, 500 => 64] as $batches => $days) {
    $day = AnyDay::of($batches, $batches, $days);
    $first = DayPlanner::plan($day, Budget::moves(0));
    $two = $plan($day, 2.0);
    $eight = $plan($day, 8.0);
    $ratio = fn (float $a, float $b): string => $b > 0 ? sprintf('%.2f', $a / $b) : ($a > 0 ? 'more than 0' : 'both 0');
    printf(
        "%d lots: late %.0f; beside the best order to begin with %s, beside 8 s %s, bound %.0f; %d moves\n",
        $batches,
        $two->score->lateMin,
        $ratio($two->score->lateMin, $first->score->lateMin),
        $ratio($two->score->lateMin, $eight->score->lateMin),
        $two->boundMin,
        $two->moves,
    );
    $slip = AnyDay::after($two, $day, 200.0, 20.0);
    $began = hrtime(true);
    $again = $plan($slip, 0.5);
    printf(
        "  a slip of 20 min: %.1f of the half second used, %d of %d steps moved, late %s of before\n",
        (hrtime(true) - $began) / 5e8,
        count($again->moved),
        count($again->steps),
        $ratio($again->score->lateMin, $two->score->lateMin),
    );
}
$ten = $plan(PlainShopTest::shop(PlainShopTest::TEN), 5.0);
printf("10 x 10: %.3f of the best known 930, bound %.3f of it\n", $ten->score->makespanMin / 930, $ten->boundMin / 930);
