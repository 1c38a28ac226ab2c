<?php

declare(strict_types=1);

namespace Aenum\Core\Units;

/** The units a person reads and types when they name none. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
}
