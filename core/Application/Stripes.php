<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** What strokes side by side leave: a gun's cloud is taken as Gaussian, σ a quarter of its pattern. */
final readonly class Stripes
{
    /** σ of the cloud in patterns. House figure, unverified. */
    public const SIGMA = 0.25;

    /** Terms of the sum; the ninth is under 1e−17 wherever strokes are nearer than two patterns. */
    private const TERMS = 9;

    private function __construct(public float $spacingMm, public float $ripple)
    {
    }

    /**
     * Parallel strokes, each laid over a share of the one before: how far apart they are, and (most − least)/mean of
     * the film they leave, from the Fourier sum of Gaussians at even distances.
     *
     * @param  float  $patternMm  width of the cloud, above 0 to 2 000
     * @param  float  $overlap  0 to 0.95
     */
    public static function of(float $patternMm, float $overlap = 0.0): self
    {
        $spacing = Check::above('pattern_mm', $patternMm, 0, 2000) * (1 - Check::between('overlap', $overlap, 0, 0.95));
        $q = exp(-2 * (M_PI * self::SIGMA * $patternMm / $spacing) ** 2);
        $ripple = 0.0;
        for ($n = 1; $n <= self::TERMS; $n += 2) {
            $ripple += 4 * $q ** ($n * $n);
        }

        return new self($spacing, $ripple);
    }
}
