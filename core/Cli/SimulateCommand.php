<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\LoadFile;
use Aenum\Core\Files\RunReport;
use Aenum\Core\Thermal\Simulation;
use Aenum\Core\Units\InvalidInput;

/** Runs a load file and reports temperatures at chosen minutes. */
final class SimulateCommand
{
    private const MOST_MOMENTS = 20000;

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = LoadFile::parse($read($arguments->operands[0]))->withoutReadings();
        $minutes = $file->runMinutes ?? throw InvalidInput::missing('run.minutes', 'above 0, up to 10080');
        if ($file->setpointC === null) {
            throw InvalidInput::missing('oven.setpoint_c', '-40 to 700');
        }
        $run = (new Simulation($file->oven, $file->items, $file->schedule))->run(60 * $minutes);

        return RunReport::of($run, $this->moments($arguments, $minutes), $file->powder);
    }

    /** @return list<float> */
    private function moments(Arguments $arguments, float $minutes): array
    {
        $at = $arguments->option('at');
        $every = $arguments->option('every');
        if ($at !== null) {
            return array_map(function (string $word) use ($minutes): float {
                if (! is_numeric($word) || (float) $word < 0 || (float) $word > $minutes) {
                    throw InvalidInput::outside(
                        '--at',
                        $word,
                        "minutes from 0 to {$minutes}, separated by commas",
                    );
                }

                return (float) $word;
            }, explode(',', $at));
        }
        if ($every !== null) {
            if (! is_numeric($every) || (float) $every <= 0 || $minutes / (float) $every > self::MOST_MOMENTS) {
                throw InvalidInput::outside(
                    '--every',
                    $every,
                    'minutes above 0, for at most '.self::MOST_MOMENTS.' moments',
                );
            }

            return array_map(
                fn (int $n): float => $n * (float) $every,
                range(0, (int) floor($minutes / (float) $every + 1e-9)),
            );
        }

        return array_map(fn (int $n): float => round(($minutes * $n) / 60, 4), range(1, 60));
    }
}
