<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Mask\MaskMaterial;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Word\StepKind;

final class PaperInOven extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'paper-in-oven',
            Group::Order,
            Severity::Stop,
            'Paper tape burns in the oven.',
            'Polyimide, polyester or glass-cloth tape.',
            self::PRACTICE,
            [Moment::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(Plan $plan): ?string
    {
        $paper = $plan->facts->house->tape === MaskMaterial::Paper;

        return $paper && $plan->hottestAfter(StepKind::TapeMask) !== null
            ? 'paper tape would sit through a bake'
            : null;
    }
}
