<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Files\FitFile;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\OvenFit;
use Aenum\Core\Units\InvalidInput;

/** An oven's figures as logged runs tell them. */
final class FitCommand
{
    public const FORMAT = 'aenum-fitted/1';

    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     *
     * @throws InvalidInput
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = FitFile::parse($read($arguments->operands[0]));
        $fit = OvenFit::of($file->oven, $file->runs);
        $fitted = [];
        foreach (OvenFigure::cases() as $figure) {
            $fitted[$figure->value] = self::exact($figure->in($fit->oven));
        }

        return [
            'format' => self::FORMAT,
            'oven' => array_replace($file->given, $fitted),
            'figures' => array_map(
                fn (array $one): array => [
                    'from' => self::exact($one['from']),
                    'to' => self::exact($one['to']),
                    'low' => self::exact($one['low']),
                    'high' => self::exact($one['high']),
                    'told' => $one['told'],
                ],
                $fit->figures,
            ),
            'delay_s' => array_map(fn (float $lag): float => round($lag, 1), $fit->lagsS),
            'residual_before_k' => round($fit->residualBeforeK, 3),
            'residual_after_k' => round($fit->residualAfterK, 3),
            'why' => $fit->why(),
        ];
    }

    /** Six figures that count. */
    private static function exact(float $value): float
    {
        return (float) sprintf('%.6g', $value);
    }
}
