<?php

declare(strict_types=1);

namespace App\Intake\Models;

use App\Platform\Database\BaseModel;

/**
 * One fact about a part: an arrival condition, a feature or a flag.
 *
 * @property int $id
 * @property int $part_id
 * @property string $kind on_it, feature, mark or licensed
 * @property string $word as the core has it; one it does not know is kept and named
 */
final class PartTrait extends BaseModel
{
    public const ON_IT = 'on_it';

    public const FEATURE = 'feature';

    public const MARK = 'mark';

    /** What the licensed process on record covers. */
    public const LICENSED = 'licensed';

    public $timestamps = false;

    protected $guarded = [];
}
