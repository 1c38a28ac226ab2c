<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/** A row of the shop's records. Moments are kept to the millisecond where their column has them. */
abstract class Record extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.v';

    protected $guarded = [];
}
