<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\CureMeter;
use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Loggers\LoggerColumn;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLog;

/**
 * A bake judged by its logger curves, part by part.
 *
 * @phpstan-type LoggedLine array{name: string, item: ?int, judged: ?Judgement, became: ?CureState, state: string}
 */
final class LoggedBake
{
    /** @return list<array{log: OvenLog, lines: list<LoggedLine>}> */
    public static function judged(OvenLoad $bake): array
    {
        $load = BakeModelFactory::from($bake);

        return array_values(
            array_map(
                fn (OvenLog $log): array => [
                    'log' => $log,
                    'lines' => self::lines($log, $load),
                ],
                self::logs()->where('oven_load_id', $bake->id)->get()->all(),
            ),
        );
    }

    /**
     * What each column says of what it sat in.
     *
     * @return list<LoggedLine>
     */
    public static function lines(OvenLog $log, BakeModelFactory $load): array
    {
        return array_map(fn (array $column): array => self::line($column, $load), $log->columns);
    }

    /** @return \Illuminate\Database\Eloquent\Builder<OvenLog> */
    private static function logs(): \Illuminate\Database\Eloquent\Builder
    {
        return OvenLog::query()->whereNull('withdrawn_at');
    }

    /**
     * @param  array{name: string, in: ?string, points: list<array{float, float}>}  $column
     * @return LoggedLine
     */
    private static function line(array $column, BakeModelFactory $load): array
    {
        $item = $column['in'] === null || $column['in'] === 'air' ? null : $load->position($column['in']);
        if ($item === null) {
            return [
                'name' => $column['name'],
                'item' => null,
                'judged' => null,
                'became' => null,
                'state' => $column['in'] === 'air' ? 'the air' : 'not known: name the column as the part',
            ];
        }
        $curve = new LoggerColumn(
            $column['name'],
            array_map(fn (array $p): array => [(float) $p[0], (float) $p[1]], $column['points']),
        );
        $meter = (new CureMeter($load->hung[$item]->aim->sheet))->along($curve->course());
        $judged = Judgement::of($meter, $meter);
        // What earlier bakes gave the layer counts with it, as it does for what is computed.
        $aim = $load->hung[$item]->aim;
        $became = $judged->state($load->bake->way, $aim->doseSoFar, $aim->overbakeSoFar);

        return [
            'name' => $column['name'],
            'item' => $item,
            'judged' => $judged,
            'became' => $became,
            'state' => $became->label(),
        ];
    }
}
