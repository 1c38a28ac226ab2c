<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Stripping;

use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\InvalidInput;

/**
 * What a small shop strips with, by family. Dwell, use and wait are typical of the family at room temperature (the tank
 * hot, where it says hot); the product's own sheet comes first.
 */
final class Agents
{
    /** Fire on anything with zinc in it or on it. */
    public const ZINC_FUME = 'Fire drives zinc off as fume, and the zinc is gone.';

    /** Part metal in a burn-off oven, °C: such ovens run at about 350 to 430 °C (makers' sheets). */
    public const BURN_OFF_C = 400.0;

    private const SOURCE = 'typical of the family, general practice, unverified; the product\'s sheet comes first';

    private const DISSOLVES = 'It dissolves this metal.';

    /** Acid dissolves these unless the product is made for them. */
    private const SOFT = ['zinc', 'galvanised', 'light_alloy'];

    /** Strong acid pits stainless and takes zinc out of brass, so it asks for the product here too. */
    private const SOFT_AND_PITTED = [...self::SOFT, 'stainless', 'copper_alloy'];

    private const NO_RUST = 'There is no rust on it to convert.';

    /** @return array<string, Agent> by key */
    public static function all(): array
    {
        static $all = null;

        /** @var array<string, Agent> */
        return $all ??= array_column(
            array_map(fn (Agent $agent): array => [$agent->key, $agent], self::records()),
            1,
            0,
        );
    }

    /** @throws InvalidInput where no agent has that key */
    public static function get(string $key): Agent
    {
        return self::find($key) ??
            throw InvalidInput::outside('agent', $key, 'one of '.implode(', ', self::keys()));
    }

    /** Null where no agent has that key. */
    public static function find(string $key): ?Agent
    {
        return self::all()[$key] ?? null;
    }

    /** @return list<string> */
    public static function keys(): array
    {
        return array_keys(self::all());
    }

    /** What a step works with where nobody has said; null for steps without an agent. */
    public static function usualFor(StepKind $kind): ?Agent
    {
        return match ($kind) {
            StepKind::Degrease => self::get('degreaser'),
            StepKind::StripChemical => self::get('benzyl'),
            StepKind::StripCaustic => self::get('caustic'),
            StepKind::BurnOff => self::get('burn_off'),
            StepKind::RustConvert => self::get('converter'),
            StepKind::Acid => self::get('acid_pickle'),
            StepKind::Neutralise => self::get('soda_rinse'),
            default => null,
        };
    }

    /** What is put on after an agent to end its work; null where rinsing is enough. */
    public static function endedBy(Agent $agent): ?Agent
    {
        return match (true) {
            $agent->neutralise === null => null,
            $agent->acid => self::get('soda_rinse'),
            default => self::get('acid_rinse'),
        };
    }

    /** The step of a route that an agent makes. */
    public static function stepFor(Agent $agent): StepKind
    {
        return match ($agent->key) {
            'degreaser', 'solvent' => StepKind::Degrease,
            'caustic' => StepKind::StripCaustic,
            'burn_off' => StepKind::BurnOff,
            'converter' => StepKind::RustConvert,
            'acid_pickle' => StepKind::Acid,
            'acid_rinse', 'soda_rinse' => StepKind::Neutralise,
            default => StepKind::StripChemical,
        };
    }

