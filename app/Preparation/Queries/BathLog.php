<?php

declare(strict_types=1);

namespace App\Preparation\Queries;

use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Preparation\Pretreatment\BathFigure;
use Aenum\Core\Preparation\Pretreatment\BathTrend;
use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;
use App\Routing\Models\LogFigure;
use App\Routing\Models\LogLine;
use Illuminate\Support\Collection;

/** Readings of a bath, the trend of each, and what to add. */
final readonly class BathLog
{
    private const SHOWN = 20;

    /**
     * @param  Collection<int, LogLine>  $lines  the oldest first
     * @param  array<string, BathTrend>  $trends  by figure
     */
    private function __construct(
        public Bath $bath,
        public Collection $lines,
        public array $trends,
        public ?float $volumeL,
    ) {
    }

    public static function of(string $key): self
    {
        $bath = Bath::get($key);
        $lines = LogLine::of('bath', $key)->with('user')->orderByDesc('at')->orderByDesc('id')->limit(self::SHOWN)
            ->get()->reverse()->values();
        $trends = [];
        foreach ($bath->limits as $figure => $limits) {
            $readings = $lines
                ->filter(fn (LogLine $line): bool => $line->figure($figure) !== null)
                ->map(
                    fn (LogLine $line): array => [$line->at->getTimestamp() / 86400, (float) $line->figure($figure)],
                )
                ->values()
                ->all();
            if ($readings !== []) {
                $trends[$figure] = BathTrend::of(array_values($readings), $limits, BathFigure::from($figure)->label());
            }
        }

        return new self(
            $bath,
            $lines,
            $trends,
            $lines->map(fn (LogLine $line): mixed => $line->figure('volume_l'))->filter()->last(),
        );
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

    /** A tank nobody has measured, l. */
    private const USUAL_TANK_L = 100.0;

    public const SPRAYER_L = 10.0;

    public function tankL(): float
    {
        return $this->volumeL ?? self::USUAL_TANK_L;
    }

    /** One reading in words. */
    public function read(LogLine $line, Units $units): string
    {
        return $line->figures
            ->map(function (LogFigure $one) use ($units): string {
                $figure = BathFigure::tryFrom($one->name);

                return $figure === null
                    ? 'volume '.$units->show(Dimension::Volume, $one->value)
                    : "{$figure->label()} {$one->value}";
            })
            ->join(', ');
    }
}
