<?php

declare(strict_types=1);

namespace App\Quoting\Models;

use Aenum\Core\Quoting\PolicyOption;
use App\Platform\Database\BaseModel;

/**
 * A pricing policy of the shop.
 *
 * @property int $id
 * @property string $policy
 * @property string $way off, refuse or at
 * @property ?float $figure
 */
final class QuotePolicy extends BaseModel
{
    public $timestamps = false;

    /** As the core takes it. */
    public function way(): PolicyOption
    {
        return match ($this->way) {
            'off' => PolicyOption::off(),
            'refuse' => PolicyOption::refuse(),
            default => PolicyOption::at((float) $this->figure),
        };
    }
}
