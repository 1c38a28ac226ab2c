<?php

declare(strict_types=1);

namespace App\Inspection\Models;

use App\Platform\Database\BaseModel;

/**
 * One step added by rework.
 *
 * @property int $id
 * @property int $rework_id
 * @property int $position
 * @property string $kind as the core has it; one it does not know is kept and named
 * @property float $minutes
 * @property float $wait_minutes
 * @property string $why
 * @property ?float $celsius
 * @property ?float $hold_minutes
 * @property ?int $coat
 * @property ?string $agent
 */
final class ReworkStep extends BaseModel
{
    use \App\Routing\Models\Concerns\StepRow;

    public $timestamps = false;
}
