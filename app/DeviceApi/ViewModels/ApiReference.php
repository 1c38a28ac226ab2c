<?php

declare(strict_types=1);

namespace App\DeviceApi\ViewModels;

use App\DeviceApi\DeviceEndpoint;

/** What the API reference says of each endpoint, read from its schemas. */
final class ApiReference
{
    private const BOUNDS = [
        'minimum' => 'from %s',
        'exclusiveMinimum' => 'above %s',
        'maximum' => 'up to %s',
        'minLength' => 'from %s signs',
        'maxLength' => 'up to %s signs',
        'minItems' => 'at least %s',
        'maxItems' => 'at most %s',
    ];

    /**
     * @return list<array{call: DeviceEndpoint, title: string, says: string, asks: list<array{field: string, is: string,
     *      says: string}>, answers: list<array{field: string, is: string, says: string}>, example: ?string}>
     */
    public static function calls(): array
    {
        return array_map(function (DeviceEndpoint $call): array {
            $asks = $call->asks();
            $answers = self::schema($call->answers());
            $about = $asks === null ? $answers : self::schema($asks);

            return [
                'call' => $call,
                'title' => (string) $about['title'],
                'says' => (string) ($about['description'] ?? ''),
                'asks' => $asks === null ? [] : self::fields(self::schema($asks)),
                'answers' => self::fields($answers),
                'example' => $call->example() === null ? null : self::written($call->example()),
            ];
        }, DeviceEndpoint::cases());
    }

    /** @return array<string, mixed> */
    private static function schema(string $file): array
    {
        return json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
    }

    /**
     * @param  array<string, mixed>  $schema
     * @return list<array{field: string, is: string, says: string}>
     */
    private static function fields(array $schema, string $before = ''): array
    {
        $fields = [];
        foreach ($schema['properties'] ?? [] as $name => $one) {
            $must = in_array($name, $schema['required'] ?? [], true);
            $fields[] = [
                'field' => $before.$name,
                'is' => self::kind($one).($must ? '' : ', may be left out'),
                'says' => (string) ($one['description'] ?? ''),
            ];
            array_push($fields, ...self::fields($one['items'] ?? [], "{$before}{$name}[]."));
        }

        return $fields;
    }

    /** @param  array<string, mixed>  $one */
    private static function kind(array $one): string
    {
        $kind = match (true) {
            isset($one['enum']) => implode(', ', $one['enum']),
            isset($one['const']) => (string) $one['const'],
            ($one['format'] ?? '') === 'date-time' => 'moment',
            default => implode(' or ', (array) ($one['type'] ?? 'anything')),
        };
        foreach (self::BOUNDS as $key => $words) {
            $kind .= isset($one[$key]) ? ', '.sprintf($words, $one[$key]) : '';
        }

        return $kind;
    }

    /** @param  array<string, mixed>  $example */
    private static function written(array $example): string
    {
        return (string) json_encode($example, JSON_PRETTY_PRINT | JSON_UNESCAPED_SLASHES | JSON_UNESCAPED_UNICODE);
    }
}
