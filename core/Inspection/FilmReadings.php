<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** Film thickness readings over a part, and what they come to. */
final readonly class FilmReadings
{
    public const MOST = 10000;

    /** Thicker than any film, µm: a reading with its unit wrong. */
    public const THICKEST_UM = 5000.0;

    /** @param  non-empty-list<float>  $microns */
    private function __construct(
        public array $microns,
        public int $n,
        public float $mean,
        /** Sample standard deviation, µm; null for a single reading. */
        public ?float $deviation,
        public float $least,
        public float $most,
    ) {
    }

    /**
     * @param  list<float>  $microns  1 to 10 000 readings, above 0 to 5 000 µm each
     *
     * @throws InvalidInput naming the reading
     */
    public static function of(array $microns): self
    {
        $n = count($microns);
        if ($n < 1 || $n > self::MOST) {
            throw InvalidInput::outside('readings', $microns === [] ? [] : $n, '1 to '.self::MOST.' readings');
        }
        foreach ($microns as $i => $reading) {
            Check::above('reading '.($i + 1), $reading, 0, self::THICKEST_UM);
        }
        $mean = array_sum($microns) / $n;
        $squares = array_sum(array_map(fn (float $x): float => ($x - $mean) ** 2, $microns));

        return new self($microns, $n, $mean, $n > 1 ? sqrt($squares / ($n - 1)) : null, min($microns), max($microns));
    }

    /**
     * Readings as they are typed, one after the other: blanks, semicolons and new lines part them, and commas do.
     *
     * A single comma between figures is a decimal comma ("5,1" is one reading); where a word has several, or blanks
     * follow them, they part ("68,74,71").
     *
     * @return list<string>
     */
    public static function typed(string $text): array
    {
        // A unit belongs to the figure before it, blank or no blank.
        $text = (string) preg_replace('/(\d)\s+(µm|μm|um|mils?|mm)\b/iu', '$1$2', trim($text));
        $words = preg_split('/[\s;]+|,(?=\s|$)/', $text, -1, PREG_SPLIT_NO_EMPTY) ?: [];
        $parted = array_map(
            fn (string $word): array => substr_count($word, ',') === 1
                ? [str_replace(',', '.', $word)]
                : explode(',', $word),
            $words,
        );

        return array_values(array_filter(array_merge(...$parted), fn (string $word): bool => $word !== ''));
    }

    /** The readings in a sentence's words: how many, their mean, the least and the most. */
    public function words(): Message
    {
        return Message::of('{n} readings, mean {mean}, least {least}, most {most}', [
            'n' => $this->n,
            'mean' => Quantity::micron($this->mean),
            'least' => Quantity::micron($this->least),
            'most' => Quantity::micron($this->most),
        ]);
    }

    /**
     * How many fall where, for a picture of them.
     *
     * @param  int  $bins  3 to 60
     * @return list<array{from: float, to: float, count: int}>
     */
    public function spread(float $fromUm, float $toUm, int $bins): array
    {
        $width = max(1e-9, $toUm - $fromUm) / $bins;
        $counts = array_fill(0, $bins, 0);
        foreach ($this->microns as $um) {
            $counts[(int) min($bins - 1, max(0, floor(($um - $fromUm) / $width)))]++;
        }

        return array_map(fn (int $n, int $count): array => [
            'from' => $fromUm + $n * $width, 'to' => $fromUm + ($n + 1) * $width, 'count' => $count,
        ], array_keys($counts), $counts);
    }
}
