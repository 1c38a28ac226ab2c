<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Masking\MaskMaterial;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;

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
            [Checkpoint::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(PartRouting $plan): ?string
    {
        $paper = $plan->facts->house->tape === MaskMaterial::Paper;

        return $paper && $plan->hottestAfter(StepKind::TapeMask) !== null
            ? 'paper tape would sit through a bake'
            : null;
    }
}
