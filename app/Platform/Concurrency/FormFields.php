<?php

declare(strict_types=1);

namespace App\Platform\Concurrency;

use DOMDocument;
use DOMElement;
use DOMXPath;

/**
 * The fields of a form as a browser would submit them, by name. A checkbox of a list is named by its value
 * ("on_it[]:rust"), a text field of a list by its index ("box[0]").
 */
final class FormFields
{
    /** What a form carries that nobody types. */
    private const NOT_TYPED = ['_token', '_once', '_method', '_opened', '_both', '_take'];

    /**
     * @param  string  $html  the inside of one form, or a page
     * @return list<array{action: string, fields: array<string, string>, labels: array<string, string>,
     *      options: array<string, array<string, string>>, ticks: list<string>}> one entry where there is no form
     *      around them; labels by field, the words of a list by field and value, the names of lists of check boxes
     */
    public static function read(string $html): array
    {
        $page = new DOMDocument;
        $quiet = libxml_use_internal_errors(true);
        $page->loadHTML('<?xml encoding="utf-8"?><body>'.$html.'</body>', LIBXML_NONET);
        libxml_clear_errors();
        libxml_use_internal_errors($quiet);
        $find = new DOMXPath($page);
        $forms = iterator_to_array($find->query('//form') ?: []);
        $forms = array_values(array_filter($forms, fn (mixed $one): bool => $one instanceof DOMElement));

        return array_map(fn (?DOMElement $form): array => [
            'action' => (string) $form?->getAttribute('action'),
            'fields' => self::fields($find, $form),
            'labels' => self::labels($find, $form),
            'options' => self::options($find, $form),
            'ticks' => self::ticks($find, $form),
        ], $forms === [] ? [null] : $forms);
    }

    /** @return array<string, string> */
    private static function labels(DOMXPath $find, ?DOMElement $form): array
    {
        $names = [];
        foreach ($find->query('.//*[@name and @id]', $form) ?: [] as $one) {
            if ($one instanceof DOMElement) {
                $names[$one->getAttribute('id')] = $one->getAttribute('name');
            }
        }
        $labels = [];
        foreach ($find->query('.//label', $form) ?: [] as $label) {
            if (! $label instanceof DOMElement) {
                continue;
            }
            $inside = self::first($find, './/input', $label);
            $name = $inside instanceof DOMElement
                ? $inside->getAttribute('name').(str_ends_with($inside->getAttribute('name'), '[]')
                    ? ':'.$inside->getAttribute('value')
                    : '')
                : $names[$label->getAttribute('for')] ?? null;
            if ($name !== null) {
                $labels[$name] = trim((string) preg_replace('/\s+/', ' ', $label->textContent));
            }
        }

        return $labels;
    }

    /** @return array<string, array<string, string>> */
    private static function options(DOMXPath $find, ?DOMElement $form): array
    {
        $words = [];
        foreach ($find->query('.//select[@name]//option', $form) ?: [] as $option) {
            $list = $option->parentNode;
            if ($option instanceof DOMElement && $list instanceof DOMElement) {
                $words[$list->getAttribute('name')][$option->getAttribute('value')] = trim($option->textContent);
            }
        }

        return $words;
    }

    /** @return list<string> names of the lists of check boxes, ticked or not, without their brackets */
    private static function ticks(DOMXPath $find, ?DOMElement $form): array
    {
        $names = [];
        foreach ($find->query('.//input[@type="checkbox"]', $form) ?: [] as $box) {
            $name = $box instanceof DOMElement ? $box->getAttribute('name') : '';
            $names += str_ends_with($name, '[]') ? [substr($name, 0, -2) => true] : [];
        }

        return array_keys($names);
    }

    /** @return array<string, string> */
    private static function fields(DOMXPath $find, ?DOMElement $form): array
    {
        $fields = [];
        foreach ($find->query('.//input | .//select | .//textarea', $form) ?: [] as $one) {
            if (! $one instanceof DOMElement || $one->hasAttribute('disabled')) {
                continue;
            }
            $value = self::value($find, $one);
            if ($value !== null && $one->getAttribute('name') !== '') {
                $fields = self::with($fields, $one->getAttribute('name'), $value);
            }
        }

        return array_diff_key($fields, array_flip(self::NOT_TYPED));
    }

    private static function first(DOMXPath $find, string $what, DOMElement $in): ?DOMElement
    {
        $found = $find->query($what, $in);
        $first = $found === false ? null : $found->item(0);

        return $first instanceof DOMElement ? $first : null;
    }

    /** What it sends; null where it sends nothing. */
    private static function value(DOMXPath $find, DOMElement $one): ?string
    {
        $type = strtolower($one->getAttribute('type'));
        if ($one->nodeName === 'textarea') {
            return $one->textContent;
        }
        if ($one->nodeName === 'select') {
            $picked = self::first($find, './/option[@selected]', $one) ?? self::first($find, './/option', $one);

            return $picked instanceof DOMElement
                ? ($picked->hasAttribute('value') ? $picked->getAttribute('value') : trim($picked->textContent))
                : null;
        }
        if (in_array($type, ['submit', 'button', 'image', 'reset', 'file', 'password'], true)) {
            return null;
        }
        if (in_array($type, ['checkbox', 'radio'], true)) {
            return $one->hasAttribute('checked') ? ($one->getAttribute('value') ?: 'on') : null;
        }

        return $one->getAttribute('value');
    }

    /**
     * Returns what was sent, in the same shape.
     *
     * @param  array<array-key, mixed>  $input
     * @param  list<string>  $ticks  names of its lists of check boxes, as read() has them
     * @return array<string, string>
     */
    public static function flat(array $input, array $ticks, string $under = ''): array
    {
        $fields = [];
        foreach (array_diff_key($input, $under === '' ? array_flip(self::NOT_TYPED) : []) as $key => $value) {
            $name = $under === '' ? (string) $key : "{$under}[{$key}]";
            if (is_array($value)) {
                $isTicks = in_array($name, $ticks, true) && array_filter($value, is_array(...)) === [];
                foreach ($isTicks ? $value : [] as $tick) {
                    $fields = self::with($fields, "{$name}[]", (string) $tick);
                }
                $fields += $isTicks ? [] : self::flat($value, $ticks, $name);
            } elseif (is_scalar($value) || $value === null) {
                $fields[$name] = self::plain((string) $value);
            }
        }

        return $fields;
    }

    /**
     * As the request would have it.
     *
     * @param  array<string, string>  $fields
     * @return array<array-key, mixed>
     */
    public static function nested(array $fields): array
    {
        $pairs = [];
        foreach ($fields as $name => $value) {
            $pairs[] = urlencode((string) preg_replace('/\[\]:.*$/s', '[]', $name)).'='.urlencode($value);
        }
        parse_str(implode('&', $pairs), $input);

        return $input;
    }

    /**
     * @param  array<string, string>  $fields
     * @return array<string, string>
     */
    private static function with(array $fields, string $name, string $value): array
    {
        $isTick = str_ends_with($name, '[]');
        $value = self::plain($value);
        $fields[$isTick ? "{$name}:{$value}" : $name] = $value;

        return $fields;
    }

    /** As both sides write it: no blanks around, one kind of line end. */
    private static function plain(string $value): string
    {
        return trim(str_replace("\r\n", "\n", $value));
    }
}
