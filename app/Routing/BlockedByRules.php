<?php

declare(strict_types=1);

namespace App\Routing;

use Aenum\Core\Rules\Finding;
use App\Intake\Models\Part;
use App\Platform\Errors\Refused;

/** A move blocked by rules: the errors of the form, with part and findings for their remedies. */
final class BlockedByRules extends Refused
{
    public ?Part $part = null;

    /** @var list<Finding> */
    public array $findings = [];

    /**
     * @param  array<string, string|list<string>>  $messages
     * @param  list<Finding>  $findings
     */
    public static function of(Part $part, array $findings, array $messages): self
    {
        $blocked = self::because($messages);
        $blocked->part = $part;
        $blocked->findings = $findings;

        return $blocked;
    }
}
