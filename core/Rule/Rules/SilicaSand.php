<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Counter, Moment::Medium, Moment::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::AdvisedMedia];
    }

    public function applies(Plan $plan): ?string
    {
        $medium = $plan->facts->blast?->medium;

        return $medium !== null && $medium->silica ? "the medium is {$medium->name}" : null;
    }
}
