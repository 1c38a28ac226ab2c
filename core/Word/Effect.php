<?php

declare(strict_types=1);

namespace Aenum\Core\Word;

/** How a powder looks. */
enum Effect: string
{
    case Plain = 'plain';
    case Metallic = 'metallic';
    case Bright = 'bright';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }
}
