<?php

declare(strict_types=1);

namespace App\Curing\Commands;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Loggers\LoggerColumn;
use Aenum\Core\Loggers\LoggerFile;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Units\InvalidInput;
use App\Accounts\Models\User;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLog;
use App\Curing\Queries\BakeModelFactory;
use App\Curing\Queries\LoggedBake;
use App\Inspection\Models\Inspection;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use Illuminate\Support\Facades\DB;

/** Stores a logger's file with its load; columns are matched to parts by name. */
final class SaveOvenLog
{
    /** More points say nothing more of a curve that takes minutes. */
    private const MOST_POINTS = 240;

    /**
     * @param  string|iterable<string>  $csv  the file, or its bytes in pieces
     *
     * @throws Refused naming what cannot be read
     */
    public function __invoke(OvenLoad $bake, string|iterable $csv, string $name, float $beginsMin, User $by): OvenLog
    {
        if ($bake->status !== 'pulled') {
            throw Refused::because([
                'log' => 'The load is not pulled yet; a logger is read when it is out.',
            ]);
        }
        try {
            $file = LoggerFile::parse($csv);
        } catch (InvalidInput $e) {
            throw Refused::because([
                'log' => ucfirst(trim("logger file {$e->place}")).' '.$e->found.'; allowed: '.$e->allowed.'.',
            ]);
        }

        return $this->keep($bake, $file->columns, $name, $beginsMin, $by);
    }

    /**
     * @param  list<LoggerColumn>  $read
     *
     * @throws Refused where none of them is of this load
     */
    public function keep(OvenLoad $bake, array $read, string $name, float $beginsMin, User $by): OvenLog
    {
        $load = BakeModelFactory::from($bake);
        $columns = array_map(
            fn (LoggerColumn $column): array => [
                'name' => $column->name,
                'in' => $this->sitsIn($column->name, $load),
                'points' => $this->thinned($column->points),
            ],
            $read,
        );
        if (array_filter($columns, fn (array $column): bool => $column['in'] !== null) === []) {
            throw Refused::because([
                'log' => 'No column is named after the air or a part of this load; name them air, '.
                    implode(', ', array_map(fn ($hung): string => $hung->item->name, $load->hung)).
                    '.',
            ]);
        }

        return DB::transaction(function () use ($bake, $name, $columns, $beginsMin, $by, $load): OvenLog {
            $log = OvenLog::query()->create([
                'oven_load_id' => $bake->id,
                'name' => mb_substr(basename($name), 0, 120),
                'columns' => $columns,
                'begins_min' => $beginsMin,
                'user_id' => $by->id,
                'at' => ShopClock::now(),
            ]);
            $this->find($log, $load, $by);

            return $log;
        });
    }

    /** What a couple measured outranks what was computed: it stands beside the rubs, the worst couple of each part. */
    private function find(OvenLog $log, BakeModelFactory $load, User $by): void
    {
        $worst = [];
        foreach (LoggedBake::lines($log, $load) as $line) {
            $hung = $line['item'] === null ? null : $load->hung[$line['item']];
            if ($hung === null || $line['judged'] === null || $line['became'] === null) {
                continue;
            }
            $key = $hung->bakeItem->id;
            if (! isset($worst[$key]) || $line['judged']->dose < $worst[$key]['dose']) {
                $worst[$key] = [
                    'dose' => $line['judged']->dose,
                    'row' => [
                        'coat_id' => $hung->coat()->id,
                        'batch_id' => $hung->bakeItem->batch_id,
                        'kind' => 'logger',
                        'verdict' => self::verdict($line['became'], $hung->coat()->bakeTo()),
                        'note' => sprintf(
                            '%s: %s, dose %.2f.',
                            $line['name'],
                            $line['became']->label(),
                            $line['judged']->dose,
                        ),
                        'user_id' => $by->id,
                        'at' => $log->ovenLoad->pulled_at ?? ShopClock::now(),
                        'oven_log_id' => $log->id,
                    ],
                ];
            }
        }
        foreach ($worst as $one) {
            Inspection::query()->create($one['row']);
        }
    }

    private static function verdict(CureState $became, BakeTo $to): string
    {
        return match (true) {
            $became === CureState::Overbaked => 'not_judged',
            $became->serves($to) => 'pass',
            default => 'fail',
        };
    }

    /**
     * Whether one of the columns is named after the air or a part of the load.
     *
     * @param  list<string>  $names
     */
    public function knows(OvenLoad $bake, array $names): bool
    {
        $load = BakeModelFactory::from($bake);

        return array_filter($names, fn (string $name): bool => $this->sitsIn($name, $load) !== null) !== [];
    }

    private function sitsIn(string $column, BakeModelFactory $load): ?string
    {
        if (LoggerColumn::isAir($column)) {
            return 'air';
        }
        foreach ($load->hung as $hung) {
            if (LoggerColumn::plain($hung->item->name) === LoggerColumn::plain($column)) {
                return $hung->key();
            }
        }

        return null;
    }

    /**
     * @param  list<array{float, float}>  $points
     * @return list<array{float, float}>
     */
    private function thinned(array $points): array
    {
        $step = (int) max(1, ceil(count($points) / self::MOST_POINTS));

        return array_values(
            array_filter(
                $points,
                fn (int $n): bool => $n % $step === 0 || $n === count($points) - 1,
                ARRAY_FILTER_USE_KEY,
            ),
        );
    }
}
