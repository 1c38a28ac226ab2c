<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\DayFile;
use Aenum\Core\Files\DayReport;
use Aenum\Core\Scheduling\Budget;
use Aenum\Core\Scheduling\DayPlanner;

/** `bin/aenum day FILE|- [--seconds 2] [--seed 1] [--steps N]`: a plan of the day. */
final readonly class DayCommand
{
    private const USUAL_SECONDS = 2.0;

    private const MOST_SECONDS = 600.0;

    /** What reading, starting and writing take beside the search, s. */
    private const ASIDE_S = 0.1;

    /** @param  \Closure(): float  $clock  seconds since the program began */
    public function __construct(private \Closure $clock)
    {
    }

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $moves = $arguments->number('steps', 0, 1e9);
        $seed = (int) ($arguments->number('seed', 0, 2_147_483_647) ?? 1);
        $seconds = $arguments->number('seconds', 0.05, self::MOST_SECONDS) ?? self::USUAL_SECONDS;
        $day = DayFile::parse($read($arguments->operands[0]));
        $budget = $moves === null
            ? Budget::seconds(max(0.05, $seconds - self::ASIDE_S), $this->clock)
            : Budget::moves((int) $moves);

        return DayReport::of(DayPlanner::plan($day, $budget, $seed), $day->aim);
    }
}
