<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

/** A first idea of what a job takes: minutes of hands, powder, media, heat, and the money they come to. */
final readonly class CostEstimate
{
    /** Share of an oven's energy that ends up in the load, for a batch oven part full. House figure. */
    public const OVEN_SHARE = 0.3;

    private const JOULES_PER_KWH = 3.6e6;

    /** Specific gravity of a powder whose own is not known. House figure. */
    private const USUAL_SG = 1.5;

    /** @param  array<string, float>  $money  by what it is for */
    private function __construct(
        public float $handMinutes,
        public float $waitMinutes,
        public float $powderKg,
        public float $mediaKg,
        public float $kwh,
        public array $money,
        /** The heat is of the shop's own oven, as the model has it. */
        public bool $modelled,
    ) {
    }

    /**
     * @param  list<array{sg: float, price: ?float}>  $powders  of the coats, from the metal up; price per kg, null for
     *      the shop's usual
     * @param  array{hour?: float, powder_kg?: float, media_kg?: float, kwh?: float}  $prices
     * @param  float  $mediaKg  worn away by the blast, all pieces
     */
    public static function of(PartRouting $plan, array $powders, float $mediaKg, float $ambientC, array $prices): self
    {
        $minutes = $plan->handMinutes();
        $kg = $spent = 0.0;
        foreach (array_keys($plan->facts->coats) as $n) {
            $each = $plan->facts->powderKg($n, $powders[$n]['sg'] ?? self::USUAL_SG);
            $kg += $each;
            $spent += $each * ($powders[$n]['price'] ?? ($prices['powder_kg'] ?? 0.0));
        }
        $heats = new PartHeats($plan->facts);
        $kwh = 0.0;
        $modelled = true;
        foreach ($plan->heatings() as [$celsius, $hold]) {
            $does = $heats->energyKwh($celsius, $hold, $ambientC);
            $modelled = $modelled && $does !== null;
            $kwh += $does ?? self::guessKwh($plan, $celsius, $ambientC);
        }

        return new self($minutes, $plan->waitMinutes(), $kg, $mediaKg, $kwh, [
            'hands' => ($minutes / 60) * ($prices['hour'] ?? 0.0),
            'powder' => $spent,
            'media' => $mediaKg * ($prices['media_kg'] ?? 0.0),
            'heat' => $kwh * ($prices['kwh'] ?? 0.0),
        ], $modelled);
    }

    /** Where oven or part are not known: the metal's heat, and what ovens of the kind lose beside it. */
    private static function guessKwh(PartRouting $plan, float $celsius, float $ambientC): float
    {
        $part = $plan->facts->part;
        $joules = max(0.0, $part->metal->heatCapacity->enthalpy($ambientC, $celsius));

        return ($part->count * ($part->massKg ?? 0.0) * $joules) / self::JOULES_PER_KWH / self::OVEN_SHARE;
    }

    /** @return array<string, string> what each sum rests on */
    public function how(): array
    {
        return [
            'hands' => 'the minutes of every step on the route',
            'powder' => 'area over cover at the part\'s own transfer efficiency, and what stays in cup or hopper',
            'media' => 'what the blast wears to dust',
            'heat' => $this->modelled
                ? 'what the shop\'s oven takes in for every bake, hot already, with only these parts in it'
                : 'metal to temperature for every bake, '.round(100 * self::OVEN_SHARE).
                    ' % of the oven\'s energy in the load',
        ];
    }

    /** All of it together, in the shop's currency. */
    public function total(): float
    {
        return array_sum($this->money);
    }
}
