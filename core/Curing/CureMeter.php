<?php

declare(strict_types=1);

namespace Aenum\Core\Curing;

use Aenum\Core\Thermal\Segment;
use Aenum\Core\Units\Constant;

/** Gathers, along one temperature curve, everything a sheet asks about. Fed with pieces in order of time. */
final class CureMeter
{
    public float $dose = 0.0;

    public float $overbake = 0.0;

    /**
     * Window minutes are counted in whole samples of this length, s, as a logger would: never more than the true time.
     */
    private const SAMPLE_S = 10.0;

    private float $windowClosedS = 0.0;

    private ?float $windowOpenS = null;

    private float $nowS = 0.0;

    public ?float $reachesS = null;

    public float $peakC = -Constant::KELVIN_AT_0_C;

    public float $flowS = 0.0;

    /** @var array<int, float> seconds at or above each row's temperature */
    public array $rowS;

    public function __construct(public readonly CureSheet $sheet)
    {
        $this->rowS = array_fill(0, count($sheet->rows), 0.0);
    }

    /** Takes one piece of the curve, or the part of it before a moment (s). */
    public function advance(Segment $piece, ?float $untilS = null): void
    {
        $this->nowS = $end = $untilS ?? $piece->toS;
        $hot = max($piece->fromC, $piece->toC);
        $this->peakC = max($this->peakC, $untilS === null ? $hot : max($piece->fromC, $piece->at($untilS)));
        if (
            $hot < $this->sheet->flowPointC() &&
            $hot < $this->sheet->needs->fromC &&
            $hot < $this->sheet->windowC &&
            $this->windowOpenS === null
        ) {
            return;
        }
        $this->flowS += $this->seconds($piece, $this->sheet->flowPointC(), $end);
        $this->watchWindow($piece, $end);
        if ($hot < $this->sheet->needs->fromC) {
            return;
        }
        foreach ($this->sheet->rows as $i => $row) {
            $this->rowS[$i] += $this->seconds($piece, $row->pmtC, $end);
        }
        $this->dose += $this->sheet->needs->over($piece, $untilS);
        if ($this->sheet->stands !== null) {
            $this->overbake += $this->sheet->stands->over($piece, $untilS);
        }
    }

    /**
     * @param  iterable<Segment>  $course
     * @return $this
     */
    public function along(iterable $course, ?float $untilS = null): self
    {
        foreach ($course as $piece) {
            if ($untilS !== null && $piece->fromS >= $untilS) {
                break;
            }
            $this->advance($piece, $untilS !== null && $untilS < $piece->toS ? $untilS : null);
        }

        return $this;
    }

    /** The hottest row whose minutes, times a factor, were spent at its temperature; null if none was. */
    public function rowServed(float $factor = 1.0): ?CureScheduleRow
    {
        foreach (array_reverse($this->sheet->rows, true) as $i => $row) {
            if ($this->rowS[$i] >= 60 * $row->minMinutes * $factor - 1e-6) {
                return $row;
            }
        }

        return null;
    }

    /** Seconds at or above the window temperature so far. */
    public function windowS(): float
    {
        return $this->windowClosedS +
            ($this->windowOpenS === null ? 0.0 : max(0.0, $this->nowS - $this->windowOpenS));
    }

    private function watchWindow(Segment $piece, float $end): void
    {
        $stretch = $piece->above($this->sheet->windowC);
        if ($stretch === null && $this->windowOpenS !== null) {
            $this->closeWindow($piece->fromS);
        }
        if ($stretch === null || $stretch[0] > $end) {
            return;
        }
        $this->reachesS ??= $stretch[0];
        $this->windowOpenS ??= self::SAMPLE_S * ceil($stretch[0] / self::SAMPLE_S);
        if ($stretch[1] < $end) {
            $this->closeWindow($stretch[1]);
        }
    }

    private function closeWindow(float $second): void
    {
        $this->windowClosedS += max(
            0.0,
            self::SAMPLE_S * floor($second / self::SAMPLE_S) - ($this->windowOpenS ?? $second),
        );
        $this->windowOpenS = null;
    }

    private function seconds(Segment $piece, float $celsius, float $end): float
    {
        $stretch = $piece->above($celsius);

        return $stretch === null ? 0.0 : max(0.0, min($stretch[1], $end) - $stretch[0]);
    }
}
