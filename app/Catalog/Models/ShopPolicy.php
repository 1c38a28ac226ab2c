<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;

/**
 * The way the shop goes where practitioners disagree, where it is not the usual one.
 *
 * @property string $question
 * @property string $way
 */
final class ShopPolicy extends BaseModel
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'question';

    protected $keyType = 'string';

    protected $guarded = [];
}
