<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** Which items of a load are regions of one piece. */
final class RegionLinks
{
    /**
     * Items that hang together, each in one group; an item without links is a group of its own.
     *
     * @param  list<LoadItem>  $load
     * @return list<non-empty-list<int>> positions, in order
     */
    public static function groups(array $load): array
    {
        $place = array_flip(array_map(fn (LoadItem $item): string => $item->name, $load));
        $of = array_keys($load);
        foreach ($load as $i => $item) {
            foreach (array_keys($item->links) as $name) {
                $j = $place[$name] ?? $i;
                [$keep, $drop] = [min($of[$i], $of[$j]), max($of[$i], $of[$j])];
                $of = array_map(fn (int $group): int => $group === $drop ? $keep : $group, $of);
            }
        }
        $groups = [];
        foreach ($of as $i => $group) {
            $groups[$group][] = $i;
        }

        return array_values($groups);
    }

    /**
     * The blocks of a load's linear system; items without links are in none.
     *
     * @param  list<LoadItem>  $load
     * @return list<LinkedBlock>
     */
    public static function blocks(array $load): array
    {
        $blocks = [];
        foreach (self::groups($load) as $items) {
            $links = [];
            foreach ($items as $a => $i) {
                foreach ($items as $b => $j) {
                    $wPerK = $load[$i]->links[$load[$j]->name] ?? null;
                    if ($a < $b && $wPerK !== null) {
                        $links[] = [$a, $b, $wPerK];
                    }
                }
            }
            if ($links !== []) {
                $blocks[] = new LinkedBlock($items, $links);
            }
        }

        return $blocks;
    }

    /**
     * The same load with two of its items joined.
     *
     * @param  list<LoadItem>  $load
     * @return list<LoadItem>
     */
    public static function join(array $load, int $a, int $b, float $wPerK): array
    {
        return array_map(fn (LoadItem $item, int $i): LoadItem => match ($i) {
            $a => $item->linkedTo($load[$b]->name, $wPerK),
            $b => $item->linkedTo($load[$a]->name, $wPerK),
            default => $item,
        }, $load, array_keys($load));
    }
}
