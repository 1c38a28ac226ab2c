<?php

declare(strict_types=1);

namespace Aenum\Core\Scheduling;

/** How a machine takes work. */
enum MachineKind: string
{
    /** One step at a time; between colours it is cleaned. */
    case One = 'one';

    /** Steps of one family that begin together share a bake, as far as its room goes. */
    case Oven = 'oven';
}
