<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Closure;

/** Relations to load, as a tree: `part.coats` and `part.pins` are two branches of one `part`. */
final class RelationTree
{
    /** @var array<string, self> by name */
    public array $under = [];

    /** What a query narrows the relation by. */
    public ?Closure $constrain = null;

    /** @param  array<string, Closure|null>  $relations  by their paths, as Eloquent names them */
    public static function of(array $relations): self
    {
        return (new self)->and($relations);
    }

    /** @param  array<string, Closure|null>  $relations  by their paths */
    public function and(array $relations): self
    {
        foreach ($relations as $path => $constrain) {
            $node = $this;
            foreach (explode('.', $path) as $name) {
                $node = $node->under[$name] ??= new self;
            }
            $node->constrain ??= $constrain;
        }

        return $this;
    }

    /**
     * Relations without constraints; built once for the same paths.
     *
     * @param  array<array-key, string>  $paths
     */
    public static function named(array $paths): self
    {
        /** @var array<string, self> $known */
        static $known = [];

        return $known[implode(' ', $paths)] ??= self::of(array_fill_keys($paths, null));
    }
}
