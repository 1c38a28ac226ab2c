<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/**
 * One reading on uncured powder, as the cured film it predicts, with the standard uncertainty of its own kind.
 *
 * A comb brackets the uncured layer between its last marked and its first unmarked tooth; where in the gap the surface
 * lies is even chance, so the standard uncertainty is the gap over √12, and the powder's factor turns it into film. An
 * ultrasonic gauge predicts the cured film itself; makers give about a tenth of the reading.
 */
final readonly class UncuredReading
{
    /** Standard uncertainty of an ultrasonic gauge on uncured powder, share of the reading (makers' sheets). */
    public const ULTRASONIC_SHARE = 0.10;

    private function __construct(public UncuredGauge $gauge, public float $curedUm, public float $sdUm)
    {
    }

    /**
     * @param  float  $markedUm  the highest tooth the powder has marked, 0 to 5 000 µm uncured
     * @param  float  $unmarkedUm  the next tooth, which it has not, up to 5 000 µm
     * @param  float  $factor  uncured to cured, above 0 to 1
     *
     * @throws InvalidInput where the teeth are in the wrong order or out of range
     */
    public static function comb(float $markedUm, float $unmarkedUm, float $factor): self
    {
        Check::between('last marked tooth', $markedUm, 0, 5000);
        if ($unmarkedUm <= $markedUm) {
            $allowed = "above {$markedUm}, the last marked one";
            throw InvalidInput::outside('first unmarked tooth', $unmarkedUm, $allowed);
        }
        Check::between('first unmarked tooth', $unmarkedUm, 0, 5000);
        Check::above('factor', $factor, 0, 1);

        return new self(
            UncuredGauge::Comb,
            $factor * ($markedUm + $unmarkedUm) / 2,
            $factor * ($unmarkedUm - $markedUm) / sqrt(12),
        );
    }

    /** @param  float  $curedUm  as the gauge shows it: the film the powder will become, above 0 to 5 000 µm */
    public static function ultrasonic(float $curedUm): self
    {
        Check::above('reading', $curedUm, 0, 5000);

        return new self(UncuredGauge::Ultrasonic, $curedUm, self::ULTRASONIC_SHARE * $curedUm);
    }

    /**
     * Returns the mean film of some readings and its standard uncertainty, µm. More readings do not make a gauge better
     * that errs the same way at every spot; only comb readings between different teeth do.
     *
     * @param  non-empty-list<self>  $readings
     * @return array{float, float}
     */
    public static function mean(array $readings): array
    {
        $n = count($readings);
        $mean = array_sum(array_map(fn (self $one): float => $one->curedUm, $readings)) / $n;
        $combs = array_filter($readings, fn (self $one): bool => $one->gauge === UncuredGauge::Comb);
        $gaps = count(array_unique(array_map(fn (self $one): string => (string) $one->curedUm, $combs)));
        $gauge = array_sum(array_map(fn (self $one): float => $one->sdUm, $readings)) / $n / sqrt(max(1, $gaps));
        $squares = array_sum(array_map(fn (self $one): float => ($one->curedUm - $mean) ** 2, $readings));

        $spread = $n === 1 ? 0.0 : sqrt($squares / ($n - 1) / $n);
        // Comb readings that lie apart show their own gaps already.
        $sd = $combs === [] ? hypot($gauge, $spread) : max($gauge, $spread);

        return [$mean, $sd];
    }
}
