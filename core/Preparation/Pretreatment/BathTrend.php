<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Pretreatment;

/** Where a bath's figure stands and where it is going: a straight line by least squares through its readings. */
final readonly class BathTrend
{
    /** The latest readings make the trend; older ones were another bath. */
    private const READINGS = 8;

    private function __construct(
        public float $latest,
        public bool $within,
        /** Change a day; null with fewer than three readings. */
        public ?float $perDay,
        /** Days from the latest reading until the line leaves the limits; null where it stays or is out already. */
        public ?float $daysLeft,
        public string $says,
    ) {
    }

    /**
     * @param  non-empty-list<array{float, float}>  $readings  days (any origin) and the figure, in order
     * @param  array{float, float}  $limits
     */
    public static function of(array $readings, array $limits, string $name): self
    {
        $readings = array_slice($readings, -self::READINGS);
        [$lastDay, $latest] = $readings[count($readings) - 1];
        [$least, $most] = $limits;
        $within = $latest >= $least && $latest <= $most;
        $slope = self::slope($readings);
        $days = null;
        if ($within && $slope !== null && abs($slope) > 1e-9) {
            $days = (($slope > 0 ? $most : $least) - $latest) / $slope;
        }
        $says = match (true) {
            $latest > $most => sprintf('%s is %s, over %s.', $name, self::plain($latest), self::plain($most)),
            $latest < $least => sprintf('%s is %s, under %s.', $name, self::plain($latest), self::plain($least)),
            $days !== null && $days <= 14 => sprintf(
                '%s is within, and at this pace out of its limits in %s.',
                $name,
                $days < 1 ? 'less than a day' : sprintf('about %d days', (int) round($days)),
            ),
            default => "{$name} is within its limits.",
        };

        return new self($latest, $within, $slope, $days, $says);
    }

    /** @param  list<array{float, float}>  $readings */
    private static function slope(array $readings): ?float
    {
        $n = count($readings);
        if ($n < 3) {
            return null;
        }
        $meanX = array_sum(array_column($readings, 0)) / $n;
        $meanY = array_sum(array_column($readings, 1)) / $n;
        $xx = $xy = 0.0;
        foreach ($readings as [$x, $y]) {
            $xx += ($x - $meanX) ** 2;
            $xy += ($x - $meanX) * ($y - $meanY);
        }

        return $xx > 1e-12 ? $xy / $xx : null;
    }

    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
