<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Pretreat\Bath;
use Aenum\Core\Pretreat\BathTrend;
use App\Models\Entry;
use Illuminate\Support\Collection;

/** A bath's readings, each figure's trend, and what to put in. */
final readonly class BathLog
{
    private const SHOWN = 20;

    /**
     * @param  Collection<int, Entry>  $lines  the oldest first
     * @param  array<string, BathTrend>  $trends  by figure
     */
    private function __construct(public Bath $bath, public Collection $lines, public array $trends, public ?float $volumeL)
    {
    }

    public static function of(string $key): self
    {
        $bath = Bath::get($key);
        $query = Entry::of('bath', $key);
        $query->with('user')->orderByDesc('at')->orderByDesc('id')->limit(self::SHOWN);
        $lines = $query->get()->reverse()->values();
        $trends = [];
        foreach ($bath->limits as $figure => $limits) {
            $readings = $lines->filter(fn (Entry $line): bool => isset($line->figures[$figure]))->map(fn (Entry $line): array => [$line->at->getTimestamp() / 86400, (float) $line->figures[$figure]])->values()->all();
            if ($readings !== []) {
                $trends[$figure] = BathTrend::of($readings, $limits, Bath::FIGURES[$figure][0]);
            }
        }

        return new self($bath, $lines, $trends, $lines->map(fn (Entry $line): mixed => $line->figures['volume_l'] ?? null)->filter()->last());
    }

    public function fine(): bool
    {
        return array_filter($this->trends, fn (BathTrend $trend): bool => ! $trend->within) === [];
    }

    /** Litres of chemical to bring it to strength; null where the volume or the strength is not known. */
    public function topUpL(): ?float
    {
        $now = $this->trends['concentration_pct']->latest ?? null;

        return $this->volumeL === null || $now === null ? null : $this->bath->topUp($this->volumeL, $now);
    }

    /**
     * One figure drawn over time in a box of 300 by 90, its limits as a band.
     *
     * @return array{path: string, band: array{y: float, height: float}, points: list<array{x: float, y: float, says: string}>}
     */
    public function chart(string $figure): array
    {
        [$least, $most] = $this->bath->limits[$figure];
        $lines = $this->lines->filter(fn (Entry $line): bool => isset($line->figures[$figure]))->values();
        $values = $lines->map(fn (Entry $line): float => (float) $line->figures[$figure])->all();
        $low = min([$least, ...$values]) - 0.15 * ($most - $least);
        $high = max([$most, ...$values]) + 0.15 * ($most - $least);
        $y = fn (float $value): float => round(86 - 82 * ($value - $low) / max(1e-9, $high - $low), 1);
        $from = (float) $lines->first()?->at->getTimestamp();
        $span = max(1.0, (float) $lines->last()?->at->getTimestamp() - $from);
        $points = $lines->map(fn (Entry $line): array => ['x' => round(8 + 284 * ($line->at->getTimestamp() - $from) / $span, 1), 'y' => $y((float) $line->figures[$figure]), 'says' => (string) $line->figures[$figure]])->all();

        return ['path' => implode(' ', array_map(fn (array $p, int $n): string => ($n === 0 ? 'M' : 'L').$p['x'].' '.$p['y'], $points, array_keys($points))), 'band' => ['y' => $y($most), 'height' => round($y($least) - $y($most), 1)], 'points' => array_values($points)];
    }
}
