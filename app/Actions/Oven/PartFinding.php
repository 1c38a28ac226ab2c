<?php

declare(strict_types=1);

namespace App\Actions\Oven;

use Aenum\Core\Rule\Finding;
use App\Models\Part;

/** What a rule says of one part in a load. */
final readonly class PartFinding
{
    public function __construct(public Part $part, public Finding $finding)
    {
    }
}
