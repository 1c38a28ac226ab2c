<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/**
 * A value that cannot be taken: says where it stood, what it was and what is allowed.
 *
 * The message is always one line of printable text, whatever the value held.
 */
final class InvalidInput extends \DomainException
{
    private function __construct(
        public readonly string $place,
        public readonly string $found,
        public readonly string $allowed,
    ) {
        parent::__construct(($place === '' ? 'the file' : $place)." {$found}; allowed: {$allowed}");
    }

    /** A value that is not one of those allowed. */
    public static function outside(string $place, mixed $value, string $allowed): self
    {
        return new self($place, 'is '.self::show($value), $allowed);
    }

    /** A value under nought where nought is the least. */
    public static function negative(string $place, float $value): self
    {
        return self::outside($place, $value, '0 or more');
    }

    /** Nothing where something must stand. */
    public static function missing(string $place, string $allowed): self
    {
        return new self($place, 'is missing', $allowed);
    }

    /** @param  list<string>  $known */
    public static function unknownKey(string $place, array $known): self
    {
        return new self(self::clean($place), 'is not a known key', 'one of '.implode(', ', $known));
    }

    /** Something that cannot be read as what it should be. */
    public static function unreadable(string $place, string $problem, string $allowed): self
    {
        return new self($place, self::clean($problem), $allowed);
    }

    /** The same refusal, seen from one level further out: `mass_kg` within `items[2]` is `items[2].mass_kg`. */
    public function within(string $outer): self
    {
        $joint = $outer === '' || $this->place === '' || $this->place[0] === '[' ? '' : '.';

        return new self($outer.$joint.$this->place, $this->found, $this->allowed);
    }

    private static function show(mixed $value): string
    {
        return match (true) {
            $value === null => 'null',
            is_bool($value) => $value ? 'true' : 'false',
            is_float($value) && ! is_finite($value) => 'not a finite number',
            is_int($value), is_float($value) => rtrim(rtrim(sprintf('%.6F', $value), '0'), '.') ?: '0',
            is_string($value) => '"'.self::clean($value).'"',
            is_array($value) => $value === [] ? 'an empty list' : 'a list',
            default => 'an object',
        };
    }

    private static function clean(string $text): string
    {
        $text = mb_scrub($text, 'UTF-8');
        $text = preg_replace('/[\x00-\x1F\x7F\x{80}-\x{9F}\x{2028}\x{2029}]+/u', ' ', $text) ?? '';

        return mb_strlen($text) > 80 ? mb_substr($text, 0, 77).'...' : $text;
    }
}
