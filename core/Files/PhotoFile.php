<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

/**
 * Whether a photo arrived whole: a decoder draws what there is of it and leaves the rest grey, and says nothing.
 *
 * After the formats' own descriptions: JPEG ends its picture with the marker FFD9, which its data never holds; PNG ends
 * with the chunk IEND; WebP says its length at its beginning.
 */
final class PhotoFile
{
    private const JPEG = "\xFF\xD8";

    private const PNG = "\x89PNG\r\n\x1A\n";

    private const SCAN = 0xDA;

    /** @param  string  $bytes  of a JPEG, PNG or WebP; anything else is never whole */
    public static function isWhole(string $bytes): bool
    {
        return match (true) {
            str_starts_with($bytes, self::JPEG) => self::isWholeJpeg($bytes),
            str_starts_with($bytes, self::PNG) => str_contains($bytes, 'IEND'),
            str_starts_with($bytes, 'RIFF') && substr($bytes, 8, 4) === 'WEBP' => strlen($bytes) >= 8 + self::number(
                'V',
                substr($bytes, 4, 4),
            ),
            default => false,
        };
    }

    /** Goes from segment to segment, so that the end of a small picture inside is not taken for that of the photo. */
    private static function isWholeJpeg(string $bytes): bool
    {
        for ($at = 2; $at + 4 <= strlen($bytes); $at += 2 + self::number('n', substr($bytes, $at + 2, 2))) {
            if ($bytes[$at] !== "\xFF") {
                return false;
            }
            if (ord($bytes[$at + 1]) === self::SCAN) {
                return strpos($bytes, "\xFF\xD9", $at) !== false;
            }
        }

        return false;
    }

    private static function number(string $format, string $bytes): int
    {
        $read = @unpack($format, $bytes);

        return is_array($read) && is_int($read[1] ?? null) ? $read[1] : 0;
    }
}
