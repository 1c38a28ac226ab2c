<?php

declare(strict_types=1);

namespace App\Routing\Models;

use App\Platform\Database\BaseModel;

/**
 * The way a part goes where practitioners disagree: as somebody chose for it, or as the house went when it left Intake.
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
