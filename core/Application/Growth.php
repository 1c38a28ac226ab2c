<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/**
 * How film grows as powder comes, where what lies throws off some of what comes: df/dU = max(0, 1 − index(f)²), with U
 * the film there would be if all stayed.
 *
 * The index knows of nothing but the film, so that one curve f(U) serves every cell, whatever came when.
 */
final class Growth
{
    /** Step of the curve, µm of U; an index rises over tens of µm. */
    private const STEP_UM = 0.5;

    /** Under this slope the film is as thick as it gets. */
    private const STOPS = 1e-6;

    /** @var non-empty-list<float> film at every step */
    private array $film = [0.0];

    private bool $isFull = false;

    /** @param  \Closure(float): float  $index  of a film, µm */
    private function __construct(private readonly \Closure $index)
    {
    }

    /** The curve of a powder from a gun set so. */
    public static function of(SprayPowder $powder, SprayGun $gun): self
    {
        return new self(fn (float $filmUm): float => $powder->charge($filmUm, $gun)->index);
    }

    /**
     * Film after so much more has come, µm.
     *
     * @param  float  $filmUm  as it lies, 0 and more
     * @param  float  $comesUm  film it would add if all stayed, 0 and more
     */
    public function after(float $filmUm, float $comesUm): float
    {
        return $comesUm <= 0.0 ? $filmUm : max($filmUm, $this->film($this->came($filmUm) + $comesUm));
    }

    /** The film of a U, µm; nearly straight between steps. */
    private function film(float $came): float
    {
        $step = (int) ($came / self::STEP_UM);
        $this->drawTo($step + 1);
        $last = count($this->film) - 1;
        if ($step >= $last) {
            return $this->film[$last];
        }

        return $this->film[$step]
            + ($came / self::STEP_UM - $step) * ($this->film[$step + 1] - $this->film[$step]);
    }

    /** The U of a film, µm. */
    private function came(float $filmUm): float
    {
        while (! $this->isFull && end($this->film) < $filmUm) {
            $this->drawTo(2 * count($this->film));
        }
        [$low, $high] = [0, count($this->film) - 1];
        if ($filmUm >= $this->film[$high]) {
            return $high * self::STEP_UM;
        }
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            $this->film[$middle] <= $filmUm ? $low = $middle : $high = $middle;
        }
        $step = $this->film[$high] - $this->film[$low];

        return self::STEP_UM * ($low + ($filmUm - $this->film[$low]) / $step);
    }

    /** Runge and Kutta's fourth order, as far as is asked for or the film grows. */
    private function drawTo(int $step): void
    {
        $h = self::STEP_UM;
        while (! $this->isFull && count($this->film) <= $step) {
            $f = $this->film[count($this->film) - 1];
            $a = $this->stays($f);
            $b = $this->stays($f + $h / 2 * $a);
            $c = $this->stays($f + $h / 2 * $b);
            $d = $this->stays($f + $h * $c);
            $this->film[] = $f + $h / 6 * ($a + 2 * $b + 2 * $c + $d);
            $this->isFull = $a < self::STOPS;
        }
    }

    private function stays(float $filmUm): float
    {
        return max(0.0, 1 - ($this->index)($filmUm) ** 2);
    }
}
