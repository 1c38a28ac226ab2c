<?php

declare(strict_types=1);

namespace Aenum\Core\Metal;

use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\InvalidQuantity;

/**
 * Which metal it is, by what can be seen, felt and weighed at the counter.
 *
 * Each answer strikes out the metals that do not give it; what is asked next is the question that parts what is left
 * the most evenly. Weighing in air and under water gives the density. General knowledge of the trade.
 */
final readonly class MetalQuestions
{
    /** question => [asked, [answer => said]] */
    public const QUESTIONS = [
        'magnet' => ['Does a magnet hold?', ['holds' => 'holds firmly', 'slips' => 'slips off, or barely holds']],
        'colour' => ['Scratched bright in a hidden spot, what colour?', ['grey' => 'grey or silver', 'yellow' => 'yellow or brown', 'red' => 'red']],
        'weight' => ['Heavy or light for its size?', ['light' => 'light', 'heavy' => 'heavy']],
        'surface' => ['What does it look like where it is bare?', ['brown_rust' => 'brown rust or mill scale', 'spangle' => 'zinc spangles or a dull zinc skin', 'white_bloom' => 'white powdery bloom', 'green' => 'green or brown skin', 'clean' => 'clean, no rust']],
        'body' => ['How was it made?', ['cast' => 'cast: rough skin, parting line, thick walls', 'rolled' => 'rolled, drawn or bent: even walls, sharp bends']],
        'scratch' => ['Does a knife bite into it?', ['deep' => 'deep and easily', 'little' => 'a little', 'hardly' => 'hardly']],
    ];

    /** metal => [name, kg/m³, question => answers it may give] */
    private const METALS = [
        'carbon_steel' => ['Carbon steel', 7850, ['magnet' => ['holds'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['brown_rust'], 'body' => ['rolled'], 'scratch' => ['hardly']]],
        'galvanised_steel' => ['Galvanised steel', 7850, ['magnet' => ['holds'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['spangle', 'white_bloom'], 'body' => ['rolled'], 'scratch' => ['hardly', 'little']]],
        'cast_iron' => ['Cast iron', 7200, ['magnet' => ['holds'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['brown_rust'], 'body' => ['cast'], 'scratch' => ['hardly']]],
        'stainless_steel' => ['Stainless steel', 7900, ['magnet' => ['slips', 'holds'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['clean'], 'body' => ['rolled', 'cast'], 'scratch' => ['hardly']]],
        'aluminium' => ['Aluminium', 2700, ['magnet' => ['slips'], 'colour' => ['grey'], 'weight' => ['light'], 'surface' => ['clean', 'white_bloom'], 'body' => ['rolled'], 'scratch' => ['little']]],
        'cast_aluminium' => ['Cast aluminium', 2680, ['magnet' => ['slips'], 'colour' => ['grey'], 'weight' => ['light'], 'surface' => ['clean', 'white_bloom'], 'body' => ['cast'], 'scratch' => ['little']]],
        'magnesium' => ['Magnesium', 1780, ['magnet' => ['slips'], 'colour' => ['grey'], 'weight' => ['light'], 'surface' => ['white_bloom', 'clean'], 'body' => ['cast'], 'scratch' => ['little', 'deep']]],
        'zinc_die_cast' => ['Zinc die-cast', 6700, ['magnet' => ['slips'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['white_bloom', 'spangle', 'clean'], 'body' => ['cast'], 'scratch' => ['little', 'deep']]],
        'lead_or_tin' => ['Lead, tin or white metal', 9500, ['magnet' => ['slips'], 'colour' => ['grey'], 'weight' => ['heavy'], 'surface' => ['clean', 'white_bloom'], 'body' => ['cast', 'rolled'], 'scratch' => ['deep']]],
        'brass' => ['Brass', 8500, ['magnet' => ['slips'], 'colour' => ['yellow'], 'weight' => ['heavy'], 'surface' => ['green', 'clean'], 'body' => ['rolled', 'cast'], 'scratch' => ['little', 'hardly']]],
        'bronze' => ['Bronze', 8800, ['magnet' => ['slips'], 'colour' => ['yellow', 'red'], 'weight' => ['heavy'], 'surface' => ['green', 'clean'], 'body' => ['cast', 'rolled'], 'scratch' => ['little', 'hardly']]],
        'copper' => ['Copper', 8940, ['magnet' => ['slips'], 'colour' => ['red'], 'weight' => ['heavy'], 'surface' => ['green', 'clean'], 'body' => ['rolled', 'cast'], 'scratch' => ['little', 'deep']]],
    ];

    /** A weighed density this far off still counts: walls trap air, scales are what they are. */
    private const DENSITY_WITHIN = 0.10;

    private const WATER = 998.0;

    /** @param  list<string>  $left */
    private function __construct(public array $left, public ?string $next, public ?float $densityKgM3)
    {
    }

    /**
     * @param  array<string, string>  $answers  by question
     * @param  float|null  $airKg  weighed in air, and hanging under water
     *
     * @throws InvalidQuantity where the weights cannot be
     */
    public static function answer(array $answers, ?float $airKg = null, ?float $waterKg = null): self
    {
        $left = array_keys(self::METALS);
        foreach ($answers as $question => $answer) {
            $left = array_values(array_filter($left, fn (string $metal): bool => in_array($answer, self::METALS[$metal][2][$question] ?? [], true)));
        }
        $density = null;
        if ($airKg !== null && $waterKg !== null) {
            Check::above('air_kg', $airKg, 0, 50000);
            $density = self::WATER * $airKg / ($airKg - Check::between('water_kg', $waterKg, 0, $airKg * 0.999));
            $left = array_values(array_filter($left, fn (string $metal): bool => abs($density / self::METALS[$metal][1] - 1) <= self::DENSITY_WITHIN));
        }

        return new self($left, self::best($left, array_diff(array_keys(self::QUESTIONS), array_keys($answers))), $density);
    }

    public static function name(string $metal): string
    {
        return self::METALS[$metal][0];
    }

    /** Said with the answer; null where the shop works the metal. */
    public static function warning(string $metal): ?string
    {
        return match ($metal) {
            'magnesium' => 'Magnesium burns in the blast cabinet and in the oven: declined unless a licensed process is on record.',
            'lead_or_tin' => 'It melts in the oven: declined.',
            default => null,
        };
    }

    /**
     * The question that leaves the fewest metals on average.
     *
     * @param  list<string>  $left
     * @param  array<int, string>  $unasked
     */
    private static function best(array $left, array $unasked): ?string
    {
        $best = null;
        $fewest = count($left) - 1e-9;
        foreach ($unasked as $question) {
            $expected = 0.0;
            foreach ($left as $metal) {
                $may = self::METALS[$metal][2][$question];
                foreach ($may as $answer) {
                    $expected += count(array_filter($left, fn (string $other): bool => in_array($answer, self::METALS[$other][2][$question], true))) / count($may) / count($left);
                }
            }
            if ($expected < $fewest) {
                [$best, $fewest] = [$question, $expected];
            }
        }

        return $best;
    }
}
