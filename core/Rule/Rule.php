<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

/** Something Aenum notices by itself. One class a rule; the rule book finds it by its being in Rules/. */
abstract class Rule
{
    /**
     * @param  string  $key  lower case with dashes; never changes, since records name it
     * @param  string  $reason  why it matters, in one sentence
     * @param  string  $wayOut  what gets past it
     */
    public function __construct(
        private readonly string $key,
        private readonly Group $group,
        private readonly Severity $severity,
        private readonly string $reason,
        private readonly string $wayOut,
    ) {
    }

    /** The evidence it fires on, said plainly; null where it does not apply. */
    abstract public function applies(Plan $plan): ?string;

    final public function key(): string
    {
        return $this->key;
    }

    final public function group(): Group
    {
        return $this->group;
    }

    final public function severity(): Severity
    {
        return $this->severity;
    }

    final public function reason(): string
    {
        return $this->reason;
    }

    final public function wayOut(): string
    {
        return $this->wayOut;
    }
}
