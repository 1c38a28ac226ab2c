<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Units\InvalidInput;

/**
 * One value of a JSON file together with where it stands, so that a refusal can name its place.
 *
 * Types are judged here; ranges by the value objects, whose refusals `guard` carries to the right place.
 */
final readonly class Node
{
    public const MOST_BYTES = 2_000_000;

    private const DEEPEST = 16;

    private function __construct(private mixed $value, public string $place)
    {
    }

    /** @throws InvalidInput where the text is too long, is not JSON or nests too deep */
    public static function parse(string $json, int $mostBytes = self::MOST_BYTES): self
    {
        if (strlen($json) > $mostBytes) {
            $most = intdiv($mostBytes, 1_000_000).' MB';
            throw InvalidInput::unreadable('', "is larger than {$most}", "at most {$most}");
        }
        if (str_starts_with($json, "\xEF\xBB\xBF")) {
            $json = substr($json, 3);
        }
        try {
            $value = json_decode($json, false, self::DEEPEST, JSON_THROW_ON_ERROR);
        } catch (\JsonException $e) {
            throw InvalidInput::unreadable(
                '',
                'is not readable as JSON ('.$e->getMessage().')',
                'JSON in UTF-8, at most '.self::DEEPEST.' levels deep',
            );
        }

        return new self($value, '');
    }

    /**
     * Checks that this is an object with no other keys than these.
     *
     * @param  list<string>  $known
     * @return $this
     */
    public function object(array $known): self
    {
        if (! ($this->value instanceof \stdClass)) {
            throw InvalidInput::outside($this->place, $this->value, 'an object');
        }
        foreach (array_keys(get_object_vars($this->value)) as $key) {
            if (! in_array((string) $key, $known, true)) {
                throw InvalidInput::unknownKey($this->under((string) $key), $known);
            }
        }

        return $this;
    }

    /**
     * The keys of an object whose names are free, a pair of colours say.
     *
     * @return list<string>
     */
    public function keys(): array
    {
        return $this->value instanceof \stdClass
            ? array_map(strval(...), array_keys(get_object_vars($this->value)))
            : throw InvalidInput::outside($this->place, $this->value, 'an object');
    }

    /** Whether a key stands there. */
    public function has(string $key): bool
    {
        return $this->value instanceof \stdClass && property_exists($this->value, $key);
    }

    /** What stands under a key that must. */
    public function need(string $key, string $allowed): self
    {
        return $this->find($key) ?? throw InvalidInput::missing($this->under($key), $allowed);
    }

    /** What stands under a key; null where nothing does. */
    public function find(string $key): ?self
    {
        return $this->has($key) && $this->value instanceof \stdClass
            ? new self($this->value->{$key}, $this->under($key))
            : null;
    }

    /** The number under a key. */
    public function number(string $key): float
    {
        return $this->need($key, 'a number')->asNumber();
    }

    /** The number under a key, or something else where there is none. */
    public function numberOr(string $key, ?float $default): ?float
    {
        return $this->find($key)?->asNumber() ?? $default;
    }

    /** Itself as a number. */
    public function asNumber(): float
    {
        if (! is_int($this->value) && ! is_float($this->value)) {
            throw InvalidInput::outside($this->place, $this->value, 'a number');
        }
        if (! is_finite((float) $this->value)) {
            throw InvalidInput::outside($this->place, (float) $this->value, 'a finite number');
        }

        return (float) $this->value;
    }

    /** Itself as a whole number. */
    public function asWhole(): int
    {
        $number = $this->asNumber();
        if ($number !== floor($number) || abs($number) > 1e9) {
            throw InvalidInput::outside($this->place, $number, 'a whole number');
        }

        return (int) $number;
    }

    /** Itself as text. */
    public function asText(): string
    {
        return is_string($this->value)
            ? $this->value
            : throw InvalidInput::outside($this->place, $this->value, 'text');
    }

    /** Itself as yes or no. */
    public function asFlag(): bool
    {
        return is_bool($this->value)
            ? $this->value
            : throw InvalidInput::outside($this->place, $this->value, 'true or false');
    }

    /** Whether it is null. */
    public function isNull(): bool
    {
        return $this->value === null;
    }

    /** Whether it is text. */
    public function isText(): bool
    {
        return is_string($this->value);
    }

    /**
     * @param  list<string>  $allowed
     */
    public function oneOf(array $allowed): string
    {
        if (! is_string($this->value) || ! in_array($this->value, $allowed, true)) {
            throw InvalidInput::outside($this->place, $this->value, 'one of '.implode(', ', $allowed));
        }

        return $this->value;
    }

    /**
     * A word as the enum it is.
     *
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum  with words as its values
     * @return E
     *
     * @throws InvalidInput naming the words there are
     */
    public function enum(string $enum): \BackedEnum
    {
        return $enum::from($this->oneOf(array_map(strval(...), array_column($enum::cases(), 'value'))));
    }

    /**
     * A list of words as the enums they are.
     *
     * @template E of \BackedEnum
     *
     * @param  class-string<E>  $enum
     * @return list<E>
     *
     * @throws InvalidInput
     */
    public function enums(string $enum, int $most): array
    {
        return array_map(fn (self $word): \BackedEnum => $word->enum($enum), $this->list(0, $most));
    }

    /** @return list<self> */
    public function list(int $least, int $most): array
    {
        if (! is_array($this->value)) {
            throw InvalidInput::outside($this->place, $this->value, "a list of {$least} to {$most}");
        }
        $count = count($this->value);
        if ($count < $least || $count > $most) {
            throw InvalidInput::unreadable(
                $this->place,
                $count === 0 ? 'is an empty list' : "has {$count} entries",
                "{$least} to {$most} entries",
            );
        }
        $nodes = [];
        foreach (array_values($this->value) as $i => $value) {
            $nodes[] = new self($value, "{$this->place}[{$i}]");
        }

        return $nodes;
    }

    /**
     * Runs something whose refusals name a key of this object.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function guard(callable $work): mixed
    {
        try {
            return $work();
        } catch (InvalidInput $e) {
            throw $this->place === '' || str_starts_with($e->place, $this->place) ? $e : $e->within($this->place);
        }
    }

    /**
     * Runs something whose refusals are about this value itself, whatever they call it.
     *
     * @template T
     *
     * @param  callable(): T  $work
     * @return T
     */
    public function here(callable $work): mixed
    {
        try {
            return $work();
        } catch (InvalidInput $e) {
            throw InvalidInput::unreadable($this->place, $e->found, $e->allowed);
        }
    }

    private function under(string $key): string
    {
        return $this->place === '' ? $key : "{$this->place}.{$key}";
    }
}
