<?php

declare(strict_types=1);

namespace Aenum\Core\Strip;

/**
 * What a small shop strips with, by family. General practice: dwell, use and wait are typical of the family at room
 * temperature (the tank hot, where it says hot); the product's own sheet comes first.
 */
final class AgentCatalogue
{
    private const LIGHT = 'It dissolves this metal.';

    private const HYDROGEN = 'Acid drives hydrogen into hard steel: a relief bake of 190 to 220 °C for four hours must begin within four hours.';

    /** @return array<string, Agent> */
    public static function all(): array
    {
        static $all = null;

        /** @var array<string, Agent> */
        return $all ??= array_column(array_map(fn (Agent $agent): array => [$agent->key, $agent], self::rows()), 1, 0);
    }

    /** @return list<Agent> */
    private static function rows(): array
    {
        return [
            new Agent('degreaser', 'mild alkaline degreaser', ['grease' => [10, 40]], 1, 3, 0.4, 'Rinse until water sheets off without beading.', null, 0,
                [], [], 'nitrile', 'Eye protection; warm bath splashes.', 'Oily water to the separator, by local rule.'),
            new Agent('solvent', 'solvent degreaser', ['grease' => [2, 10]], 1, 4, 0.25, null, null, 10,
                [], [], 'nitrile, changed often', 'Flammable: ventilate, no ignition source, no hot part.', 'Rags in a closed metal bin; solvent by local rule.'),
            new Agent('benzyl', 'benzyl alcohol stripper', ['paint' => [30, 180], 'two_part_paint' => [120, 360], 'old_powder' => [480, 1440]], 2, 5, 0.5, 'Scrape, then rinse hot until nothing is slimy.', null, 0,
                [], [], 'butyl rubber', 'Face shield, ventilation; burns skin and eyes.', 'Sludge and rinse water are hazardous waste by local rule.'),
            new Agent('acid_stripper', 'acid-boosted stripper', ['paint' => [20, 60], 'two_part_paint' => [45, 150], 'old_powder' => [180, 480]], 2, 5, 0.5, 'Scrape, then rinse hot.', 'Neutralise with soda solution, then rinse again.', 0,
                ['zinc_die_cast' => self::LIGHT, 'galvanised_steel' => 'It eats the zinc.', 'aluminium' => 'It bites aluminium and leaves a smut.', 'cast_aluminium' => 'It bites aluminium and leaves a smut.', 'magnesium' => self::LIGHT],
                ['hardened' => self::HYDROGEN], 'butyl rubber', 'Face shield, apron, extraction; burns skin and eyes.', 'Hazardous waste by local rule; never with caustic.'),
            new Agent('caustic', 'hot caustic tank', ['grease' => [15, 60], 'paint' => [30, 180], 'two_part_paint' => [60, 240], 'old_powder' => [180, 600]], 1, 3, 0.3, 'Rinse twice, the second time hot.', 'Neutralise with weak acid rinse, then rinse again.', 0,
                ['aluminium' => self::LIGHT, 'cast_aluminium' => self::LIGHT, 'zinc_die_cast' => self::LIGHT, 'galvanised_steel' => 'It strips the zinc.', 'brass' => 'It dulls and pits brass.'],
                [], 'long neoprene', 'Face shield, apron; hot caustic blinds. Add caustic to water, never water to caustic.', 'Hazardous waste by local rule; never with acid.'),
            new Agent('burn_off', 'burn-off oven', ['paint' => [180, 480], 'two_part_paint' => [180, 480], 'old_powder' => [240, 480], 'grease' => [120, 480]], 1, 1, 0, 'Blow the ash off, then blast.', null, 60,
                ['aluminium' => 'It softens aluminium.', 'cast_aluminium' => 'It softens aluminium.', 'zinc_die_cast' => 'It melts.', 'galvanised_steel' => 'Zinc fume, and the zinc is gone.', 'magnesium' => 'It burns.', 'lead_or_tin' => 'It melts.', 'brass' => 'Zinc fume from the brass.'],
                ['hardened' => 'It draws the temper.', 'cast_iron' => 'Uneven walls crack when heated fast.'], 'heat-proof', 'A licensed burn-off oven with afterburner only, never the powder oven. Lead paint never.', 'Ash may hold heavy metals: by local rule.'),
            new Agent('converter', 'rust converter', ['rust' => [20, 60]], 2, 4, 0.12, 'Wipe off what has not turned black.', null, 1440,
                ['aluminium' => 'There is no rust on it to convert.', 'cast_aluminium' => 'There is no rust on it to convert.', 'stainless_steel' => 'It stains stainless.', 'zinc_die_cast' => 'It bites zinc.', 'galvanised_steel' => 'It eats the zinc.', 'brass' => 'There is no rust on it to convert.', 'bronze' => 'There is no rust on it to convert.', 'copper' => 'There is no rust on it to convert.'],
                ['hardened' => self::HYDROGEN], 'nitrile', 'Weak acid: eye protection.', 'Rinse water by local rule.'),
        ];
    }
}
