<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Thermal\LoggedRun;
use Aenum\Core\Thermal\OvenFit;
use Aenum\Core\Thermal\ThermocoupleLog;
use Aenum\Core\Units\InvalidInput;
use App\Catalog\Models\Oven;
use App\Catalog\Models\OvenCalibration;
use App\Curing\Models\OvenLog;
use Carbon\CarbonImmutable;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\Cache;

/** The latest logger files of an oven, from which it is calibrated. */
final readonly class OvenLogs
{
    private const RUNS = 6;

    /** A log of so many couples is read; more say the same again. */
    private const COUPLES = 12;

    /** @param  Collection<int, OvenLog>  $logs */
    private function __construct(private Oven $oven, private Collection $logs)
    {
    }

    public static function of(Oven $oven): self
    {
        $logs = OvenLog::query()->with('ovenLoad')
            ->whereHas('ovenLoad', fn ($bake) => $bake->where('oven_id', $oven->id))->whereNull('withdrawn_at')
            ->latest('id')->limit(self::RUNS);

        return new self($oven, $logs->get()->toBase());
    }

    /** The oven's figures as these have them; null where nothing was logged, or too little. Worked out once. */
    public function fit(): ?OvenFit
    {
        if ($this->logs->isEmpty()) {
            return null;
        }
        // From what was guessed, so that no log is counted twice.
        $guess = $this->oven->asGuessed()->model();
        $facts = [$guess, $this->ids()];
        $key = 'oven-fit-'.hash('xxh128', serialize($facts));
        $known = Cache::get($key);
        if ($known instanceof OvenFit) {
            return $known;
        }
        try {
            $fit = OvenFit::of($guess, array_values($this->logs->map(self::run(...))->filter()->all()));
        } catch (InvalidInput) {
            return null;
        }
        Cache::put($key, $fit, 86400);

        return $fit;
    }

    /** What is kept with the oven once it has taken the fit's figures. */
    public function lesson(OvenFit $fit): OvenCalibration
    {
        return new OvenCalibration(
            $fit->lesson,
            $this->ids(),
            CarbonImmutable::parse((string) $this->logs->max('at')),
            $this->oven->taught()->was ?? Oven::figuresOf($this->oven->model()),
        );
    }

    /** @return list<int> */
    public function ids(): array
    {
        return array_values($this->logs->map(fn (OvenLog $log): int => $log->id)->all());
    }

    private static function run(OvenLog $log): ?LoggedRun
    {
        $bake = $log->ovenLoad;
        $load = BakeModelFactory::from($bake);
        $from = $bake->door_open_s + 60 * $log->begins_min;
        $until = $bake->shut_at === null || $bake->pulled_at === null
            ? 60 * $load->pullRunMinutes()
            : $bake->door_open_s + $bake->shut_at->diffInMilliseconds($bake->pulled_at) / 1000;
        $couples = [];
        foreach (array_slice($log->columns, 0, self::COUPLES) as $column) {
            $item = match ($column['in']) {
                null => null,
                'air' => ThermocoupleLog::AIR,
                default => $load->position($column['in']),
            };
            $samples = [];
            foreach ($item === null ? [] : $column['points'] as [$second, $celsius]) {
                if ($from + $second >= 0 && $from + $second <= $until) {
                    $samples[] = [$from + $second, (float) $celsius];
                }
            }
            if ($item !== null && $samples !== []) {
                $couples[] = ThermocoupleLog::of($item, $samples);
            }
        }

        return $couples === [] ? null : new LoggedRun($load->items(), $load->schedule(), $couples);
    }
}
