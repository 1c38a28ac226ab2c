<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Rules\Severity;
use Aenum\Core\Rules\SurfaceRule;
use Aenum\Core\Surface\Layer;

/** Loose rust still on the metal when the first coat goes on. */
final class RustUnderPowder extends SurfaceRule
{
    public function __construct()
    {
        parent::__construct(
            'rust-under-powder',
            Severity::Stop,
            'Rust under powder keeps growing, and the film lifts off it.',
            'Blast, pickle, grind or convert it first.',
            'is still rusty',
            [Layer::Rust],
        );
    }
}
