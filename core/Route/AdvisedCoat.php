<?php

declare(strict_types=1);

namespace Aenum\Core\Route;

use Aenum\Core\Word\Role;

/** A coat that fits a part, and why. */
final readonly class AdvisedCoat
{
    /**
     * @param  string  $what  in words a shelf can be searched by
     * @param  bool  $planned  whether the job has it already
     */
    public function __construct(public Role $role, public string $what, public string $why, public bool $planned)
    {
    }
}
