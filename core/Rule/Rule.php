<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

use Aenum\Core\Job\Plan;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\Feature;

/** Something Aenum notices by itself. One class a rule; the rule book finds it by its being in Rules/. */
abstract class Rule
{
    /** Where a rule is general practice that no standard states. */
    protected const PRACTICE = 'general practice of the trade';

    /** Where a figure in it is a house figure. */
    protected const HOUSE = 'house figure, unverified';

    /** Why it matters, in one sentence. */
    public readonly Said $reason;

    /** What gets past it. */
    public readonly Said $wayOut;

    /** Where it is from: a standard, a maker, general practice, a house figure. */
    public readonly Said $source;

    /**
     * @param  string  $key  lower case with dashes; never changes, since records name it
     * @param  Said|string  $reason  why it matters, in one sentence
     * @param  Said|string  $wayOut  what gets past it
     * @param  Said|string  $source  where it is from
     * @param  non-empty-list<Moment>  $askedAt
     */
    public function __construct(
        public readonly string $key,
        public readonly Group $group,
        public readonly Severity $severity,
        Said|string $reason,
        Said|string $wayOut,
        Said|string $source,
        public readonly array $askedAt,
    ) {
        $this->reason = Said::from($reason);
        $this->wayOut = Said::from($wayOut);
        $this->source = Said::from($source);
    }

    /** The evidence it fires on, said plainly; null where it does not apply. */
    abstract public function applies(Plan $plan): Said|string|null;

    /** @return non-empty-list<Remedy> the ways past it, the usual one first */
    public function remedies(): array
    {
        return [Remedy::ChangePart];
    }

    /** @return list<Feature> what comes off the part where it is taken off */
    public function takesOff(): array
    {
        return [];
    }

    /** Whether it is asked at any of these moments. */
    public function isAskedAt(Moment ...$moments): bool
    {
        return array_filter($moments, fn (Moment $moment): bool => in_array($moment, $this->askedAt, true)) !== [];
    }

    /** Where it is asked, in words. */
    public function asked(): string
    {
        return implode(', ', array_map(fn (Moment $moment): string => $moment->label(), $this->askedAt));
    }

    /** Its name, from its key. */
    public function name(): string
    {
        return str_replace('-', ' ', $this->key);
    }

    /** The rule under which a name lets go of this one: its own, unless it says otherwise; null where none does. */
    public function signedUnder(): ?string
    {
        return $this->severity === Severity::Sign ? $this->key : null;
    }
}
