<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** A rectangle on a panel: an opening in it, or a recess of so much depth. */
final readonly class PanelArea
{
    private function __construct(
        public float $xMm,
        public float $yMm,
        public float $widthMm,
        public float $heightMm,
        public float $depthMm,
    ) {
    }

    /**
     * @param  float  $xMm  its left, from the panel's, −10 000 to 10 000
     * @param  float  $yMm  its top, from the panel's, −10 000 to 10 000
     * @param  float  $widthMm  above 0 to 10 000
     * @param  float  $heightMm  above 0 to 10 000
     * @param  float  $depthMm  0 to 10 000; 0 for an opening
     */
    public static function of(float $xMm, float $yMm, float $widthMm, float $heightMm, float $depthMm = 0.0): self
    {
        return new self(
            Check::between('x_mm', $xMm, -PathPoint::MOST_MM, PathPoint::MOST_MM),
            Check::between('y_mm', $yMm, -PathPoint::MOST_MM, PathPoint::MOST_MM),
            Check::above('width_mm', $widthMm, 0, PathPoint::MOST_MM),
            Check::above('height_mm', $heightMm, 0, PathPoint::MOST_MM),
            Check::between('depth_mm', $depthMm, 0, PathPoint::MOST_MM),
        );
    }

    /** Whether a point is strictly inside. */
    public function holds(float $xMm, float $yMm): bool
    {
        return $xMm > $this->xMm && $xMm < $this->xMm + $this->widthMm
            && $yMm > $this->yMm && $yMm < $this->yMm + $this->heightMm;
    }

    /** How far a point outside is from its rim, mm; 0 inside. */
    public function fromMm(float $xMm, float $yMm): float
    {
        return hypot(
            max(0.0, $this->xMm - $xMm, $xMm - $this->xMm - $this->widthMm),
            max(0.0, $this->yMm - $yMm, $yMm - $this->yMm - $this->heightMm),
        );
    }

    /** Share of the open face's film on its floor, taken as a slot of its narrower side. */
    public function ratio(float $electricShare): float
    {
        return Recess::slot($electricShare, min($this->widthMm, $this->heightMm), $this->depthMm);
    }
}
