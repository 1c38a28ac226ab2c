<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\StepOutcome;
use Aenum\Core\Units\Message;

/** One step of a batch's route on a page. */
final readonly class StepLine
{
    /**
     * @param  string  $key  as StepKey::text() has it
     * @param  string|null  $says  who, when and why, where something was written
     * @param  Message|null  $film  what is so of the coat, of a bake
     */
    public function __construct(
        public string $key,
        public string $name,
        public Step $step,
        public ?StepOutcome $outcome,
        public bool $open,
        public bool $next,
        public ?string $says,
        public ?Message $film,
    ) {
    }

    /** What became of it, in a word. */
    public function word(): string
    {
        return match (true) {
            $this->outcome !== null => $this->outcome->past(),
            ! $this->open => 'automatic',
            $this->next => 'next',
            default => 'open',
        };
    }
}
