<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenFit;
use Aenum\Core\Units\Dimension;
use App\Catalog\Models\Oven;
use App\Curing\Queries\OvenLogs;
use App\Platform\Presentation\Units;

/** What logged bakes say of an oven. */
final readonly class OvenFitViewModel
{
    /** Lags are told as this much and more, s. */
    private const SLOW_COUPLE_S = 40.0;

    private function __construct(public OvenFit $fit, private Oven $oven, private bool $taken)
    {
    }

    public static function of(Oven $oven): ?self
    {
        $logs = OvenLogs::of($oven);
        $fit = $logs->fit();

        return $fit === null ? null : new self($fit, $oven, $logs->ids() === $oven->taught()?->logs);
    }

    /** Whether the oven works with these figures already. */
    public function isTaken(): bool
    {
        return $this->taken;
    }

    /** How far the model is off what was logged. */
    public function missLine(Units $units): string
    {
        $say = fn (float $k): string => $units->show(Dimension::TemperatureDifference, $k, 1);

        return sprintf(
            '%d readings. Root mean square of model less measured: %s with what was set up, couples taken at their'.
                ' word; %s with these figures.',
            $this->fit->samples,
            $say($this->fit->residualBeforeK),
            $say($this->fit->residualAfterK),
        );
    }

    /** @return list<array{label: string, now: string, told: ?string, band: ?string}> */
    public function rows(): array
    {
        return array_map(function (OvenFigure $figure): array {
            $one = $this->fit->figures[$figure->value];
            $digits = $one['to'] < 100 ? 1 : 0;
            $say = fn (float $value): string => number_format($value, $digits);

            return [
                'label' => ucfirst($figure->label()).', '.$figure->unit(),
                'now' => $say($figure->in($this->oven->model())),
                'told' => $one['told'] ? $say($one['to']) : null,
                'band' => $one['told'] ? "{$say($one['low'])} to {$say($one['high'])}" : null,
            ];
        }, OvenFigure::cases());
    }

    /** How slow the couples were found, and what that asks for. */
    public function coupleLine(): string
    {
        [$fastest, $slowest] = [min([INF, ...$this->fit->lagsS]), max([0.0, ...$this->fit->lagsS])];
        $line = sprintf('Couples lag by %.0f to %.0f s; that is allowed for.', $fastest, $slowest);

        return $slowest < self::SLOW_COUPLE_S ? $line : $line.' The slowest would sit better under a clip or a washer.';
    }
}
