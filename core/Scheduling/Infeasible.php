<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/**
 * The input is right, but no plan holds one of its steps: the hours, machines or hands there are do not allow it.
 *
 * The message is one line that names the job and the step, and says what would let it be planned.
 */
final class Infeasible extends \DomainException
{
    public function __construct(
        public readonly string $job,
        public readonly string $step,
        string $why,
        string $allowed,
    ) {
        parent::__construct("job {$job}, step {$step}, {$why}; allowed: {$allowed}");
    }
}
