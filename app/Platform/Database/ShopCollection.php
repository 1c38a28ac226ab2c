<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;

/**
 * A collection of models: relations that are missing are loaded one statement a level.
 *
 * @template TKey of array-key
 * @template TModel of Model
 *
 * @extends Collection<TKey, TModel>
 */
final class ShopCollection extends Collection
{
    /** @param  array<array-key, string>|string  $relations  by name, without constraints */
    public function loadMissing($relations): static
    {
        /** @var array<array-key, string> $names */
        $names = is_string($relations) ? func_get_args() : $relations;
        LevelLoader::loadMissing($this, $names);

        return $this;
    }
}
