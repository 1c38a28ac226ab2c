<?php

declare(strict_types=1);

namespace App\DeviceApi\Simulated;

use RuntimeException;

/** The API refused what a simulated device sent; the message says why. */
final class DeviceApiRefused extends RuntimeException
{
}
