<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** A symmetric positive matrix as L·Lᵀ: solving with it, its inverse, and numbers that scatter as it says. */
final readonly class Cholesky
{
    /** @param  list<list<float>>  $lower  the rows of L up to their diagonal */
    private function __construct(private array $lower)
    {
    }

    /** @param  array<int, array<int, float>>  $matrix  only the part on and under the diagonal is read */
    public static function of(array $matrix): self
    {
        $lower = [];
        foreach ($matrix as $i => $row) {
            $mine = [];
            for ($j = 0; $j <= $i; $j++) {
                $sum = $row[$j];
                $other = $j === $i ? $mine : $lower[$j];
                for ($k = 0; $k < $j; $k++) {
                    $sum -= $mine[$k] * $other[$k];
                }
                $mine[] = $j === $i ? sqrt(max(1e-30, $sum)) : $sum / $other[$j];
            }
            $lower[] = $mine;
        }

        return new self($lower);
    }

    /**
     * @param  list<float>  $r
     * @return list<float>
     */
    public function solve(array $r): array
    {
        $n = count($r);
        for ($i = 0; $i < $n; $i++) {
            for ($k = 0; $k < $i; $k++) {
                $r[$i] -= $this->lower[$i][$k] * $r[$k];
            }
            $r[$i] /= $this->lower[$i][$i];
        }
        for ($i = $n - 1; $i >= 0; $i--) {
            for ($k = $i + 1; $k < $n; $k++) {
                $r[$i] -= $this->lower[$k][$i] * $r[$k];
            }
            $r[$i] /= $this->lower[$i][$i];
        }

        return array_values($r);
    }

    /**
     * A column of the inverse.
     *
     * @return list<float>
     */
    public function inverse(int $column): array
    {
        $unit = array_fill(0, count($this->lower), 0.0);
        $unit[$column] = 1.0;

        return $this->solve(array_values($unit));
    }

    /**
     * Independent normal numbers made to scatter as the matrix says: L·z.
     *
     * @param  list<float>  $z
     * @return list<float>
     */
    public function scatter(array $z): array
    {
        return array_map(
            fn (array $row): float => array_sum(
                array_map(fn (float $l, float $x): float => $l * $x, $row, array_slice($z, 0, count($row))),
            ),
            $this->lower,
        );
    }
}
