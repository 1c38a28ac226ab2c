<?php

declare(strict_types=1);

namespace App\Preparation\ViewModels;

use Aenum\Core\Preparation\Racking\Rack;

/** The rack from the front: parts, hooks and bar. */
final readonly class RackDrawing
{
    public const WIDTH = 420;

    public const HEIGHT = 250;

    private const PARTS_WIDE = 380;

    private const PARTS_HIGH = 180;

    private const TOP = 42;

    private const BAR_Y = 18;

    private const BAR_OVERHANG = 16;

    private float $scale;

    private float $left;

    public function __construct(private Rack $rack)
    {
        $this->scale = min(
            self::PARTS_WIDE / max(1, $rack->lengthMm),
            self::PARTS_HIGH / max(1, $rack->heightMm),
        );
        $this->left = (self::WIDTH - $rack->lengthMm * $this->scale) / 2;
    }

    /** x at which the bar begins. */
    public function bar(): float
    {
        return round($this->left - self::BAR_OVERHANG, 1);
    }

    /** @return list<array{x: float, y: float, width: float, height: float, hook: float}> */
    public function parts(): array
    {
        $set = $this->rack->set;
        [$along, $up] = $set->boxMm;
        $parts = [];
        for ($row = 0; $row < $set->rows; $row++) {
            $y = self::TOP + $row * $set->dropMm * $this->scale;
            for ($n = 0; $n < $set->across; $n++) {
                $parts[] = [
                    'x' => round($this->left + $n * $set->pitchMm * $this->scale, 1),
                    'y' => round($y, 1),
                    'width' => round(max(1, $along * $this->scale), 1),
                    'height' => round(max(1, $up * $this->scale), 1),
                    'hook' => round($row === 0 ? self::BAR_Y : $y - ($set->dropMm - $up) * $this->scale, 1),
                ];
            }
        }

        return $parts;
    }
}
