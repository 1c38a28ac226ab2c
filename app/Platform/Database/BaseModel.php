<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Model;

/** Base of all models; attributes are always named in code, never taken from a form as a whole. */
abstract class BaseModel extends Model
{
    /** @var array<class-string, string> */
    private static array $tables = [];

    protected static string $builder = ShopQuery::class;

    protected static string $collectionClass = ShopCollection::class;

    protected $guarded = [];

    /** The table's name is worked out from the class once, not for every query. */
    public function getTable(): string
    {
        return $this->table ??= self::$tables[static::class] ??= parent::getTable();
    }
}
