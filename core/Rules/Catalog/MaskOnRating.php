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
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class MaskOnRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'mask-on-rating',
            Group::Order,
            Severity::Stop,
            'A mask hotter than it stands burns on, and lets powder in.',
            Message::of('Take it off first: a mask is rated {margin} and more over the hottest it sees.', [
                'margin' => Quantity::kelvin(MaskMaterial::MARGIN_K),
            ]),
            self::HOUSE,
            [Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $peak = $plan->floor->peakC;
        if ($peak === null) {
            return null;
        }
        foreach ($plan->floor->masks as $mask) {
            if (! MaskMaterial::stands($mask->ratedC, $peak)) {
                return Message::of('pin {pin} of {part} wears {mask}, which stands {rated}; the part gets {peak}', [
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
