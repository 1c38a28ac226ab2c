<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a coat goes on: metal, or the coat below flowed, part cured, cured or abraded. */
enum CoatBase: string
{
    case Metal = 'metal';
    case Flowed = 'flowed';
    case PartCured = 'part_cured';
    case Cured = 'cured';
    case Abraded = 'abraded';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
