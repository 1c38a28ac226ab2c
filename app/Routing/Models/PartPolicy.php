<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Platform\Database\BaseModel;

/**
 * A policy of a part: chosen for it, or the shop's when it left Intake.
 *
 * @property int $id
 * @property int $part_id
 * @property string $question
 * @property string $way
 */
final class PartPolicy extends BaseModel
{
    public $timestamps = false;

    protected $guarded = [];
}
