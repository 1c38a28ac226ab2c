<?php

declare(strict_types=1);

namespace App\Release\Queries;

use Aenum\Core\Inspection\CrossCut;
use Aenum\Core\Inspection\SolventRub;
use App\Inspection\Models\Inspection;

/** Test results of a coat, one line each. */
final class TestResults
{
    public static function of(Inspection $one): string
    {
        return match ($one->kind) {
            'solvent_rub' => sprintf(
                'Solvent rub: %d double rubs of %s, %d of 5 (%s): %s',
                $one->rubs,
                $one->solvent,
                $one->rating,
                SolventRub::RATINGS[(int) $one->rating] ?? 'not known',
                $one->rubWords(),
            ),
            'cross_cut' => sprintf(
                'Cross-cut: %d (%s), agreed up to %d: %s',
                $one->rating,
                CrossCut::RATINGS[(int) $one->rating] ?? 'not known',
                $one->limit_high,
                $one->verdictWords(),
            ),
            'gloss' => sprintf('Gloss: %s at %s°%s: %s', self::plain($one->figure), $one->way, match (true) {
                $one->limit_low !== null && $one->limit_high !== null => ', agreed '.self::plain($one->limit_low).' to '
                    .self::plain($one->limit_high),
                default => '',
            }, $one->verdictWords()),
            'colour' => sprintf(
                'Colour: ΔE00 %.2f from the master %s, agreed up to %s: %s',
                (float) $one->figure,
                $one->master?->name,
                self::plain($one->limit_high),
                $one->verdictWords(),
            ),
            'logger' => 'Logger: '.rtrim((string) $one->note, '.'),
            default => 'Judged short of cure: '.$one->note,
        };
    }

    private static function plain(?float $figure): string
    {
        return $figure === null ? '' : rtrim(rtrim(number_format($figure, 1), '0'), '.');
    }
}
