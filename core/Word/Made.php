<?php

declare(strict_types=1);

namespace Aenum\Core\Word;

/** How a part was made. */
enum Made: string
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
