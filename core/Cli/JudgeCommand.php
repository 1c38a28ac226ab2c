<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Cure\ClockWay;
use Aenum\Core\Cure\CureMeter;
use Aenum\Core\Cure\Judgement;
use Aenum\Core\Format\PowderFile;
use Aenum\Core\Format\RunReport;
use Aenum\Core\Logger\LoggerColumn;
use Aenum\Core\Logger\LoggerFile;
use Aenum\Core\Unit\InvalidQuantity;

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
            $read($arguments->option('powder') ?? throw InvalidQuantity::missing('--powder', 'a powder file')),
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
                        'state' => $judgement->state(ClockWay::Window)->value,
                    ];
            }, $log->columns),
        ];
    }
}
