<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\Constant;
use Aenum\Core\Units\InvalidInput;

/** One kind of thing in the oven: a part, or one section of a part, and how many of it hang there. */
final readonly class LoadItem
{
    /** Up to this Biot number a part is at one temperature throughout (the usual textbook limit). */
    public const LUMPED_BIOT = 0.1;

    private function __construct(
        public string $name,
        public int $count,
        public Metal $metal,
        public float $massKg,
        public float $areaM2,
        public float $emissivity,
        public float $viewFactor,
        public ?float $convectionWPerM2K,
        public ?Slab $slab,
        public ?float $startC,
        /** Second of the run from which it is out of the oven and cools in still air; null where it stays. */
        public ?float $outS = null,
        /** @var array<array-key, float> W/K to other regions of the same piece, by their names */
        public array $links = [],
    ) {
    }

    /**
     * @param  string  $name  1 to 200 characters
     * @param  int  $count  1 to 10 000 pieces
     * @param  float  $massKg  of one piece, above 0 to 50 000
     * @param  float  $areaM2  of one piece exposed to the oven, above 0 to 2 000
     * @param  float  $emissivity  of the surface, 0 to 1; powder or film is 0.9
     * @param  float  $viewFactor  share of the oven's shell the surface sees, 0 to 1
     * @param  float|null  $convectionWPerM2K  where it differs from the oven's
     * @param  Slab|null  $slab  given where the core is known to lag the surface
     * @param  float|null  $startC  where it differs from the shop's air
     *
     * @throws InvalidInput naming the value that is out of range
     */
    public static function of(
        string $name,
        int $count,
        Metal $metal,
        float $massKg,
        float $areaM2,
        float $emissivity = 0.9,
        float $viewFactor = 1.0,
        ?float $convectionWPerM2K = null,
        ?Slab $slab = null,
        ?float $startC = null,
    ): self {
        $length = mb_strlen($name);
        if ($length < 1 || $length > 200) {
            throw InvalidInput::outside('name', $name, '1 to 200 characters');
        }

        return new self(
            $name,
            (int) Check::between('count', $count, 1, 10000),
            $metal,
            Check::above('mass_kg', $massKg, 0, 50000),
            Check::above('area_m2', $areaM2, 0, 2000),
            Check::between('emissivity', $emissivity, 0, 1),
            Check::between('view_factor', $viewFactor, 0, 1),
            $convectionWPerM2K === null
                ? null
                : Check::between('convection_w_per_m2k', $convectionWPerM2K, 0, 1000),
            $slab,
            $startC === null ? null : Check::celsius('start_c', $startC),
        );
    }

    /**
     * The same thing, taken out before the rest.
     *
     * @param  float|null  $minute  of the run, 0 to 10 080; null where it stays to the end
     *
     * @throws InvalidInput
     */
    public function outAt(?float $minute): self
    {
        $outS = $minute === null ? null : 60 * Check::between('out_min', $minute, 0, 10080);

        return $this->changed($this->count, $outS, $this->links);
    }

    /**
     * The same thing, joined by metal to another region of the piece it is of.
     *
     * @param  float  $wPerK  above 0 to 100 000
     *
     * @throws InvalidInput
     */
    public function linkedTo(string $name, float $wPerK): self
    {
        $links = [$name => Check::above('w_per_k', $wPerK, 0, 100000)] + $this->links;

        return $this->changed($this->count, $this->outS, $links);
    }

    /** The same thing, hung another number of times. */
    public function withCount(int $count): self
    {
        return $this->changed((int) Check::between('count', $count, 1, 10000), $this->outS, $this->links);
    }

    /** The same thing in a stronger or weaker stream of air, W/(m²·K). */
    public function withConvection(float $wPerM2K): self
    {
        $convection = Check::between('convection_w_per_m2k', $wPerM2K, 0, 1000);

        return $this->changed($this->count, $this->outS, $this->links, $convection);
    }

    /** @param  array<array-key, float>  $links */
    private function changed(int $count, ?float $outS, array $links, ?float $convection = null): self
    {
        return new self(
            $this->name,
            $count,
            $this->metal,
            $this->massKg,
            $this->areaM2,
            $this->emissivity,
            $this->viewFactor,
            $convection ?? $this->convectionWPerM2K,
            $this->slab,
            $this->startC,
            $outS,
            $links,
        );
    }

    /**
     * Biot number h_total·V/(A·k), with the radiative part taken at the hottest the oven gets, so that the judgement
     * is on the safe side. Null where the metal's conductivity or density is not known.
     */
    public function biot(Oven $oven, float $hottestC): ?float
    {
        if ($this->metal->conductivityWPerMK === null || $this->metal->densityKgPerM3 === null) {
            return null;
        }

        return ($this->exchangeWPerM2K($oven, $hottestC) * $this->massKg) /
            ($this->metal->densityKgPerM3 * $this->areaM2 * $this->metal->conductivityWPerMK);
    }

    /** Convection and linearised radiation together, h + 4·F·ε·σ·T³, W/(m²·K). */
    public function exchangeWPerM2K(Oven $oven, float $celsius): float
    {
        return ($this->convectionWPerM2K ?? $oven->convectionWPerM2K) +
            4 *
                Constant::STEFAN_BOLTZMANN *
                $this->emissivity *
                $this->viewFactor *
                ($celsius + Constant::KELVIN_AT_0_C) ** 3;
    }

    /** The slab this item is solved as, or null where one temperature describes it, as it does each linked region. */
    public function slabIn(Oven $oven, float $hottestC): ?Slab
    {
        if ($this->slab !== null || $this->links !== []) {
            return $this->slab;
        }
        $biot = $this->biot($oven, $hottestC);
        if ($biot === null || $biot <= self::LUMPED_BIOT) {
            return null;
        }

        return Slab::of(
            (1000 * $this->massKg) / ((float) $this->metal->densityKgPerM3 * $this->areaM2),
            (float) $this->metal->conductivityWPerMK,
        );
    }
}
