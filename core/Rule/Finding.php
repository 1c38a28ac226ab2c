<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

/** A rule that fired, and on what. */
final readonly class Finding
{
    public function __construct(public Rule $rule, public string $evidence, public ?string $signedBy = null)
    {
    }

    /** Whether the job may go on as far as this finding goes. */
    public function holds(): bool
    {
        return $this->rule->severity() === Severity::Stop || ($this->rule->severity() === Severity::Sign && $this->signedBy === null);
    }

    /** @return array<string, mixed> */
    public function told(): array
    {
        return [
            'rule' => $this->rule->key(), 'severity' => $this->rule->severity()->value, 'evidence' => $this->evidence,
            'reason' => $this->rule->reason(), 'way_out' => $this->rule->wayOut(), 'signed_by' => $this->signedBy,
        ];
    }
}
