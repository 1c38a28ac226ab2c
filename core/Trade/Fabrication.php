<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** How a part was made. */
enum Fabrication: string
{
    case Sheet = 'sheet';
    case Machined = 'machined';
    case Welded = 'welded';
    case Cast = 'cast';
    case Forged = 'forged';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }
}
