<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** Whether people's safety hangs on a part, and how. */
enum SafetyRole: string
{
    case None = 'none';
    case PressureVessel = 'pressure_vessel';
    case Lifting = 'lifting';
    case Brake = 'brake';
    case Steering = 'steering';
    case Suspension = 'suspension';
    case Wheel = 'wheel';
    case FallArrest = 'fall_arrest';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return str_replace('_', ' ', $this->value);
    }
}
