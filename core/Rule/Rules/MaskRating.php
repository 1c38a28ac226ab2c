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
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;
use Aenum\Core\Word\StepKind;

final class MaskRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'mask-rating',
            Group::Order,
            Severity::Stop,
            'Masking that cannot stand the bake burns on, and lets powder in.',
            Said::of('Tape rated {margin} and more over the hottest bake it sits through.', [
                'margin' => Quantity::kelvin(MaskMaterial::MARGIN_K),
            ]),
            self::HOUSE,
            [Moment::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(Plan $plan): ?Said
    {
        $tape = $plan->facts->house->tape;
        $rated = $tape->ratedC();
        $hottest = $plan->hottestAfter(StepKind::TapeMask);

        return $rated !== null && $hottest !== null && ! MaskMaterial::stands($rated, $hottest)
            ? Said::of('{tape} is rated {rated} and sits through {hottest}', [
                'tape' => $tape->label(),
                'rated' => Quantity::celsius($rated),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}
