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

final class MaskOnRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'mask-on-rating',
            Group::Order,
            Severity::Stop,
            'A mask hotter than it stands burns on, and lets powder in.',
            Said::of('Take it off first: a mask is rated {margin} and more over the hottest it sees.', [
                'margin' => Quantity::kelvin(MaskMaterial::MARGIN_K),
            ]),
            self::HOUSE,
            [Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(Plan $plan): ?Said
    {
        $peak = $plan->floor->peakC;
        if ($peak === null) {
            return null;
        }
        foreach ($plan->floor->masks as $mask) {
            if (! MaskMaterial::stands($mask->ratedC, $peak)) {
                return Said::of('pin {pin} of {part} wears {mask}, which stands {rated}; the part gets {peak}', [
                    'pin' => $mask->pin,
                    'part' => $plan->facts->part->name,
                    'mask' => $mask->name,
                    'rated' => $mask->ratedC === null ? 'no oven' : Quantity::celsius($mask->ratedC),
                    'peak' => Quantity::celsius($peak),
                ]);
            }
        }

        return null;
    }
}
