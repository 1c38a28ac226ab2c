<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

use App\Platform\Validation\FieldNames;

/** Merges a form's original, current and submitted fields. */
final readonly class ThreeWayMerge
{
    /**
     * @param  array<string, string>  $now
     * @param  array<string, string>  $typed
     * @param  list<array{name: string, label: string, theirs: ?string, mine: ?string, theirsSaid: string,
     *      mineSaid: string, asked: bool}>  $fields  that somebody else changed
     */
    private function __construct(public array $now, public array $typed, public array $fields)
    {
    }

    /**
     * @param  array<string, mixed>  $opened
     * @param  array{fields: array<string, string>, labels: array<string, string>,
     *      options: array<string, array<string, string>>}  $form  as it would be opened now
     * @param  array<string, string>  $typed
     */
    public static function of(array $opened, array $form, array $typed): self
    {
        $now = $form['fields'];
        $said = fn (string $name, ?string $value): string => match (true) {
            str_contains($name, '[]:') => $value === null ? 'not ticked' : 'ticked',
            default => $form['options'][$name][$value ?? ''] ?? (($value ?? '') === '' ? 'empty' : (string) $value),
        };
        $fields = [];
        foreach (array_keys($opened + $now) as $name) {
            $name = (string) $name;
            $was = isset($opened[$name]) && is_string($opened[$name]) ? $opened[$name] : null;
            $theirs = $now[$name] ?? null;
            $mine = $typed[$name] ?? null;
            if (! self::isSame($theirs, $was) && ! self::isSame($theirs, $mine)) {
                $fields[] = [
                    'name' => $name,
                    'label' => $form['labels'][$name] ?? self::label($name),
                    'theirs' => $theirs,
                    'mine' => $mine,
                    'theirsSaid' => $said($name, $theirs),
                    'mineSaid' => $said($name, $mine),
                    'asked' => ! self::isSame($mine, $was),
                ];
            }
        }

        return new self($now, $typed, $fields);
    }

    /** @param  array<string, mixed>  $kept  as packed() has it */
    public static function unpack(array $kept): self
    {
        $texts = fn (mixed $of): array => array_filter(is_array($of) ? $of : [], is_string(...));
        $fields = array_filter(
            is_array($kept['fields'] ?? null) ? $kept['fields'] : [],
            fn (mixed $one): bool => is_array($one) && is_string($one['name'] ?? null),
        );
        /** @var array<int, array{name: string, label: string, theirs: ?string, mine: ?string, theirsSaid: string,
         *      mineSaid: string, asked: bool}> $fields */

        return new self($texts($kept['now'] ?? []), $texts($kept['typed'] ?? []), array_values($fields));
    }

    public function packed(): string
    {
        return OriginalFormState::pack(['now' => $this->now, 'typed' => $this->typed, 'fields' => $this->fields]);
    }

    /** Whether both changed one field, so that somebody has to choose. */
    public function isAsked(): bool
    {
        return array_filter($this->fields, fn (array $one): bool => $one['asked']) !== [];
    }

    /** @return array<string, string> what was typed, with what only others changed as they have it */
    public function merged(): array
    {
        return $this->with(array_map(fn (array $one): bool => ! $one['asked'], $this->fields));
    }

    /**
     * @param  array<array-key, mixed>  $take  by place in fields: "theirs" or "mine"
     * @return array<string, string>
     */
    public function picked(array $take): array
    {
        return $this->with(array_map(
            fn (int $n): bool => ($take[$n] ?? 'theirs') !== 'mine',
            array_keys($this->fields),
        ));
    }

    /**
     * @param  list<bool>  $theirs
     * @return array<string, string>
     */
    private function with(array $theirs): array
    {
        $fields = $this->typed;
        foreach ($this->fields as $n => $field) {
            if ($theirs[$n] ?? false) {
                // In the place of what was typed: fields of a list are read in their order.
                $fields[$field['name']] = $field['theirs'];
            }
        }

        return array_filter($fields, is_string(...));
    }

    /** Whether two values of a field say the same: nothing is nothing, and 600 is 600.0. */
    private static function isSame(?string $one, ?string $other): bool
    {
        return ($one ?? '') === ($other ?? '')
            || (is_numeric($one) && is_numeric($other) && (float) $one === (float) $other);
    }

    private static function label(string $name): string
    {
        if (str_contains($name, '[]:')) {
            [$list, $word] = explode('[]:', $name, 2);

            return FieldNames::of($list).': '.str_replace('_', ' ', $word);
        }
        $key = (string) preg_replace_callback(
            '/\[(\d+)\]/',
            fn (array $n): string => '.'.($n[1] + 1),
            $name,
        );

        return FieldNames::of(str_replace(['[', ']'], ['.', ''], $key));
    }
}
