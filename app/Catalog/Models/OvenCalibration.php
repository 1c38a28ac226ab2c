<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use Aenum\Core\Thermal\OvenCalibration as ThermalOvenCalibration;
use Carbon\CarbonImmutable;

/** An oven's calibration from logger files, as stored with the oven. */
final readonly class OvenCalibration
{
    /**
     * @param  list<int>  $logs  ids of the logs
     * @param  CarbonImmutable  $since  the newest of them
     * @param  array<string, float>  $was  the figures before any log taught them
     */
    public function __construct(
        public ThermalOvenCalibration $sure,
        public array $logs,
        public CarbonImmutable $since,
        public array $was,
    ) {
    }

    /**
     * @param  array<array-key, mixed>|null  $kept  as it was kept
     * @return self|null null where nothing was, or cannot be read
     */
    public static function from(?array $kept): ?self
    {
        $sure = ThermalOvenCalibration::from($kept['sure'] ?? null);
        if ($sure === null || ! is_array($kept['logs'] ?? null) || ! is_array($kept['was'] ?? null)) {
            return null;
        }
        try {
            return new self(
                $sure,
                array_values(array_map(intval(...), $kept['logs'])),
                CarbonImmutable::parse((string) $kept['since']),
                array_map(floatval(...), $kept['was']),
            );
        } catch (\InvalidArgumentException) {
            return null;
        }
    }

    /** @return array<string, mixed> */
    public function kept(): array
    {
        return [
            'sure' => $this->sure->kept(),
            'logs' => $this->logs,
            'since' => $this->since->toIso8601String(),
            'was' => $this->was,
        ];
    }

    /** From how many logs, and since when: a day of the shop's. */
    public function words(string $day): string
    {
        $many = count($this->logs);

        return sprintf(
            'learned from %s, the latest of %s',
            $many === 1 ? 'one log' : "{$many} logs",
            $day,
        );
    }
}
