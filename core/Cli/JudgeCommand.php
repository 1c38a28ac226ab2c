<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Curing\CureMeter;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Files\PowderFile;
use Aenum\Core\Files\RunReport;
use Aenum\Core\Loggers\LoggerColumn;
use Aenum\Core\Loggers\LoggerFile;
use Aenum\Core\Units\InvalidInput;

/** Judges a logger's curves against a powder's sheet. */
final class JudgeCommand
{
    public const FORMAT = 'aenum-judgement/1';

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $sheet = PowderFile::parse(
            $read($arguments->option('powder') ?? throw InvalidInput::missing('--powder', 'a powder file')),
        );
        $log = LoggerFile::parse($read($arguments->operands[0]));

        return [
            'format' => self::FORMAT,
            'columns' => array_map(function (LoggerColumn $column) use ($sheet): array {
                $meter = (new CureMeter($sheet))->along($column->course());
                $judgement = Judgement::of($meter, $meter);

                return ['name' => $column->name] +
                    RunReport::judged($judgement) + [
                        'peak_c' => round($judgement->peakC, 2),
                        'longest_gap_s' => round($column->longestGapS(), 1),
                        'state' => $judgement->state(TimingCriterion::Window)->value,
                    ];
            }, $log->columns),
        ];
    }
}
