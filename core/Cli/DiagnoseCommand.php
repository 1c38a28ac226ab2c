<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\DefectFile;
use Aenum\Core\Inspection\Diagnosis;
use Aenum\Core\Inspection\LikelyCause;
use Aenum\Core\Inspection\WeighedEvidence;
use Aenum\Core\Units\UnitSystem;

/** A fault and its job's record in, ranked causes with their evidence out. */
final class DiagnoseCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = DefectFile::parse($read($arguments->operands[0]));
        $found = Diagnosis::of($file->defect, $file->record, $file->confirmed);

        return [
            'format' => 'aenum-diagnosis/1',
            'fault' => $found->defect->value,
            'causes' => array_map(fn (LikelyCause $one): array => [
                'cause' => $one->cause->value,
                'says' => $one->cause->label(),
                'prior' => round($one->prior, 6),
                'evidence' => array_map(fn (WeighedEvidence $e): array => [
                    'name' => $e->evidence->value,
                    'value' => $e->value,
                    'says' => $e->words()->in(UnitSystem::Metric),
                    'weight' => round($e->weight, 6),
                ], $one->evidence),
                'log_odds' => round($one->logOdds, 6),
                'posterior' => round($one->posterior, 6),
            ], $found->causes),
            'other' => round($found->other, 6),
            'next_check' => $found->check === null ? null : [
                'check' => $found->check->value,
                'asks' => $found->check->asks(),
                'bits' => round($found->checkBits, 6),
            ],
            'now' => $found->defect->remedy(),
            'next_time' => $found->defect->nextTime(),
        ];
    }
}
