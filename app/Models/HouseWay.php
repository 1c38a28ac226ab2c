<?php

declare(strict_types=1);

namespace App\Models;

/**
 * The way the shop goes where practitioners disagree, where it is not the usual one.
 *
 * @property string $question
 * @property string $way
 */
final class HouseWay extends Record
{
    public $timestamps = false;

    public $incrementing = false;

    protected $primaryKey = 'question';

    protected $keyType = 'string';

    protected $guarded = [];
}
