<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Rules\Finding;
use App\Intake\Models\Part;

/** A finding about one part in a load. */
final readonly class PartFinding
{
    public function __construct(public Part $part, public Finding $finding)
    {
    }
}
