<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Curing\PullEnsemble;
use Aenum\Core\Curing\Reading;
use Aenum\Core\Files\LoadFile;
use Aenum\Core\Units\InvalidInput;

/** What readings on the floor say of the pull, with the band it lies in two times in three. */
final class CorrectCommand
{
    public const FORMAT = 'aenum-correction/1';

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = LoadFile::parse($read($arguments->operands[0]));
        $powder = $file->powder ?? throw InvalidInput::missing('powder', 'an object with chemistry and rows');
        if ($file->setpointC === null) {
            throw InvalidInput::missing('oven.setpoint_c', '-40 to 700');
        }
        if ($file->runMinutes !== null) {
            throw InvalidInput::outside('run', 'given', 'nothing; the minutes are what is asked for');
        }
        if ($file->readings === []) {
            throw InvalidInput::missing('readings', 'a list of 1 to '.LoadFile::MOST_READINGS);
        }
        $told = PullEnsemble::of(
            $file->oven,
            $file->items,
            array_map(
                fn (?PeakLimit $limit): CureTarget => CureTarget::fullCure($powder)->notAbove($limit),
                $file->limits,
            ),
            $file->schedule,
            $file->rules,
            array_map(
                fn (array $one): Reading => Reading::of($one['item'], $one['second'], $one['c']),
                $file->readings,
            ),
            array_values(array_map(
                fn (array $one): array => [$one['second'], (float) $one['display']],
                array_filter($file->readings, fn (array $one): bool => $one['display'] !== null),
            )),
        );

        return [
            'format' => self::FORMAT,
            'exchange' => $told->exchange,
            'minutes' => $told->minutes,
            'low_min' => $told->lowMinutes,
            'high_min' => $told->highMinutes,
            'why' => $told->why(),
        ];
    }
}
