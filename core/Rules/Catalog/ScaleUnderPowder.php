<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Rules\Severity;
use Aenum\Core\Rules\SurfaceRule;
use Aenum\Core\Surface\Layer;

/** Mill scale still on the steel when the first coat goes on. */
final class ScaleUnderPowder extends SurfaceRule
{
    public function __construct()
    {
        parent::__construct(
            'scale-under-powder',
            Severity::Sign,
            'Mill scale lets go of the steel and takes the film with it.',
            'Blast, pickle or grind it off; or the customer signs that the film may come off with the scale.',
            'still carries mill scale',
            [Layer::MillScale],
        );
    }
}
