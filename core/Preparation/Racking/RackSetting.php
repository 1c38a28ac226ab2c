<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Racking;

use Aenum\Core\Units\Check;

/** How somebody hangs a part: how many side by side and below each other, how far apart, on how many hooks. */
final readonly class RackSetting
{
    /** Between neighbours where nobody has said, mm. House figure. */
    private const USUAL_GAP_MM = 120.0;

    /** Length of rail one usual rack takes, mm. House figure. */
    private const USUAL_LENGTH_MM = 1600.0;

    /** A casting of unknown size is drawn as a cube of this many times its metal's volume. House figure. */
    private const GUESSED_BULK = 8.0;

    /** Where the density is not known, as heavy as steel, kg/m³. */
    private const GUESSED_DENSITY = 7850.0;

    /** @param  array{float, float, float}  $boxMm  along the rail, up, and across the rail */
    private function __construct(
        public array $boxMm,
        public int $across,
        public int $rows,
        public float $pitchMm,
        public float $dropMm,
        public int $hooks,
        public bool $jigged,
        public ?string $drain,
    ) {
    }

    /**
     * @param  array{float, float, float}  $boxMm  along the rail, up, and across the rail; each above 0 to 50 000
     * @param  int  $across  pieces side by side along the rail, 1 to 200
     * @param  int  $rows  one below the other, 1 to 50
     * @param  float  $pitchMm  centre to centre along the rail, above 0 to 50 000
     * @param  float  $dropMm  centre to centre downwards, above 0 to 50 000
     * @param  int  $hooks  to a piece, 1 to 20
     *
     * @throws \Aenum\Core\Units\InvalidInput naming what is out of range
     */
    public static function of(
        array $boxMm,
        int $across,
        int $rows,
        float $pitchMm,
        float $dropMm,
        int $hooks,
        bool $jigged = false,
        ?string $drain = null,
    ): self {
        foreach ($boxMm as $mm) {
            Check::above('box_mm', $mm, 0, 50000);
        }

        return new self(
            $boxMm,
            (int) Check::between('across', $across, 1, 200),
            (int) Check::between('rows', $rows, 1, 50),
            Check::above('pitch', $pitchMm, 0, 50000),
            Check::above('drop', $dropMm, 0, 50000),
            (int) Check::between('hooks', $hooks, 1, 20),
            $jigged,
            $drain,
        );
    }

    /**
     * A usual rack for pieces of a size: longest side down, as many as a rail's length takes.
     *
     * @param  array{float, float, float}|null  $boxMm  any way round; null where nobody measured
     * @param  float|null  $densityKgPerM3  of the metal, for a part without a size
     * @param  float  $lengthMm  of rail the oven takes
     */
    public static function usual(
        ?array $boxMm,
        float $massKg,
        ?float $densityKgPerM3,
        int $count,
        float $lengthMm = self::USUAL_LENGTH_MM,
    ): self {
        if ($boxMm === null) {
            $side = 1000 * (self::GUESSED_BULK * $massKg / ($densityKgPerM3 ?? self::GUESSED_DENSITY)) ** (1 / 3);
            $boxMm = [$side, $side, $side];
        }
        sort($boxMm);
        [$deep, $along, $up] = $boxMm;
        $length = min($lengthMm, self::USUAL_LENGTH_MM);
        $fits = (int) floor(($length + self::USUAL_GAP_MM) / ($along + self::USUAL_GAP_MM));

        return self::of(
            [$along, $up, $deep],
            max(1, min($count, $fits, 200)),
            1,
            $along + self::USUAL_GAP_MM,
            $up + self::USUAL_GAP_MM,
            1,
            Rack::isHeavy($massKg),
        );
    }
}
