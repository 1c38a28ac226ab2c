<?php

declare(strict_types=1);

namespace App\Platform\Audit;

/** Fired once after each transaction that wrote to the audit log. */
final class ShopChanged
{
}
