<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Rules\Severity;
use Aenum\Core\Rules\SurfaceRule;
use Aenum\Core\Surface\Layer;

/** Grease, or oil that came out in the bake-out, under the first coat. */
final class GreaseUnderPowder extends SurfaceRule
{
    public function __construct()
    {
        parent::__construct(
            'grease-under-powder',
            Severity::Stop,
            'Powder does not wet grease or oil: fisheyes, and the film peels.',
            'Degrease or wash before the first coat; wipe off what the bake-out brought up.',
            'is still greasy',
            [Layer::Grease, Layer::BakeOutOil],
        );
    }
}
