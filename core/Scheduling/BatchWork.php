<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\Rest;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Trade\StepKind;

/**
 * What is still to do on a lot, as a day takes it: steps that follow each other at one bench as one, with hands, waits
 * and windows.
 *
 * A window that reaches over several steps is shared out evenly over the gaps between them: what keeps each of those
 * keeps the whole.
 */
final readonly class BatchWork
{
    /** A window that runs already begins at this step, which has begun and takes no time. */
    public const SINCE = 'since';

    /** The bench it is said to have been on. */
    public const CLOCK = 'clock';

    /**
     * @param  list<DayStep>  $steps
     * @param  array<string, list<int>>  $positions  key of a step => what of the route it is
     * @param  list<string>  $blown  windows nothing can keep any more, by the step they wait for
     */
    private function __construct(public array $steps, public array $positions, public array $blown)
    {
    }

    /** Everything open on a lot's route but what passes by itself. */
    public static function of(StepProgress $walk, PartFacts $part, BatchOnDay $lot): self
    {
        $blocks = self::blocks($walk, $part, $lot);
        self::hold($walk, $lot, $blocks);
        $blown = $steps = $positions = [];
        foreach (self::windows($walk, $part, $lot, $blocks) as [$from, $to, $minutes]) {
            if (! self::shareOut($blocks, $from, $to, $minutes)) {
                $blown[] = self::name($walk, $blocks[$to]->positions);
            }
        }
        foreach ($blocks as $n => $block) {
            foreach ($block->steps($walk, $n === count($blocks) - 1) as $step) {
                $positions[$step->key] = $block->positions;
                $steps[] = $step;
            }
        }

        return new self($steps, $positions, $blown);
    }

    /**
     * What the steps at some positions are called together.
     *
     * @param  list<int>  $positions
     */
    public static function name(StepProgress $walk, array $positions): string
    {
        $names = array_map(fn (int $n): string => $walk->steps[$n]->name(), $positions);

        return count($names) > 3
            ? implode(', ', array_slice($names, 0, 2)).' and '.(count($names) - 2).' more'
            : implode(', ', $names);
    }

    /**
     * Shares a window out over the gaps from one block to another; false where what lies between takes longer.
     *
     * @param  list<WorkBlock>  $blocks
     */
    private static function shareOut(array $blocks, int $from, int $to, float $minutes): bool
    {
        $slack = $minutes;
        for ($n = $from; $n < $to; $n++) {
            $slack -= $blocks[$n]->wait + ($n > $from ? $blocks[$n]->minutes : 0.0);
        }
        for ($n = $from; $n < $to && $slack >= 0; $n++) {
            $blocks[$n]->most = min($blocks[$n]->most, $blocks[$n]->wait + $slack / ($to - $from));
        }

        return $slack >= 0;
    }

    /**
     * What hangs keeps its rack until it is out of its last oven.
     *
     * @param  list<WorkBlock>  $blocks
     */
    private static function hold(StepProgress $walk, BatchOnDay $lot, array $blocks): void
    {
        $last = null;
        foreach ($blocks as $n => $block) {
            $last = $block->firstOn($walk)?->kind === StepKind::Bake ? $n : $last;
        }
        $hangs = null;
        foreach ($walk->steps as $n => $step) {
            $hangs ??= $step->kind === StepKind::Hang ? $n : null;
        }
        foreach ($blocks as $n => $block) {
            if ($hangs !== null && $last !== null && $n <= $last && max([-1, ...$block->positions]) >= $hangs) {
                $block->takes = $lot->takes;
            }
        }
    }

    /** @return list<WorkBlock> */
    private static function blocks(StepProgress $walk, PartFacts $part, BatchOnDay $lot): array
    {
        $blocks = [];
        if ($lot->leftMinutes !== null || $lot->waitMinutes > 0) {
            $blocks[] = $last = new WorkBlock([], [self::CLOCK]);
            $last->wait = $lot->waitMinutes;
        }
        $last = null;
        foreach ($walk->steps as $n => $step) {
            if ($step->kind->passesByItself()) {
                $last === null || $last->wait += $step->waitMinutes;
            } elseif ($walk->isOpen($n)) {
                if ($last !== null && self::goesOn($walk, $last, $step)) {
                    $last->positions[] = $n;
                    $last->minutes += $step->minutes / $lot->loads;
                    $last->hands = $last->minutes;
                } else {
                    $blocks[] = $last = self::block($n, $step, $lot);
                }
                $rest = Rest::after($step, $part, $lot->bakes[$step->coat ?? 0] ?? null);
                $stays = $step->kind->bakes() ? 0.0 : $step->waitMinutes;
                $last->wait = max($last->wait, $stays, $rest->least ?? 0.0);
            }
        }

        return $blocks;
    }

    private static function goesOn(StepProgress $walk, WorkBlock $block, Step $step): bool
    {
        $before = $block->firstOn($walk);
        $stands = fn (Step $one): bool => $one->kind->bakes() || $one->kind === StepKind::Coat;

        return $before !== null
            && $block->wait <= 0
            && ! $stands($step)
            && ! $stands($before)
            && $before->kind->station() === $step->kind->station();
    }

    private static function block(int $n, Step $step, BatchOnDay $lot): WorkBlock
    {
        $station = $step->kind->station()->value;
        $hands = $step->minutes / $lot->loads;
        if (! $step->kind->bakes()) {
            $colour = $step->kind === StepKind::Coat ? $lot->colours[$step->coat ?? 0] ?? null : null;

            return new WorkBlock([$n], $lot->benches[$station], $hands, $hands, $station, $colour);
        }
        $family = $step->kind === StepKind::Bake
            ? $lot->families[$step->coat ?? 0] ?? null
            : "{$step->kind->label()} ".round($step->celsius ?? 0);

        return new WorkBlock(
            [$n], $lot->ovens, $hands + $step->waitMinutes, $hands, $station, null, $family, $lot->room,
        );
    }

    /**
     * @param  list<WorkBlock>  $blocks
     * @return list<array{int, int, float}> from the end of a block to the beginning of another, at most so many minutes
     */
    private static function windows(StepProgress $walk, PartFacts $part, BatchOnDay $lot, array $blocks): array
    {
        $windows = [];
        foreach ($blocks as $n => $block) {
            foreach ($block->positions as $position) {
                $step = $walk->steps[$position];
                $rest = Rest::after($step, $part, $lot->bakes[$step->coat ?? 0] ?? null);
                if ($rest?->until !== null && $rest->most !== null) {
                    $windows[] = [$n, self::blockWith($walk, $blocks, $n, $rest->until), $rest->most];
                }
                if ($step->kind->baresMetal() && $lot->bareMinutes !== null) {
                    $windows[] = [$n, self::blockWith($walk, $blocks, $n, StepKind::Coat), $lot->bareMinutes];
                }
                if ($lot->leftMinutes !== null && $walk->keys[$position]->text() === $lot->leftUntil) {
                    $windows[] = [0, $n, max(0.0, $lot->leftMinutes)];
                }
            }
        }
        $reaches = [];
        foreach ($windows as [$from, $to, $minutes]) {
            if ($to !== null && $to > $from) {
                $reaches[] = [$from, $to, $minutes];
            }
        }

        return $reaches;
    }

    /** @param  list<WorkBlock>  $blocks */
    private static function blockWith(StepProgress $walk, array $blocks, int $after, StepKind $kind): ?int
    {
        foreach ($blocks as $n => $block) {
            foreach ($n > $after ? $block->positions : [] as $position) {
                if ($walk->steps[$position]->kind === $kind) {
                    return $n;
                }
            }
        }

        return null;
    }
}
