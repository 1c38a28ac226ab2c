<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Model;

/** A row of the shop's records; what is written into it is named by whoever writes it, never by a form alone. */
abstract class BaseModel extends Model
{
    protected $guarded = [];
}
