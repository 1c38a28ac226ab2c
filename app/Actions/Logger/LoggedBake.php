<?php

declare(strict_types=1);

namespace App\Actions\Logger;

use Aenum\Core\Cure\CureMeter;
use Aenum\Core\Cure\CureState;
use Aenum\Core\Cure\Judgement;
use Aenum\Core\Heat\LoggedRun;
use Aenum\Core\Heat\OvenFit;
use Aenum\Core\Logger\LoggerColumn;
use Aenum\Core\Unit\InvalidQuantity;
use App\Actions\Cure\LoadOfBake;
use App\Models\Oven;
use App\Models\OvenLoad;
use App\Models\OvenLog;

/**
 * What the loggers say: of one bake, each part judged by its own curve; of an oven, its figures.
 *
 * @phpstan-type LoggedLine array{name: string, item: ?int, judged: ?Judgement, became: ?CureState, state: string}
 */
final class LoggedBake
{
    /** The latest logs are the oven as it is now. */
    private const RUNS = 6;

    /** Readings of a curve that go into a fit. */
    private const SAMPLES = 40;

    /** @return list<array{log: OvenLog, lines: list<LoggedLine>}> */
    public static function judged(OvenLoad $bake): array
    {
        $load = LoadOfBake::from($bake);

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
    public static function lines(OvenLog $log, LoadOfBake $load): array
    {
        return array_map(fn (array $column): array => self::line($column, $load), $log->columns);
    }

    /** The oven's figures as its logged bakes have them; null where none was logged, or too little. */
    public static function fit(Oven $oven): ?OvenFit
    {
        $logs = self::logs()
            ->with('ovenLoad')
            ->whereHas('ovenLoad', fn ($bake) => $bake->where('oven_id', $oven->id));
        $logs->orderByDesc('id')->limit(self::RUNS);
        $runs = array_values(array_filter(array_map(self::run(...), $logs->get()->all())));
        try {
            return $runs === [] ? null : OvenFit::of($oven->model(), $runs);
        } catch (InvalidQuantity) {
            return null;
        }
    }

    /** @return \Illuminate\Database\Eloquent\Builder<OvenLog> */
    private static function logs(): \Illuminate\Database\Eloquent\Builder
    {
        $logs = OvenLog::query();
        $logs->whereNull('withdrawn_at');

        return $logs;
    }

    /**
     * @param  array{name: string, in: ?string, points: list<array{float, float}>}  $column
     * @return LoggedLine
     */
    private static function line(array $column, LoadOfBake $load): array
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

    private static function run(OvenLog $log): ?LoggedRun
    {
        $load = LoadOfBake::from($log->ovenLoad);
        $from = $log->ovenLoad->door_open_s + 60 * $log->begins_min;
        $until = 60 * $load->pullRunMinutes();
        if ($log->ovenLoad->shut_at !== null && $log->ovenLoad->pulled_at !== null) {
            $until =
                $log->ovenLoad->door_open_s +
                $log->ovenLoad->shut_at->diffInMilliseconds($log->ovenLoad->pulled_at) / 1000;
        }
        $samples = [];
        foreach ($log->columns as $column) {
            $item =
                $column['in'] === 'air'
                    ? LoggedRun::AIR
                    : ($column['in'] === null
                        ? null
                        : $load->position($column['in']));
            $step = (int) max(1, ceil(count($column['points']) / self::SAMPLES));
            foreach ($item === null ? [] : $column['points'] as $n => [$second, $celsius]) {
                // What is measured with the door open says nothing of the oven with the door shut.
                if (
                    $n % $step === 0 &&
                    $from + $second > $log->ovenLoad->door_open_s &&
                    $from + $second <= $until
                ) {
                    $samples[] = [$item, $from + $second, (float) $celsius];
                }
            }
        }

        return $samples === [] ? null : new LoggedRun($load->items(), $load->schedule(), $samples);
    }
}
