<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\StepOutcome;

/** What a lot's last steps ask of the time until its next one. */
final readonly class Pause
{
    /**
     * @param  float  $waitMinutes  still to wait; 0 where nothing is waited for
     * @param  string|null  $waitWhy  what for
     * @param  float|null  $leftMinutes  until a step must have begun, below 0 where it is late; null where none presses
     * @param  string|null  $leftFor  which step presses
     * @param  string|null  $leftWhy  why it presses
     */
    private function __construct(
        public float $waitMinutes,
        public ?string $waitWhy,
        public ?float $leftMinutes,
        public ?string $leftFor,
        public ?string $leftWhy,
    ) {
    }

    /**
     * @param  array<int, float>  $agoMinutes  position of a step => minutes since it was done, where that is known
     * @param  array<int, BakeTo>  $bakes  coat, from 1 => how far it is baked
     */
    public static function of(StepProgress $walk, PartFacts $part, array $agoMinutes, array $bakes = []): self
    {
        $next = $walk->next();
        $wait = 0.0;
        $left = $waitWhy = $leftFor = $leftWhy = null;
        foreach ($agoMinutes as $n => $ago) {
            $step = $walk->steps[$n];
            $done = $walk->outcome($n) === StepOutcome::Done;
            $rest = $done ? Rest::after($step, $part, $bakes[$step->coat ?? 0] ?? null) : null;
            if ($rest === null) {
                continue;
            }
            $holds = $next !== null && $next > $n && $rest->holds($walk->steps[$next]->kind) &&
                ! self::isPast($walk, $n, $rest);
            if ($holds && $rest->least - $ago > $wait) {
                [$wait, $waitWhy] = [$rest->least - $ago, $rest->why];
            }
            $due = $rest->until === null ? null : $walk->firstOpenAfter($n, $rest->until);
            if ($due !== null && $rest->most !== null && $rest->most - $ago < ($left ?? INF)) {
                [$left, $leftFor, $leftWhy] = [$rest->most - $ago, $walk->steps[$due]->name(), $rest->why];
            }
        }

        return new self($wait, $waitWhy, $left, $leftFor, $leftWhy);
    }

    /** Whether a step that waits for it is done all the same: what was sprayed on wet metal waits for nothing now. */
    private static function isPast(StepProgress $walk, int $after, Rest $rest): bool
    {
        foreach ($walk->steps as $n => $step) {
            $is = $n > $after && $rest->holds($step->kind);
            if ($is && $walk->outcome($n) === StepOutcome::Done) {
                return true;
            }
        }

        return false;
    }

    /** Whether what presses has not begun in time. */
    public function isLate(): bool
    {
        return $this->leftMinutes !== null && $this->leftMinutes < 0;
    }
}
