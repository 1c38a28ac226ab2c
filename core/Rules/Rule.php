<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Units\Message;

/** Something Aenum notices by itself. One class a rule; the rule book finds it by its being in Rules/. */
abstract class Rule
{
    /** Where a rule is general practice that no standard states. */
    protected const PRACTICE = 'general practice of the trade';

    /** Where a figure in it is a house figure. */
    protected const HOUSE = 'house figure, unverified';

    /** Why it matters, in one sentence. */
    public readonly Message $reason;

    /** What gets past it. */
    public readonly Message $wayOut;

    /** Where it is from: a standard, a maker, general practice, a house figure. */
    public readonly Message $source;

    /**
     * @param  string  $key  lower case with dashes; never changes, since records name it
     * @param  Message|string  $reason  why it matters, in one sentence
     * @param  Message|string  $wayOut  what gets past it
     * @param  Message|string  $source  where it is from
     * @param  non-empty-list<Checkpoint>  $askedAt
     */
    public function __construct(
        public readonly string $key,
        public readonly Group $group,
        public readonly Severity $severity,
        Message|string $reason,
        Message|string $wayOut,
        Message|string $source,
        public readonly array $askedAt,
    ) {
        $this->reason = Message::from($reason);
        $this->wayOut = Message::from($wayOut);
        $this->source = Message::from($source);
    }

    /** The evidence it fires on, said plainly; null where it does not apply. */
    abstract public function applies(PartRouting $plan): Message|string|null;

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
    public function isAskedAt(Checkpoint ...$moments): bool
    {
        return array_filter($moments, fn (Checkpoint $moment): bool => in_array($moment, $this->askedAt, true)) !== [];
    }

    /** Where it is asked, in words. */
    public function asked(): string
    {
        return implode(', ', array_map(fn (Checkpoint $moment): string => $moment->label(), $this->askedAt));
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
