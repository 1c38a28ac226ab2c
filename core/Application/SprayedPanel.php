<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** The film on a panel as it has been sprayed so far, and what it took. */
final readonly class SprayedPanel
{
    /**
     * @param  list<float|null>  $filmUm  row by row, what it will be cured; null where there is no metal
     * @param  float  $sprayedG  out of the gun so far
     * @param  float  $index  the highest charge index there is, with the gun as it was set last
     */
    private function __construct(
        public Panel $panel,
        public SprayPowder $powder,
        public array $filmUm,
        public float $sprayedG,
        public float $index,
    ) {
    }

    /** A panel nothing lies on. */
    public static function bare(Panel $panel, SprayPowder $powder): self
    {
        $bare = array_map(fn (?float $draws): ?float => $draws === null ? null : 0.0, $panel->draws(0.0, 0.0));

        return new self($panel, $powder, $bare, 0.0, 0.0);
    }

    /**
     * A panel as it was left.
     *
     * @param  list<float|null>  $filmUm  as it lay
     */
    public static function left(Panel $panel, SprayPowder $powder, array $filmUm, float $sprayedG, float $index): self
    {
        return new self($panel, $powder, $filmUm, $sprayedG, $index);
    }

    /**
     * The panel after a path of the gun: ṁ/60·η·G·10⁶/SG·R·E µm/s while it is on, less what the charge throws off.
     *
     * @param  list<PathPoint>  $path  times rise
     */
    public function after(array $path, SprayGun $gun): self
    {
        $growth = $gun->charging ? Growth::of($this->powder, $gun) : null;
        $rate = $gun->flowGPerMin / 60 * $gun->caught() * 1e6 / $this->powder->specificGravity;
        $draws = $this->panel->draws($gun->kv, Recess::electricShare($gun->kv, $gun->air));
        $film = $this->filmUm;
        foreach (Cloud::along($path, $this->panel, $gun) as $n => $came) {
            if ($draws[$n] !== null) {
                $comes = $rate * $came * $draws[$n];
                $film[$n] = $growth === null ? $film[$n] + $comes : $growth->after((float) $film[$n], $comes);
            }
        }
        $most = max(0.0, ...array_filter($film, fn (?float $um): bool => $um !== null));
        $sprayed = $this->sprayedG + $gun->flowGPerMin / 60 * self::secondsOn($path);

        $index = $this->powder->charge($most, $gun)->index;

        return new self($this->panel, $this->powder, array_values($film), $sprayed, $index);
    }

    /** What lies on it, as figures. */
    public function figures(): FilmFigures
    {
        return FilmFigures::of(
            array_values(array_filter($this->filmUm, fn (?float $um): bool => $um !== null)),
            $this->powder->lowUm,
            $this->powder->highUm,
        );
    }

    /** Powder that lies on it, g: film × area × density. */
    public function landedG(): float
    {
        return array_sum($this->filmUm) * $this->panel->cellM2() * $this->powder->specificGravity;
    }

    /** @param  list<PathPoint>  $path */
    private static function secondsOn(array $path): float
    {
        $seconds = 0.0;
        for ($n = 1; $n < count($path); $n++) {
            $seconds += $path[$n - 1]->on ? $path[$n]->tS - $path[$n - 1]->tS : 0.0;
        }

        return $seconds;
    }
}
