<?php

declare(strict_types=1);

namespace App\Platform\Validation;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/**
 * Validates a new password: long enough, not truncated by the hash, not a common one.
 *
 * A common password with digits appended or letters replaced by digits is still a common one.
 */
final readonly class StrongPassword implements ValidationRule
{
    public const LEAST = 10;

    /** What the hash looks at; anything behind it would count for nothing. */
    public const MOST_BYTES = 72;

    private const SWAPPED = ['@' => 'a', '4' => 'a', '3' => 'e', '1' => 'i', '0' => 'o', '$' => 's', '5' => 's',
        '7' => 't', '!' => 'i'];

    /** @param  list<?string>  $ownWords  the person's name and e-mail, the shop's name: none of them is a password */
    public function __construct(private array $ownWords = [])
    {
    }

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        $password = is_string($value) ? $value : '';
        if (mb_strlen($password) < self::LEAST) {
            $fail('Password has '.mb_strlen($password).' characters; allowed: '.self::LEAST.' and more.');
        } elseif (strlen($password) > self::MOST_BYTES) {
            $fail('Password is '.strlen($password).' bytes long; allowed: up to '.self::MOST_BYTES.', the rest would '
                .'not be looked at.');
        } elseif ($this->isCommon($password)) {
            $fail('Password is one of those that are tried first; take four or five words that have nothing to do '
                .'with each other.');
        }
    }

    private function isCommon(string $password): bool
    {
        $plain = mb_strtolower($password);
        $middle = (string) preg_replace('/^[^\p{L}]+|[^\p{L}]+$/u', '', $plain);
        $letters = (string) preg_replace('/[^\p{L}]/u', '', strtr($middle, self::SWAPPED));
        $bare = trim((string) preg_replace('/[^\p{L}]/u', '', $plain));
        if (count(array_unique(mb_str_split($plain))) < 5) {
            return true;
        }
        foreach ([...self::common(), ...$this->own()] as $word) {
            if (in_array($word, [$plain, $letters, $bare], true) || $plain === $word.$word) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> */
    private function own(): array
    {
        $words = array_map(fn (?string $one): string => mb_strtolower((string) $one), $this->ownWords);
        $parts = array_map(
            fn (string $one): string => (string) preg_replace('/[^\p{L}]/u', '', (string) strtok($one, '@')),
            $words,
        );

        return array_values(array_filter([...$words, ...$parts], fn (string $one): bool => mb_strlen($one) > 3));
    }

    /** @return list<string> */
    private static function common(): array
    {
        return once(fn (): array => file(
            resource_path('common-passwords.txt'),
            FILE_IGNORE_NEW_LINES | FILE_SKIP_EMPTY_LINES,
        ) ?: []);
    }
}
