<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Rules\Severity;
use Aenum\Core\Rules\SurfaceRule;
use Aenum\Core\Surface\Layer;

/** A thermoplastic coating under the first coat. */
final class PlasticUnderPowder extends SurfaceRule
{
    public function __construct()
    {
        parent::__construct(
            'plastic-under-powder',
            Severity::Stop,
            'PVC, nylon and fluoropolymer soften or gas in the bake, and powder does not hold on them.',
            'Take it off by hand, by stripper or by blast; never burn it off.',
            'still carries PVC, nylon or fluoropolymer',
            [Layer::PlasticCoating],
        );
    }
}
