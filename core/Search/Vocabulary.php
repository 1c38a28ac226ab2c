<?php

declare(strict_types=1);

namespace Aenum\Core\Search;

/** Words as a finder sees them: lower case, plain letters and digits; and which known words an asked one may mean. */
final class Vocabulary
{
    private const MOST_LETTERS = 40;

    /** @return list<string> each word once, in order */
    public static function of(string $text): array
    {
        $plain = mb_strtolower(mb_scrub($text, 'UTF-8'));
        $plain = strtr($plain, [
            'ä' => 'ae',
            'ö' => 'oe',
            'ü' => 'ue',
            'ß' => 'ss',
            'æ' => 'ae',
            'ø' => 'oe',
            'å' => 'aa',
        ]);
        $apart = \Normalizer::normalize($plain, \Normalizer::FORM_D);
        $plain = (string) preg_replace('/\p{Mn}+/u', '', is_string($apart) ? $apart : $plain);
        $words = preg_split('/[^a-z0-9]+/', $plain, -1, PREG_SPLIT_NO_EMPTY) ?: [];

        return array_values(
            array_unique(array_map(fn (string $word): string => substr($word, 0, self::MOST_LETTERS), $words)),
        );
    }

    /** Slips forgiven in a word of so many letters: none up to 3, one up to 6, two beyond. Numbers must be right. */
    public static function slips(string $word): int
    {
        return match (true) {
            ctype_digit($word), strlen($word) <= 3 => 0,
            strlen($word) <= 6 => 1,
            default => 2,
        };
    }

    /**
     * The known words an asked one may mean: those it begins; where there are none, the nearest within the slips
     * forgiven, a swap of neighbours counting as one.
     *
     * @param  iterable<string>  $known
     * @return list<string>
     */
    public static function meant(string $asked, iterable $known): array
    {
        $begun = $near = [];
        $slips = self::slips($asked);
        $length = strlen($asked);
        foreach ($known as $word) {
            if (str_starts_with($word, $asked)) {
                $begun[] = $word;
            } elseif ($begun === [] && $slips > 0 && strlen($word) >= $length - $slips) {
                $distance = self::distance($asked, substr($word, 0, $length + $slips));
                if ($distance <= $slips) {
                    $near[$distance][] = $word;
                }
            }
        }
        ksort($near);

        return $begun !== [] ? $begun : (reset($near) ?: []);
    }

    /** Edits between an asked word and the best beginning of a known one. */
    private static function distance(string $asked, string $word): int
    {
        $least = levenshtein($asked, $word);
        for ($cut = strlen($word) - 1; $cut >= strlen($asked) - 1 && $cut > 0; $cut--) {
            $least = min($least, levenshtein($asked, substr($word, 0, $cut)));
        }
        for ($n = 0; $least === 2 && $n < strlen($asked) - 1; $n++) {
            $swapped = $asked;
            [$swapped[$n], $swapped[$n + 1]] = [$asked[$n + 1], $asked[$n]];
            if (str_starts_with($word, $swapped)) {
                return 1;
            }
        }

        return $least;
    }
}
