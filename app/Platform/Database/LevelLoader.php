<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\Relation;

/**
 * Loads relations level by level, one statement a level: `part.coats.powder`, `part.pins` and `part.bags` take three
 * statements, not five. A relation that cannot be read together with others (of more than one table, or with columns
 * of its own) is loaded the usual way.
 */
final class LevelLoader
{
    /** @var list<array{list<Model>, RelationTree}> models of one class, what is loaded of them */
    private array $next = [];

    /** @param  bool  $missing  relations that are loaded already are kept */
    private function __construct(private readonly bool $missing)
    {
    }

    /**
     * The relations that a query names.
     *
     * @param  array<int, Model>  $models  of one class
     * @param  Builder<covariant Model>  $query
     */
    public static function load(array $models, Builder $query): void
    {
        $loader = new self(false);
        $loader->add(array_values($models), RelationTree::of($query->getEagerLoads()));
        $loader->run();
    }

    /**
     * Relations that are missing.
     *
     * @param  Collection<int, covariant Model>  $models  of one class
     * @param  array<array-key, string>  $relations
     */
    public static function loadMissing(Collection $models, array $relations): void
    {
        self::loadEach([[$models, $relations]]);
    }

    /**
     * Relations that are missing, of several lists of models with the same statements.
     *
     * @param  list<array{Collection<int, covariant Model>, array<array-key, string>}>  $lists
     */
    public static function loadEach(array $lists): void
    {
        $loader = new self(true);
        foreach ($lists as [$models, $relations]) {
            $loader->add(array_values($models->all()), RelationTree::named($relations));
        }
        $loader->run();
    }

    /**
     * Several queries in one statement, with their relations.
     *
     * @param  array<string, Builder<covariant Model>>  $queries
     * @return array<string, Collection<int, Model>>
     */
    public static function together(array $queries): array
    {
        $loader = new self(false);
        $found = $reads = [];
        foreach ($queries as $name => $query) {
            $read = JoinedRead::by($query);
            $read === null ? $found[$name] = $query->get() : $reads[$name] = $read;
        }
        foreach (JoinedRead::rows($reads) as $name => $rows) {
            $found[$name] = $queries[$name]->hydrate($rows);
            $loader->add(array_values($found[$name]->all()), RelationTree::of($queries[$name]->getEagerLoads()));
        }
        $loader->run();

        return $found;
    }

    /** @param  list<Model>  $models */
    private function add(array $models, RelationTree $tree): void
    {
        if ($models !== [] && $tree->under !== []) {
            $this->next[] = [$models, $tree];
        }
    }

    private function run(): void
    {
        while ($this->next !== []) {
            $level = $this->next;
            $this->next = [];
            $this->loadLevel($level);
        }
    }

    /** @param  list<array{list<Model>, RelationTree}>  $level */
    private function loadLevel(array $level): void
    {
        $wanted = $reads = [];
        foreach ($level as [$models, $tree]) {
            foreach ($tree->under as $name => $under) {
                $without = $this->without($models, $name, $under);
                if ($without === []) {
                    continue;
                }
                /** @var Relation<Model, Model, mixed> $relation */
                $relation = $without[0]->newQueryWithoutRelationships()->getRelation($name);
                $relation->addEagerConstraints($without);
                $under->constrain === null ?: ($under->constrain)($relation);
                $wanted[] = [$without, $name, $relation, $under->and($relation->getQuery()->getEagerLoads())];
                $reads[] = JoinedRead::of($relation);
            }
        }
        $rows = JoinedRead::rows(array_filter($reads));
        foreach ($wanted as $i => [$without, $name, $relation, $under]) {
            $found = isset($rows[$i]) ? $relation->getQuery()->hydrate($rows[$i]) : $relation->getEager();
            $relation->match($relation->initRelation($without, $name), $found, $name);
            $this->add(array_values($found->all()), $under);
        }
    }

    /**
     * Models that need the relation; what others have of it goes on to the next level.
     *
     * @param  list<Model>  $models
     * @return list<Model>
     */
    private function without(array $models, string $name, RelationTree $under): array
    {
        if (! $this->missing) {
            return $models;
        }
        $without = $there = [];
        foreach ($models as $model) {
            if (! $model->relationLoaded($name)) {
                $without[] = $model;
            } elseif ($under->under !== []) {
                $loaded = $model->getRelation($name);
                foreach ($loaded instanceof Collection ? $loaded->all() : [$loaded] as $related) {
                    $related === null ?: $there[spl_object_id($related)] = $related;
                }
            }
        }
        $this->add(array_values($there), $under);

        return $without;
    }
}
