<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** A recess somebody has pinned on a part's picture. */
final readonly class PinnedRecess
{
    /** A recess nobody has measured, mm. House figures. */
    public const GUESSED_WIDTH_MM = 40.0;

    public const GUESSED_DEPTH_MM = 40.0;

    private function __construct(
        public int $pin,
        public float $widthMm,
        public float $depthMm,
        public int $places,
        public bool $isMeasured,
    ) {
    }

    /**
     * @param  float|null  $widthMm  its narrower side, above 0 to 10 000; null where nobody measured
     * @param  float|null  $depthMm  0 to 10 000; null where nobody measured
     * @param  int  $places  how many alike on one piece
     */
    public static function of(int $pin, ?float $widthMm, ?float $depthMm, int $places = 1): self
    {
        return new self(
            $pin,
            Check::above('width_mm', $widthMm ?? self::GUESSED_WIDTH_MM, 0, 10000),
            Check::between('depth_mm', $depthMm ?? self::GUESSED_DEPTH_MM, 0, 10000),
            max(1, $places),
            $widthMm !== null && $depthMm !== null,
        );
    }
}
