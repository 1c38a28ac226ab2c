<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a coat is in its stack. */
enum Role: string
{
    case Primer = 'primer';
    case Base = 'base';
    case Mid = 'mid';
    case Clear = 'clear';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return $this->value;
    }
}
