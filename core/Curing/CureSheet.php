<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** What a powder's sheet says about its bake. */
final readonly class CureSheet
{
    public const MOST_ROWS = 20;

    /** Minutes at its flow temperature after which a powder has flowed, where the sheet is silent. House figure. */
    private const FLOW_MIN = 5.0;

    /** Cure is counted from this far below the sheet's lowest row, K. */
    public const BELOW_LOWEST_K = 10.0;

    /** No surface gets hotter than the hottest row and this, K: where no row says what the powder stands, and else. */
    private const ABOVE_SILENT_K = 10.0;

    private const ABOVE_KNOWN_K = 20.0;

    /**
     * @param  non-empty-list<CureScheduleRow>  $rows  coolest first
     */
    private function __construct(
        public Chemistry $chemistry,
        public array $rows,
        public float $windowC,
        public ?float $flowC,
        public ?float $flowMinutes,
        /** 1/t_min: dose is its integral. */
        public ArrheniusRate $needs,
        /** 1/t_max: over-bake is its integral; null where no row says what the powder stands. */
        public ?ArrheniusRate $stands,
        /** 1/t by the oven's setpoint from the door's shutting, where the sheet has such a row. */
        private ?ArrheniusRate $fromDoor = null,
        /** Minutes of that row as printed. */
        private float $fromDoorMinutes = 0.0,
    ) {
    }

    /**
     * @param  list<CureScheduleRow>  $rows  1 to 20, in any order
     * @param  float|null  $windowC  the temperature window minutes are counted at; the lowest row's where null
     * @param  float|null  $flowC  part-metal temperature at which the powder has melted and levelled
     * @param  float|null  $flowMinutes  minutes it takes there
     * @param  array{float, float}|null  $fromDoor  a row of the sheet's own that counts from the door: setpoint, °C,
     *      and minutes
     *
     * @throws InvalidInput where rows repeat a temperature or contradict each other
     */
    public static function of(
        Chemistry $chemistry,
        array $rows,
        ?float $windowC = null,
        ?float $flowC = null,
        ?float $flowMinutes = null,
        ?array $fromDoor = null,
    ): self {
        if ($rows === [] || count($rows) > self::MOST_ROWS) {
            throw InvalidInput::outside(
                'rows',
                $rows === [] ? [] : count($rows),
                '1 to '.self::MOST_ROWS.' rows',
            );
        }
        $given = $rows;
        usort($rows, fn (CureScheduleRow $a, CureScheduleRow $b): int => $a->pmtC <=> $b->pmtC);
        for ($i = 1; $i < count($rows); $i++) {
            [$cooler, $hotter] = [$rows[$i - 1], $rows[$i]];
            $at = 'rows['.array_search($hotter, $given, true).']';
            if ($hotter->pmtC - $cooler->pmtC < 0.01) {
                throw InvalidInput::outside("{$at}.pmt_c", $hotter->pmtC, 'a temperature no other row has');
            }
            if ($hotter->minMinutes >= $cooler->minMinutes) {
                throw InvalidInput::outside(
                    "{$at}.min",
                    $hotter->minMinutes,
                    "under {$cooler->minMinutes}, as {$cooler->pmtC} C needs: a hotter row needs fewer minutes",
                );
            }
        }
        $lowest = $rows[0]->pmtC;
        $from = $lowest - self::BELOW_LOWEST_K;
        $energy = $chemistry->activationEnergyJPerMol();
        $max = [];
        foreach ($rows as $row) {
            if ($row->maxMinutes !== null) {
                if ($max !== [] && $row->maxMinutes > $max[count($max) - 1][1]) {
                    throw InvalidInput::outside(
                        'rows['.array_search($row, $given, true).'].max',
                        $row->maxMinutes,
                        'no more than a cooler row stands',
                    );
                }
                $max[] = [$row->pmtC, $row->maxMinutes];
            }
        }

        return new self(
            $chemistry,
            $rows,
            $windowC === null ? $lowest : Check::celsius('window_pmt_c', $windowC),
            $flowC === null ? null : Check::celsius('flow_c', $flowC),
            $flowMinutes === null ? null : Check::above('flow_min', $flowMinutes, 0, 10080),
            ArrheniusRate::fit(
                array_map(fn (CureScheduleRow $row): array => [$row->pmtC, $row->minMinutes], $rows),
                $energy,
                $from,
                $rows[count($rows) - 1]->pmtC,
            ),
            $max === [] ? null : ArrheniusRate::fit($max, $energy, $from),
            $fromDoor === null ? null : ArrheniusRate::fit([[
                Check::celsius('door_c', $fromDoor[0]),
                Check::above('door_min', $fromDoor[1], 0, 10080),
            ]], $energy, -300.0),
            $fromDoor[1] ?? 0.0,
        );
    }

    /**
     * Minutes by the clock at a setpoint: from the door by the sheet's own row for that, where it has one; else those
     * its metal needs there.
     */
    public function clockMinutes(TimingCriterion $way, float $setpointC): float
    {
        if ($way !== TimingCriterion::Timed || $this->fromDoor === null) {
            return $this->needs->minutesAt($setpointC);
        }

        // As printed, or longer in a cooler oven; a hotter one does not shorten it.
        return max($this->fromDoorMinutes, $this->fromDoor->minutesAt($setpointC));
    }

    /** The coolest row's temperature, °C. */
    public function lowestC(): float
    {
        return $this->rows[0]->pmtC;
    }

    /** Returns how hot a surface with these layers may get: the lowest ceiling of them all. */
    public static function ceiling(self $sheet, self ...$under): PeakLimit
    {
        $below = array_map(fn (self $one): PeakLimit => $one->ownCeiling('the sheet of a layer under it'), $under);

        return PeakLimit::least($sheet->ownCeiling('its powder\'s sheet'), ...array_values($below))
            ?? $sheet->ownCeiling('its powder\'s sheet');
    }

    /**
     * Past its hottest row, and a little, a sheet is silent. Where it says what its powder stands a little more is
     * borne than where it does not.
     */
    private function ownCeiling(string $whose): PeakLimit
    {
        $hottest = $this->rows[count($this->rows) - 1]->pmtC;

        return $this->stands === null
            ? new PeakLimit($hottest + self::ABOVE_SILENT_K, "{$whose}, silent above its hottest row and on how long "
                .'it stands')
            : new PeakLimit($hottest + self::ABOVE_KNOWN_K, "{$whose}, silent far above its hottest row");
    }

    /** Where flow is reached: the sheet's own figures, or 5 minutes at 40 K under the lowest row where it is silent. */
    public function flowPointC(): float
    {
        return $this->flowC ?? $this->lowestC() - 40;
    }

    /** Whether the temperature a gel is judged at is a house figure: the sheet gives none. */
    public function isFlowAssumed(): bool
    {
        return $this->flowC === null;
    }

    /** Minutes at its flow temperature until it has flowed. */
    public function flowPointMinutes(): float
    {
        return $this->flowMinutes ?? self::FLOW_MIN;
    }
}
