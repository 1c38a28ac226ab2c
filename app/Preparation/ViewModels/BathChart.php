<?php

declare(strict_types=1);

namespace App\Preparation\ViewModels;

use Aenum\Core\Preparation\Pretreatment\BathFigure;
use Aenum\Core\Preparation\Pretreatment\BathTrend;
use App\Preparation\Queries\BathLog;
use App\Routing\Models\LogLine;
use Illuminate\Support\Collection;

/** One figure of a bath over time, with its limits as a band. */
final readonly class BathChart
{
    private const LEFT = 8;

    private const WIDE = 284;

    private const BOTTOM = 86;

    private const HIGH = 82;

    /** Room above and below the limits, as a share of what lies between them. */
    private const ROOM = 0.15;

    /**
     * @param  array{float, float}  $limits
     * @param  array{y: float, height: float}  $band
     * @param  list<array{x: float, y: float, says: string}>  $points
     */
    private function __construct(
        public BathFigure $figure,
        public BathTrend $trend,
        public array $limits,
        public string $path,
        public array $band,
        public array $points,
    ) {
    }

    /** @return list<self> a picture of each figure of a bath that was measured */
    public static function all(BathLog $log): array
    {
        $drawn = [];
        foreach ($log->trends as $figure => $trend) {
            $drawn[] = self::of(BathFigure::from($figure), $trend, $log->bath->limits[$figure], $log->lines);
        }

        return $drawn;
    }

    /**
     * @param  array{float, float}  $limits
     * @param  Collection<int, LogLine>  $lines  the oldest first
     */
    private static function of(BathFigure $figure, BathTrend $trend, array $limits, Collection $lines): self
    {
        [$least, $most] = $limits;
        $read = $lines->filter(fn (LogLine $line): bool => $line->figure($figure->value) !== null)->values();
        $values = $read->map(fn (LogLine $line): float => (float) $line->figure($figure->value))->all();
        $room = self::ROOM * ($most - $least);
        $low = min([$least, ...$values]) - $room;
        $high = max([$most, ...$values]) + $room;
        $y = fn (float $v): float => round(self::BOTTOM - (self::HIGH * ($v - $low)) / max(1e-9, $high - $low), 1);
        $from = (float) $read->first()?->at->getTimestamp();
        $span = max(1.0, (float) $read->last()?->at->getTimestamp() - $from);
        $points = $read
            ->map(
                fn (LogLine $line, int $n): array => [
                    'x' => round(self::LEFT + (self::WIDE * ($line->at->getTimestamp() - $from)) / $span, 1),
                    'y' => $y($values[$n]),
                    'says' => (string) $values[$n],
                ],
            )
            ->values()
            ->all();
        $path = array_map(
            fn (array $p, int $n): string => ($n === 0 ? 'M' : 'L')."{$p['x']} {$p['y']}",
            $points,
            array_keys($points),
        );
        $band = ['y' => $y($most), 'height' => round($y($least) - $y($most), 1)];

        return new self($figure, $trend, $limits, implode(' ', $path), $band, array_values($points));
    }

    /** The readings one after the other. */
    public function words(): string
    {
        return implode(', ', array_column($this->points, 'says'));
    }
}
