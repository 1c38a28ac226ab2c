<?php

declare(strict_types=1);

namespace App\Platform\Errors;

use DomainException;

/**
 * Work that a command or query refuses, in words for the person who asked. It knows no HTTP: bootstrap/app.php maps it
 * to the errors of a form, the device API to a problem document.
 */
class Refused extends DomainException
{
    /** @param  array<string, string|list<string>>  $messages  field => why, and what to enter instead */
    final private function __construct(public readonly array $messages)
    {
        $first = reset($messages);
        parent::__construct(is_array($first) ? (string) reset($first) : (string) $first);
    }

    /** @param  array<string, string|list<string>>  $messages  field => why, and what to enter instead */
    public static function because(array $messages): static
    {
        return new static($messages);
    }
}
