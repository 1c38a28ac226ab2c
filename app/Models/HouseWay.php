<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * The way the shop goes where practitioners disagree, where it is not the usual one.
 *
 * @property string $question
 * @property string $way
 */
final class HouseWay extends Model
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'question';

    protected $keyType = 'string';

    protected $guarded = [];
}
