<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/**
 * Something the core says: words with named places, and the figures that stand in them.
 *
 * The words hold no figure that has a unit; those are quantities, and become text at the edge, in the reader's units.
 */
final readonly class Message
{
    /** @param  array<string, Quantity|Message|string|int|float>  $with */
    private function __construct(public string $words, public array $with)
    {
    }

    /**
     * @param  string  $words  with places in braces: "{part} is {mass}"
     * @param  array<string, Quantity|Message|string|int|float>  $with  what stands in each place
     */
    public static function of(string $words, array $with = []): self
    {
        return new self($words, $with);
    }

    /** Words stay words; what is said already stays what it is. */
    public static function from(self|string $said): self
    {
        return $said instanceof self ? $said : new self($said, []);
    }

    /**
     * Several sentences as one.
     *
     * @param  list<self|string>  $all
     */
    public static function all(array $all, string $between = ' '): self
    {
        $with = [];
        foreach ($all as $n => $one) {
            $with["s{$n}"] = self::from($one);
        }

        return new self(
            implode($between, array_map(fn (string $place): string => '{'.$place.'}', array_keys($with))),
            $with,
        );
    }

    /** The same with its first letter large, and a full stop where there is none. */
    public function asSentence(): self
    {
        return new self($this->words, $this->with + [self::SENTENCE => 1]);
    }

    private const SENTENCE = ' sentence';

    /** The text in a reader's units. */
    public function in(UnitSystem $system): string
    {
        $places = [];
        foreach ($this->with as $place => $value) {
            $places['{'.$place.'}'] = match (true) {
                $value instanceof Quantity, $value instanceof self => $value->in($system),
                is_float($value) => self::plain($value),
                default => (string) $value,
            };
        }
        $text = strtr($this->words, $places);
        if (! isset($this->with[self::SENTENCE]) || $text === '') {
            return $text;
        }
        $text = mb_strtoupper(mb_substr($text, 0, 1)).mb_substr($text, 1);

        return preg_match('/[.!?]$/u', $text) === 1 ? $text : "{$text}.";
    }

    /**
     * Every figure with a unit that it holds, at any depth.
     *
     * @return array<string, Quantity>
     */
    public function quantities(): array
    {
        $found = [];
        foreach ($this->with as $place => $value) {
            if ($value instanceof Quantity) {
                $found[$place] = $value;
            } elseif ($value instanceof self) {
                $found += $value->quantities();
            }
        }

        return $found;
    }

    /** A bare number as a person writes it: at most one decimal. */
    private static function plain(float $number): string
    {
        return rtrim(rtrim(number_format($number, 1, '.', ''), '0'), '.');
    }
}
