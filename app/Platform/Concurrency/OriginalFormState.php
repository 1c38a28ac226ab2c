<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

/** The fields of a form as they were when it was opened, carried by the form. */
final class OriginalFormState
{
    /** What a form of a part with ten coats comes to, many times over. */
    private const MOST_BYTES = 200_000;

    /** What goes into the form: what stood there when it was first opened, however often it came back. */
    public static function of(string $fields): string
    {
        $first = old('_opened');

        return is_string($first) && $first !== '' ? $first : self::pack(FormFields::read($fields)[0]['fields']);
    }

    /** @param  array<string, mixed>  $fields */
    public static function pack(array $fields): string
    {
        $flags = JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_INVALID_UTF8_SUBSTITUTE;

        return base64_encode((string) gzcompress(json_encode($fields, $flags)));
    }

    /** @return array<string, mixed>|null null where it is not what a form of ours carries */
    public static function unpack(mixed $packed): ?array
    {
        $bytes = is_string($packed) ? base64_decode($packed, true) : false;
        $json = $bytes === false ? false : @gzuncompress($bytes, self::MOST_BYTES);
        $fields = $json === false ? null : json_decode($json, true);

        return is_array($fields) ? $fields : null;
    }
}
