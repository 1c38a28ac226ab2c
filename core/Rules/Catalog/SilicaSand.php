<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

final class SilicaSand extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'silica-sand',
            Group::Metal,
            Severity::Stop,
            'Silica dust destroys lungs.',
            'Any other medium.',
            'banned for blasting in many countries',
            [Checkpoint::Counter, Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(PartRouting $plan): ?string
    {
        $medium = $plan->facts->blast?->medium;

        return $medium !== null && $medium->silica ? "the medium is {$medium->name}" : null;
    }
}