    /** @return list<Agent> */
    private static function records(): array
    {
        return [
            new Agent(
                key: 'degreaser',
                name: 'mild alkaline degreaser',
                takes: ['grease' => [10.0, 40.0]],
                coats: 1,
                minutesPerM2: 3.0,
                litresPerM2: 0.4,
                acid: false,
                celsius: null,
                rinse: 'Rinse until water sheets off without beading.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'nitrile',
                caution: 'Eye protection; warm bath splashes.',
                waste: 'Oily water to the separator, by local rule.',
                source: self::SOURCE,
            ),
            new Agent(
                key: 'solvent',
                name: 'solvent degreaser',
                takes: ['grease' => [2.0, 10.0]],
                coats: 1,
                minutesPerM2: 4.0,
                litresPerM2: 0.25,
                acid: false,
                celsius: null,
                rinse: null,
                neutralise: null,
                waitAfter: 10.0,
                waitWhy: 'Until it has flashed off: no vapour may go into an oven.',
                never: [],
                withName: [],
                gloves: 'nitrile, changed often',
                caution: 'Flammable: ventilate, no ignition source, no hot part.',
                waste: 'Rags in a closed metal bin; solvent by local rule.',
                source: self::SOURCE,
            ),
            new Agent(
                key: 'quick_gel',
                name: 'quick gel without methylene chloride',
                takes: [
                    'paint' => [30.0, 90.0],
                    'factory_clear' => [30.0, 90.0],
                    'two_part_paint' => [30.0, 90.0],
                ],
                coats: 2,
                minutesPerM2: 5.0,
                litresPerM2: 0.6,
                acid: false,
                celsius: null,
                rinse: 'Scrape, then rinse hot until nothing is slimy.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'butyl rubber',
                caution: 'Face shield, strong ventilation; burns skin and eyes. Read on the tin what it is made of.',
                waste: 'Sludge and rinse water are hazardous waste by local rule.',
                source: self::SOURCE,
                tips: [
                    'Two coats of about a quarter of an hour; the second while the first still lifts.',
                    'Thick and covered: it works only while it is wet.',
                ],
            ),
            new Agent(
                key: 'dcm_gel',
                name: 'methylene chloride gel',
                takes: [
                    'paint' => [15.0, 60.0],
                    'factory_clear' => [15.0, 60.0],
                    'two_part_paint' => [20.0, 60.0],
                    'old_powder' => [60.0, 240.0],
                ],
                coats: 2,
                minutesPerM2: 5.0,
                litresPerM2: 0.6,
                acid: false,
                celsius: null,
                rinse: 'Scrape, then rinse hot until nothing is slimy.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'PVA or laminate film, under a second pair',
                caution: 'Face shield, extraction. The heavy vapor puts people to sleep and kills in tanks and pits.',
                waste: 'Sludge and rinse water are hazardous waste by local rule.',
                source: self::SOURCE,
                respirator: 'supplied air: no cartridge holds this vapor',
                isRegulated: true,
                tips: [
                    'Two coats of about a quarter of an hour; the second while the first still lifts.',
                    'Thick and covered: it works only while it is wet.',
                ],
            ),
            new Agent(
                key: 'benzyl',
                name: 'benzyl alcohol stripper, brushed on',
                takes: [
                    'paint' => [30.0, 180.0],
                    'factory_clear' => [30.0, 180.0],
                    'two_part_paint' => [120.0, 360.0],
                    'old_powder' => [240.0, 720.0],
                ],
                coats: 2,
                minutesPerM2: 5.0,
                litresPerM2: 0.5,
                acid: false,
                celsius: null,
                rinse: 'Scrape, then rinse hot until nothing is slimy.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'butyl rubber',
                caution: 'Face shield, ventilation; burns skin and eyes.',
                waste: 'Sludge and rinse water are hazardous waste by local rule.',
                source: self::SOURCE,
                tips: [
                    'Brushed on thick, one way, and covered with foil or film: it works only while it is wet.',
                    'Foam holds it wet on upright faces.',
                ],
            ),
            new Agent(
                key: 'benzyl_soak',
                name: 'benzyl alcohol soak tank',
                takes: [
                    'paint' => [120.0, 960.0],
                    'factory_clear' => [120.0, 960.0],
                    'two_part_paint' => [240.0, 960.0],
                    'old_powder' => [480.0, 1440.0],
                ],
                coats: 1,
                minutesPerM2: 1.0,
                litresPerM2: 0.3,
                acid: false,
                celsius: null,
                rinse: 'Scrape, then rinse hot until nothing is slimy.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'butyl rubber',
                caution: 'Face shield, ventilation; burns skin and eyes.',
                waste: 'Sludge and rinse water are hazardous waste by local rule.',
                source: self::SOURCE,
                tips: [
                    'Fully under, seams upward so that air gets out; 8 h or overnight for powder.',
                ],
            ),
            new Agent(
                key: 'acid_stripper',
                name: 'acid-boosted stripper',
                takes: [
                    'paint' => [20.0, 60.0],
                    'two_part_paint' => [45.0, 150.0],
                    'old_powder' => [180.0, 480.0],
                ],
                coats: 2,
                minutesPerM2: 5.0,
                litresPerM2: 0.5,
                acid: true,
                celsius: null,
                rinse: 'Scrape, then rinse hot.',
                neutralise: 'Neutralise with soda solution, then rinse again.',
                waitAfter: 0.0,
                waitWhy: '',
                never: [
                    'zinc' => self::DISSOLVES,
                    'galvanised' => 'It eats the zinc.',
                    'light_alloy' => 'It bites aluminium and leaves a smut.',
                    'magnesium' => self::DISSOLVES,
                ],
                withName: [],
                gloves: 'butyl rubber',
                caution: 'Face shield, apron, extraction; burns skin and eyes.',
                waste: 'Hazardous waste by local rule; never with caustic.',
                source: self::SOURCE,
                asksProduct: self::SOFT_AND_PITTED,
                tips: [
                    'Covered it works on; dried on it bites. Start at the bottom, so that runs do not mark.',
                ],
            ),
            new Agent(
                key: 'clear_bath',
                name: 'acid bath for clear on alloy',
                takes: ['factory_clear' => [5.0, 20.0]],
                coats: 1,
                minutesPerM2: 2.0,
                litresPerM2: 0.3,
                acid: true,
                celsius: null,
                rinse: 'Rinse twice at once; what dries on leaves stains.',
                neutralise: 'Neutralise with soda solution, then rinse again.',
                waitAfter: 0.0,
                waitWhy: '',
                never: [
                    'zinc' => self::DISSOLVES,
                    'galvanised' => 'It eats the zinc.',
                    'light_alloy' => 'Only a bath whose sheet allows this alloy.',
                    'magnesium' => self::DISSOLVES,
                ],
                withName: [],
                gloves: 'acid gloves, long',
                caution: 'Face shield, apron, extraction. Some baths hold fluoride: calcium gluconate gel at hand.',
                waste: 'Hazardous waste by local rule; never with caustic.',
                source: self::SOURCE,
                tips: ['A test spot first: the wrong bath etches alloy in minutes.'],
                asksProduct: ['light_alloy', 'stainless', 'copper_alloy'],
            ),
            new Agent(
                key: 'caustic',
                name: 'hot caustic tank',
                takes: [
                    'grease' => [15.0, 60.0],
                    'paint' => [30.0, 180.0],
                    'two_part_paint' => [60.0, 240.0],
                    'old_powder' => [180.0, 600.0],
                ],
                coats: 1,
                minutesPerM2: 3.0,
                litresPerM2: 0.3,
                acid: false,
                celsius: null,
                rinse: 'Rinse twice, the second time hot.',
                neutralise: 'Neutralise with weak acid rinse, then rinse again.',
                waitAfter: 0.0,
                waitWhy: '',
                never: [
                    'light_alloy' => 'It dissolves aluminium and gives off hydrogen.',
                    'zinc' => 'It dissolves zinc and gives off hydrogen.',
                    'galvanised' => 'It strips the zinc and gives off hydrogen.',
                    'copper_alloy' => 'It dulls and pits copper alloys and takes zinc out of brass.',
                ],
                withName: [],
                gloves: 'long neoprene',
                caution: 'Face shield, apron; hot caustic blinds. Add caustic to water, never water to caustic.',
                waste: 'Hazardous waste by local rule; never with acid.',
                source: self::SOURCE,
            ),
            new Agent(
                key: 'burn_off',
                name: 'burn-off oven',
                takes: [
                    'paint' => [180.0, 480.0],
                    'two_part_paint' => [180.0, 480.0],
                    'old_powder' => [240.0, 480.0],
                    'grease' => [120.0, 480.0],
                ],
                coats: 1,
                minutesPerM2: 1.0,
                litresPerM2: 0.0,
                acid: false,
                celsius: self::BURN_OFF_C,
                rinse: null,
                neutralise: null,
                waitAfter: 60.0,
                waitWhy: 'Until it is cold; then the ash is blown off.',
                never: [
                    'light_alloy' => 'It takes the strength of aluminium for good.',
                    'zinc' => 'It melts.',
                    'magnesium' => 'It burns.',
                    'low_melting' => 'It melts.',
                ],
                withName: ['cast_iron' => 'Uneven walls crack when heated fast.'],
                gloves: 'heat-proof',
                caution: 'A licensed burn-off oven with afterburner only, never the powder oven. Lead paint never.',
                waste: 'Ash may hold heavy metals: by local rule.',
                source: self::SOURCE,
            ),
            new Agent(
                key: 'converter',
                name: 'rust converter',
                takes: ['rust' => [20.0, 60.0], 'light_rust' => [20.0, 60.0]],
                coats: 2,
                minutesPerM2: 4.0,
                litresPerM2: 0.12,
                acid: true,
                celsius: null,
                rinse: 'Wipe off what has not turned black; wash nothing off that has.',
                neutralise: null,
                waitAfter: 1440.0,
                waitWhy: 'The converted layer needs its day before it carries a film.',
                never: [
                    'light_alloy' => self::NO_RUST,
                    'stainless' => 'It stains stainless.',
                    'zinc' => 'It bites zinc.',
                    'galvanised' => 'It eats the zinc.',
                    'copper_alloy' => self::NO_RUST,
                    'magnesium' => self::DISSOLVES,
                ],
                withName: [],
                gloves: 'nitrile',
                caution: 'Weak acid: eye protection.',
                waste: 'Rinse water by local rule; what was poured out never goes back into the bottle.',
                source: self::SOURCE,
                asksProduct: self::SOFT,
                tips: [
                    'Pour out what is needed; nothing goes back into the bottle.',
                    'Thin, and a second coat; where it stays pale there is no rust left to convert.',
                    'It does nothing on bare metal, and it is porous: it wants a film above it.',
                ],
            ),
            new Agent(
                key: 'acid_pickle',
                name: 'acid pickle',
                takes: [
                    'rust' => [15.0, 60.0],
                    'light_rust' => [5.0, 60.0],
                    'mill_scale' => [20.0, 60.0],
                ],
                coats: 1,
                minutesPerM2: 3.0,
                litresPerM2: 0.3,
                acid: true,
                celsius: null,
                rinse: 'Rinse twice at once; steel flash-rusts while it waits.',
                neutralise: 'Neutralise with soda solution, then rinse again.',
                waitAfter: 0.0,
                waitWhy: '',
                never: [
                    'light_alloy' => 'It bites aluminium and leaves a smut.',
                    'zinc' => self::DISSOLVES,
                    'galvanised' => 'It eats the zinc.',
                    'magnesium' => self::DISSOLVES,
                ],
                withName: [],
                gloves: 'acid gloves, long',
                caution: 'Face shield, apron, extraction. Acid into water, never water into acid.',
                waste: 'Hazardous waste by local rule; never with caustic.',
                source: self::SOURCE,
                asksProduct: self::SOFT_AND_PITTED,
            ),
            new Agent(
                key: 'acid_rinse',
                name: 'weak acid rinse',
                takes: [],
                coats: 1,
                minutesPerM2: 1.0,
                litresPerM2: 0.3,
                acid: true,
                celsius: null,
                rinse: 'Rinse until the water on the metal is neutral.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [
                    'light_alloy' => 'It bites aluminium and leaves a smut.',
                    'zinc' => self::DISSOLVES,
                    'galvanised' => 'It eats the zinc.',
                    'magnesium' => self::DISSOLVES,
                ],
                withName: [],
                gloves: 'acid gloves, long',
                caution: 'Face shield. Never into the caustic: rinse between them.',
                waste: 'By local rule; never with caustic.',
                source: self::SOURCE,
                asksProduct: self::SOFT,
            ),
            new Agent(
                key: 'soda_rinse',
                name: 'soda rinse',
                takes: [],
                coats: 1,
                minutesPerM2: 1.0,
                litresPerM2: 0.3,
                acid: false,
                celsius: null,
                rinse: 'Rinse until nothing white dries on it.',
                neutralise: null,
                waitAfter: 0.0,
                waitWhy: '',
                never: [],
                withName: [],
                gloves: 'nitrile',
                caution: 'It foams on acid: slowly, eyes protected.',
                waste: 'By local rule.',
                source: self::SOURCE,
            ),
        ];
    }
}
