<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Model;

/**
 * Base of all models; attributes are always named in code, never taken from a form as a whole.
 */
abstract class BaseModel extends Model
{
    use KeepsCastValues;

    protected static string $collectionClass = ShopCollection::class;

    protected $guarded = [];
}
