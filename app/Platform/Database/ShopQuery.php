<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;

/**
 * The query of every model: relations are loaded one statement a level.
 *
 * @template TModel of Model
 *
 * @extends Builder<TModel>
 */
final class ShopQuery extends Builder
{
    /**
     * @param  array<int, TModel>  $models
     * @return array<int, TModel>
     */
    public function eagerLoadRelations(array $models): array
    {
        LevelLoader::load($models, $this);

        return $models;
    }
}
