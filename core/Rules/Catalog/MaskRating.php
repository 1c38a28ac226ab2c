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
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class MaskRating extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'mask-rating',
            Group::Order,
            Severity::Stop,
            'Masking that cannot stand the bake burns on, and lets powder in.',
            Message::of('Tape rated {margin} and more over the hottest bake it sits through.', [
                'margin' => Quantity::kelvin(MaskMaterial::MARGIN_K),
            ]),
            self::HOUSE,
            [Checkpoint::Route],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::OtherMask];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $tape = $plan->facts->house->tape;
        $rated = $tape->ratedC();
        $hottest = $plan->hottestAfter(StepKind::TapeMask);

        return $rated !== null && $hottest !== null && ! MaskMaterial::stands($rated, $hottest)
            ? Message::of('{tape} is rated {rated} and sits through {hottest}', [
                'tape' => $tape->label(),
                'rated' => Quantity::celsius($rated),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}
