<?php

declare(strict_types=1);

namespace Aenum\Core\Loggers;

use Aenum\Core\Thermal\Segment;

/** One thermocouple's readings. */
final readonly class LoggerColumn
{
    /** What a couple in the oven's air is called, and what else it may be. */
    public const AIR = 'air';

    private const ALSO_AIR = ['oven', 'oven air'];

    /**
     * @param  list<array{float, float}>  $points [s since the first line, °C], at least two, in order
     * @param  float|null  $gapS  the longest stretch without a reading, s; null where every reading is a point
     */
    public function __construct(public string $name, public array $points, private ?float $gapS = null)
    {
    }

    /** A name as two people write it alike: letters and figures, small, with one blank between. */
    public static function plain(string $name): string
    {
        return trim((string) preg_replace('/[^\p{L}\d]+/u', ' ', mb_strtolower($name)));
    }

    /** Whether a couple of that name hangs in the oven's air. */
    public static function isAir(string $name): bool
    {
        return in_array(self::plain($name), [self::AIR, ...self::ALSO_AIR], true);
    }

    /** @return list<Segment> the curve, straight between readings */
    public function course(): array
    {
        $course = [];
        for ($i = 1; $i < count($this->points); $i++) {
            $course[] = Segment::straight(
                $this->points[$i - 1][0],
                $this->points[$i][0],
                $this->points[$i - 1][1],
                $this->points[$i][1],
            );
        }

        return $course;
    }

    /** The longest stretch without a sample, s. */
    public function longestGapS(): float
    {
        $lengths = fn (): array => array_map(fn (Segment $one): float => $one->toS - $one->fromS, $this->course());

        return $this->gapS ?? max([0.0, ...$lengths()]);
    }
}
