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
        $hottest = $plan->hottestAfter(StepKind::PlugMask);
        $rated = MaskMaterial::Silicone->ratedC();

        return $hottest !== null && ! MaskMaterial::stands($rated, $hottest)
            ? Message::of('silicone plugs are rated {rated} and sit through {hottest}', [
                'rated' => Quantity::celsius((float) $rated),
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}
