<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** How sure the logs have made an oven's figures, and by how much parts' own h was seen to differ from its. */
final readonly class OvenCalibration
{
    private const FIGURES = 8;

    /** Parts hang in faster and slower air; a few logs seldom show by how much, so no less than this. House figure. */
    private const KINDS_DIFFER_LEAST = 0.09;

    /**
     * @param  list<list<float>>  $covariance  of the logarithms of the figures, in the order of OvenFigure
     * @param  float  $kindsDiffer  standard deviation of the logarithm of a kind's own h over the oven's
     */
    public function __construct(public array $covariance, public float $kindsDiffer)
    {
    }

    /**
     * An oven that could be this one, with a load that could be this load.
     *
     * @param  list<float>  $z  eight standard normal numbers and one for each kind
     * @return list<float> logarithms of the factors on the eight figures and on each kind's h
     */
    public function member(array $z): array
    {
        $differ = max(self::KINDS_DIFFER_LEAST, $this->kindsDiffer);
        $kinds = array_map(fn (float $one): float => $differ * $one, array_slice($z, self::FIGURES));

        return [...Cholesky::of($this->covariance)->scatter(array_slice($z, 0, self::FIGURES)), ...$kinds];
    }

    /** How far a figure may be off, as a share of it, two times in three. */
    public function share(OvenFigure $figure): float
    {
        $place = (int) array_search($figure, OvenFigure::cases(), true);

        return exp(OvenFit::TWO_IN_THREE * sqrt($this->covariance[$place][$place])) - 1;
    }

    /** @return array{covariance: list<list<float>>, kinds_differ: float} as it is kept */
    public function kept(): array
    {
        return ['covariance' => $this->covariance, 'kinds_differ' => $this->kindsDiffer];
    }

    /** What kept() gave; null where it is anything else. */
    public static function from(mixed $kept): ?self
    {
        $rows = is_array($kept) ? $kept['covariance'] ?? null : null;
        $differ = is_array($kept) ? $kept['kinds_differ'] ?? null : null;
        if (! is_array($rows) || count($rows) !== self::FIGURES || ! is_numeric($differ)) {
            return null;
        }
        $covariance = [];
        foreach ($rows as $row) {
            $numbers = [];
            foreach (is_array($row) ? $row : [] as $one) {
                $numbers[] = is_numeric($one) ? (float) $one : null;
            }
            if (count($numbers) !== self::FIGURES || in_array(null, $numbers, true)) {
                return null;
            }
            $covariance[] = $numbers;
        }

        return new self($covariance, (float) $differ);
    }
}
