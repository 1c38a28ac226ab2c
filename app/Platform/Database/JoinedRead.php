<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Illuminate\Database\Eloquent\Builder as EloquentBuilder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\Relations\HasOne;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Query\Builder;
use stdClass;

/**
 * One member of a UNION that reads rows of several tables in one statement: each row comes as a JSON object, with the
 * number of its member; rows of a member keep its order.
 */
final readonly class JoinedRead
{
    /** Types that JSON cannot carry. */
    private const BINARY = ['blob', 'tinyblob', 'mediumblob', 'longblob', 'binary', 'varbinary'];

    /** Types that come as text, as they do in a plain read. */
    private const TEXT = ['decimal', 'longtext'];

    /** More rows than any table has. */
    private const ALL = PHP_INT_MAX;

    /** @param  array<string, string>  $columns  column => type */
    private function __construct(
        private Builder $query,
        private string $table,
        private array $columns,
    ) {
    }

    /**
     * The read of a relation whose models are known; null where it cannot be a member.
     *
     * @param  Relation<covariant Model, covariant Model, mixed>  $relation
     */
    public static function of(Relation $relation): ?self
    {
        return in_array($relation::class, [BelongsTo::class, HasMany::class, HasOne::class], true)
            ? self::by($relation->getQuery())
            : null;
    }

    /**
     * The read of a query for whole rows of one table; null where it is not that.
     *
     * @param  EloquentBuilder<covariant Model>  $models
     */
    public static function by(EloquentBuilder $models): ?self
    {
        $query = $models->applyScopes()->getQuery();
        $table = $models->getModel()->getTable();
        $columns = TableColumns::of($table);
        $whole = $query->columns === null ? $query->joins === null : $query->columns === ["{$table}.*"];
        $plain = $whole && $columns !== [] && $query->from === $table
            && $query->groups === null && $query->lock === null && $query->unions === null
            && array_intersect($columns, self::BINARY) === [];

        return $plain ? new self($query, $table, $columns) : null;
    }

    /**
     * Reads them all in one statement; members that ask the same are asked once.
     *
     * @param  array<array-key, self>  $reads
     * @return array<array-key, array<int, stdClass>> rows of each by its key, in its order
     */
    public static function rows(array $reads): array
    {
        $asked = $union = $places = [];
        foreach ($reads as $i => $read) {
            $places[$i] = null;
            if ($read->findsNothing()) {
                continue;
            }
            $key = $read->query->toSql().' '.json_encode($read->query->getBindings());
            $places[$i] = $asked[$key] ??= count($asked);
            $union[$places[$i]] = $read;
        }
        $found = count($union) === 1 ? [$union[0]->query->get()->all()] : self::together($union);

        $copy = fn (stdClass $row): stdClass => clone $row;

        return array_map(fn (?int $place): array => array_map($copy, $place === null ? [] : $found[$place]), $places);
    }

    /**
     * @param  array<int, self>  $union
     * @return array<int, array<int, stdClass>>
     */
    private static function together(array $union): array
    {
        if ($union === []) {
            return [];
        }
        $all = null;
        foreach ($union as $member => $read) {
            $query = $read->asMember($member);
            $all = $all === null ? $query : $all->unionAll($query);
        }
        $found = array_fill(0, count($union), []);
        foreach ($all->get() as $row) {
            $found[$row->member][] = $union[$row->member]->row($row->row);
        }

        return $found;
    }

    /** Whether its keys are none, so that nothing need be asked. */
    private function findsNothing(): bool
    {
        foreach ($this->query->wheres as $where) {
            if (in_array($where['type'], ['In', 'InRaw'], true) && $where['values'] === []) {
                return true;
            }
        }

        return false;
    }

    private function asMember(int $member): Builder
    {
        $columns = [];
        $from = $this->query->joins === null ? '' : "`{$this->table}`.";
        foreach ($this->columns as $column => $type) {
            $value = "{$from}`{$column}`";
            $columns[] = "'{$column}', ".(in_array($type, self::TEXT, true) ? "concat({$value})" : $value);
        }
        $query = clone $this->query;
        $query->columns = null;
        $query->selectRaw("{$member} as `member`, json_object(".implode(', ', $columns).') as `row`');

        // The order of a member counts only where it has a limit.
        return $query->orders === null || $query->limit !== null ? $query : $query->limit(self::ALL);
    }

    private function row(string $json): stdClass
    {
        /** @var stdClass $row */
        $row = json_decode($json, false, 512, JSON_THROW_ON_ERROR);
        foreach ($this->columns as $column => $type) {
            if (($type === 'double' || $type === 'float') && $row->{$column} !== null) {
                // JSON writes a whole number without its point.
                $row->{$column} = (float) $row->{$column};
            }
        }

        return $row;
    }
}
