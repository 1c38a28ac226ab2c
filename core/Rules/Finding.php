<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Units\Message;

/** A rule that fired, and on what. */
final readonly class Finding
{
    public function __construct(public Rule $rule, public Message $evidence, public ?string $signedBy = null)
    {
    }

    /** Whether the job may go on as far as this finding goes. */
    public function holds(): bool
    {
        return $this->isStop() || ($this->rule->severity === Severity::Sign && $this->signedBy === null);
    }

    /** Nothing but a change gets past it. */
    public function isStop(): bool
    {
        return $this->rule->severity === Severity::Stop;
    }

    /** Nobody has put a name under it. */
    public function isOpen(): bool
    {
        return $this->signedBy === null;
    }

    /** What fired, why it matters, what gets past it. */
    public function words(): Message
    {
        return Message::all([$this->evidence->asSentence(), $this->rule->reason, $this->rule->wayOut]);
    }

    /** What fired and what gets past it, where there is room for no more. */
    public function brief(): Message
    {
        return Message::all([$this->evidence->asSentence(), $this->rule->wayOut]);
    }
}
