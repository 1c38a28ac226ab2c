<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\Role;

/** A coat that fits a part, why, and what it will not do. */
final readonly class AdvisedCoat
{
    /**
     * @param  string  $what  in words a shelf can be searched by
     * @param  bool  $planned  whether the job has it already
     * @param  float  $filmMicrons  usual film of its kind, µm; the powder's own sheet comes first
     */
    public function __construct(
        public Role $role,
        public string $what,
        public string $why,
        public string $wont,
        public bool $planned,
        public float $filmMicrons,
    ) {
    }
}
