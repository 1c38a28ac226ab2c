<?php

declare(strict_types=1);

namespace App\Catalog\Models;

use App\Platform\Database\BaseModel;

/**
 * A policy of the shop that differs from the default.
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
