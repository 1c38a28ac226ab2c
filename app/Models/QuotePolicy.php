<?php

declare(strict_types=1);

namespace App\Models;

use Aenum\Core\Quote\PolicyWay;

/**
 * How a policy of quoting goes in this shop.
 *
 * @property int $id
 * @property string $policy
 * @property string $way off, refuse or at
 * @property ?float $figure
 */
final class QuotePolicy extends Record
{
    public $timestamps = false;

    /** As the core takes it. */
    public function way(): PolicyWay
    {
        return match ($this->way) {
            'off' => PolicyWay::off(),
            'refuse' => PolicyWay::refuse(),
            default => PolicyWay::at((float) $this->figure),
        };
    }
}
