<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** How the oven is run: where it starts, its setpoint over time, when the door stands open, when the power is off. */
final readonly class OvenSchedule
{
    /**
     * @param  list<Door>  $doors
     * @param  list<array{fromS: float, setpointC: float}>  $setpointChanges
     * @param  list<array{fromS: float, untilS: float}>  $outages
     */
    private function __construct(
        public float $ambientC,
        public float $setpointC,
        public ?float $startC,
        public ?float $startShellC,
        public array $doors,
        public array $setpointChanges,
        public array $outages,
    ) {
    }

    /**
     * @param  float  $ambientC  the shop's air, −40 to 700 °C
     * @param  float|null  $startC  oven air at the start; the setpoint where null
     * @param  float|null  $startShellC  shell at the start; where the empty oven settles if null
     * @param  list<Door>  $doors  each opening; overlaps count once
     *
     * @throws InvalidInput
     */
    public static function of(
        float $ambientC,
        float $setpointC,
        ?float $startC = null,
        ?float $startShellC = null,
        array $doors = [],
    ): self {
        return new self(
            Check::celsius('ambient_c', $ambientC),
            Check::celsius('setpoint_c', $setpointC),
            $startC === null ? null : Check::celsius('start_c', $startC),
            $startShellC === null ? null : Check::celsius('start_shell_c', $startShellC),
            $doors,
            [],
            [],
        );
    }

    /** The same run at another setpoint, °C. */
    public function at(float $setpointC): self
    {
        return new self(
            $this->ambientC,
            Check::celsius('setpoint_c', $setpointC),
            $this->startC,
            $this->startShellC,
            $this->doors,
            $this->setpointChanges,
            $this->outages,
        );
    }

    /** The same with the door open once more. */
    public function withDoor(Door $door): self
    {
        return new self(
            $this->ambientC,
            $this->setpointC,
            $this->startC,
            $this->startShellC,
            [...$this->doors, $door],
            $this->setpointChanges,
            $this->outages,
        );
    }

    /** From this second on the controller holds another setpoint. */
    public function withSetpointFrom(float $fromS, float $setpointC): self
    {
        return new self(
            $this->ambientC,
            $this->setpointC,
            $this->startC,
            $this->startShellC,
            $this->doors,
            [
                ...$this->setpointChanges,
                ['fromS' => $fromS, 'setpointC' => Check::celsius('setpoint_c', $setpointC)],
            ],
            $this->outages,
        );
    }

    /** No heater and no fan between these seconds. */
    public function withOutage(float $fromS, float $untilS): self
    {
        return new self(
            $this->ambientC,
            $this->setpointC,
            $this->startC,
            $this->startShellC,
            $this->doors,
            $this->setpointChanges,
            [...$this->outages, ['fromS' => $fromS, 'untilS' => $untilS]],
        );
    }

    /** Oven air as the run begins, °C. */
    public function airAtStartC(): float
    {
        return $this->startC ?? $this->setpointC;
    }

    /** Whether the door stands open at a second. */
    public function doorOpenAt(float $second): bool
    {
        foreach ($this->doors as $door) {
            if ($second >= $door->fromS && $second < $door->untilS) {
                return true;
            }
        }

        return false;
    }

    /** Whether there is power at a second. */
    public function poweredAt(float $second): bool
    {
        foreach ($this->outages as $outage) {
            if ($second >= $outage['fromS'] && $second < $outage['untilS']) {
                return false;
            }
        }

        return true;
    }

    /** The setpoint at a second, °C. */
    public function setpointAt(float $second): float
    {
        $setpoint = $this->setpointC;
        $latest = -1.0;
        foreach ($this->setpointChanges as $change) {
            if ($change['fromS'] <= $second && $change['fromS'] >= $latest) {
                [$setpoint, $latest] = [$change['setpointC'], $change['fromS']];
            }
        }

        return $setpoint;
    }

    /** @return list<float> every second strictly between 0 and the end at which something switches, in order */
    public function switchTimes(float $endS): array
    {
        $times = [];
        foreach ($this->doors as $door) {
            array_push($times, $door->fromS, $door->untilS);
        }
        foreach ($this->outages as $outage) {
            array_push($times, $outage['fromS'], $outage['untilS']);
        }
        foreach ($this->setpointChanges as $change) {
            $times[] = $change['fromS'];
        }
        $times = array_values(array_unique(array_filter($times, fn (float $t): bool => $t > 0 && $t < $endS)));
        sort($times);

        return $times;
    }
}
