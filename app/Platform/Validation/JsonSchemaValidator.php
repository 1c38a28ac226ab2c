<?php

declare(strict_types=1);

namespace App\Platform\Validation;

use Opis\JsonSchema\Errors\ErrorFormatter;
use Opis\JsonSchema\Errors\ValidationError;
use Opis\JsonSchema\Validator;

/** Validates a document against a schema of docs/schemas. */
final class JsonSchemaValidator
{
    private const MOST_ERRORS = 20;

    /** @return array<string, list<string>> what is wrong, by where; none where it keeps to it */
    public static function wrong(mixed $document, string $file): array
    {
        $validator = new Validator(max_errors: self::MOST_ERRORS);
        $schema = json_decode((string) file_get_contents($file), false, flags: JSON_THROW_ON_ERROR);
        $error = $validator->validate($document, $schema)->error();

        return $error === null ? [] : (new ErrorFormatter)->format($error, true, self::words(...));
    }

    /** In words, with what is allowed. */
    private static function words(ValidationError $error): string
    {
        $args = array_map(fn (mixed $one): string => is_array($one)
            ? implode(', ', array_map(self::plain(...), $one))
            : self::plain($one), $error->args());
        $schema = $error->schema()->info()->data();
        $allowed = is_object($schema) && isset($schema->enum) ? implode(', ', (array) $schema->enum) : null;

        return match ($error->keyword()) {
            'required' => "{$args['missing']} is missing.",
            'additionalProperties' => "There is no {$args['properties']} here; leave it out.",
            'type' => "It is {$args['type']}; allowed: {$args['expected']}.",
            'minimum' => "It is less than is allowed; allowed: {$args['min']} and more.",
            'exclusiveMinimum' => "It is less than is allowed; allowed: above {$args['min']}.",
            'maximum' => "It is more than is allowed; allowed: up to {$args['max']}.",
            'minItems', 'minLength' => "It is shorter than is allowed; allowed: {$args['min']} and more.",
            'maxItems', 'maxLength' => "It is longer than is allowed; allowed: up to {$args['max']}.",
            'enum' => "It is none of those that are known; allowed: {$allowed}.",
            'format' => 'It is no moment; allowed: such as 2026-06-01T09:30:00Z.',
            'pattern' => 'It is not written as it should be; its schema has the pattern.',
            default => 'It is not as its schema has it.',
        };
    }

    private static function plain(mixed $one): string
    {
        return is_scalar($one) ? (string) $one : (string) json_encode($one);
    }
}
