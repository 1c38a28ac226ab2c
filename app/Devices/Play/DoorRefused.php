<?php

declare(strict_types=1);

namespace App\Devices\Play;

use RuntimeException;

/** The door did not take what a played device brought; the message says why. */
final class DoorRefused extends RuntimeException
{
}
