<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

/** What a rule is about. */
enum Group: string
{
    case Metal = 'metals and processes';
    case Order = 'order';
    case Equipment = 'equipment';
}
