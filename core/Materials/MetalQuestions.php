<?php

declare(strict_types=1);

namespace Aenum\Core\Materials;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

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
        'colour' => [
            'Scratched bright in a hidden spot, what colour?',
            ['grey' => 'grey or silver', 'yellow' => 'yellow or brown', 'red' => 'red'],
        ],
        'weight' => ['Heavy or light for its size?', ['light' => 'light', 'heavy' => 'heavy']],
        'surface' => [
            'What does it look like where it is bare?',
            [
                'brown_rust' => 'brown rust or mill scale',
                'spangle' => 'zinc spangles or a dull zinc skin',
                'white_bloom' => 'white powdery bloom',
                'green' => 'green or brown skin',
                'clean' => 'clean, no rust',
            ],
        ],
        'body' => [
            'How was it made?',
            [
                'cast' => 'cast: rough skin, parting line, thick walls',
                'rolled' => 'rolled, drawn or bent: even walls, sharp bends',
            ],
        ],
        'scratch' => [
            'Does a knife bite into it?',
            ['deep' => 'deep and easily', 'little' => 'a little', 'hardly' => 'hardly'],
        ],
        'chips' => [
            'Filed by hand in a hidden spot, what comes off?',
            ['curls' => 'bright curls or slivers', 'dust' => 'dull crumbs or dust'],
        ],
        'vinegar' => [
            'A drop of vinegar on a spot scraped bright?',
            ['fizzes' => 'fizzes', 'quiet' => 'stays quiet'],
        ],
        'wet' => [
            'Scraped bright and left wet with salt water overnight?',
            ['rusts' => 'brown rust by morning', 'bright' => 'no rust'],
        ],
    ];

    /** Tests that need a tool, a liquid or a night: suggested only where no quicker one helps. */
    private const SLOW = ['chips', 'vinegar', 'wet'];

    /** A weighed density this far off still counts: walls trap air, scales are what they are. */
    private const DENSITY_WITHIN = 0.1;

    private const WATER = 998.0;

    /** @param  list<string>  $left */
    private function __construct(public array $left, public ?string $next, public ?float $densityKgM3)
    {
    }

    /**
     * @param  array<string, string>  $answers  by question
     * @param  float|null  $airKg  weighed in air, and hanging under water
     *
     * @throws InvalidInput where the weights cannot be
     */
    public static function answer(array $answers, ?float $airKg = null, ?float $waterKg = null): self
    {
        $left = array_keys(array_filter(MetalCatalog::all(), fn (Metal $metal): bool => $metal->answers !== []));
        foreach ($answers as $question => $answer) {
            $left = array_values(
                array_filter(
                    $left,
                    fn (string $metal): bool => in_array(
                        $answer,
                        MetalCatalog::get($metal)->answers[$question] ?? [],
                        true,
                    ),
                ),
            );
        }
        $density = null;
        if ($airKg !== null && $waterKg !== null) {
            Check::above('air_kg', $airKg, 0, 50000);
            $density = (self::WATER * $airKg) / ($airKg - Check::between('water_kg', $waterKg, 0, $airKg * 0.999));
            $left = array_values(
                array_filter(
                    $left,
                    fn (string $metal): bool => abs(
                        $density / (MetalCatalog::get($metal)->densityKgPerM3 ?? INF) - 1,
                    ) <=
                        self::DENSITY_WITHIN,
                ),
            );
        }

        $unasked = array_diff(array_keys(self::QUESTIONS), array_keys($answers));
        $next = self::best($left, array_diff($unasked, self::SLOW)) ?? self::best($left, $unasked);

        return new self($left, $next, $density);
    }

    /** What is left, in words. */
    public function leftWords(): string
    {
        return match (count($this->left)) {
            0 => 'Nothing fits',
            1 => MetalCatalog::get($this->left[0])->name,
            default => count($this->left).' possible metals',
        };
    }

    /** Said with the answer; null where the shop works the metal. */
    public static function warning(string $metal): ?string
    {
        return match (MetalCatalog::get($metal)->family) {
            MetalFamily::Magnesium => 'Magnesium burns in the blast cabinet and in the oven: declined unless a '
                .'licensed process is on record.',
            MetalFamily::LowMelting => 'It melts in the oven: declined.',
            MetalFamily::NonMetal => 'Not a metal: not offered here.',
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
                $may = MetalCatalog::get($metal)->answers[$question] ?? [];
                foreach ($may as $answer) {
                    $expected +=
                        count(
                            array_filter(
                                $left,
                                fn (string $other): bool => in_array(
                                    $answer,
                                    MetalCatalog::get($other)->answers[$question] ?? [],
                                    true,
                                ),
                            ),
                        ) /
                        count($may) /
                        count($left);
                }
            }
            if ($expected < $fewest) {
                [$best, $fewest] = [$question, $expected];
            }
        }

        return $best;
    }
}
