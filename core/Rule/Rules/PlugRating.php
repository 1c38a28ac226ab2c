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

final class PlugRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'plug-rating',
            Group::Order,
            Severity::Stop,
            'Silicone plugs past their rating char and fuse to the part.',
            'Plug after the hot bake, or bake cooler.',
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
        $hottest = $plan->hottestAfter(StepKind::PlugMask);
        $rated = MaskMaterial::Silicone->ratedC();

        return $hottest !== null && ! MaskMaterial::stands($rated, $hottest)
            ? Said::of('silicone plugs are rated {rated} and sit through {hottest}', [
                'rated' => Quantity::celsius((float) $rated),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}
