<?php

declare(strict_types=1);

namespace App\Platform\Database;

use DateTimeImmutable;
use UnitEnum;

/** What a model works out of its class or of an unchanged column is kept: a page reads many rows many times. */
trait KeepsCastValues
{
    /** @var array<class-string, string> */
    private static array $tables = [];

    /** @var array<string, array{mixed, mixed}> column => what is stored, what it was cast to */
    private array $castValues = [];

    public function getTable(): string
    {
        return $this->table ??= self::$tables[static::class] ??= parent::getTable();
    }

    /** @return ShopQuery<$this> */
    public function newEloquentBuilder($query): ShopQuery
    {
        /** @var ShopQuery<$this> */
        return new ShopQuery($query);
    }

    /** @return array<string, string> without the key, which the database gives as a number */
    public function getCasts(): array
    {
        return $this->casts;
    }

    public function getAttributeValue($key): mixed
    {
        $stored = $this->attributes[$key] ?? null;
        if ($stored !== null && isset($this->castValues[$key]) && $this->castValues[$key][0] === $stored) {
            return $this->castValues[$key][1];
        }
        $value = parent::getAttributeValue($key);
        $isFixed = is_scalar($value) || $value instanceof DateTimeImmutable || $value instanceof UnitEnum;
        if ($isFixed && is_scalar($stored)) {
            $this->castValues[$key] = [$stored, $value];
        }

        return $value;
    }
}
