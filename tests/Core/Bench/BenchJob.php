<?php

declare(strict_types=1);

namespace Tests\Core\Bench;

use Aenum\Core\Format\RouteFile;
use Aenum\Core\Job\Plan;

/** Jobs as a bench gets them, by what a route file would say of them. */
final class BenchJob
{
    /**
     * A part of 5 kg and 1 m2 with a coat over it, laid out as the planner does.
     *
     * @param  array<string, mixed>  $part
     * @param  array<string, mixed>  $more
     */
    public static function of(array $part, array $more = []): Plan
    {
        return RouteFile::parse(json_encode($more + [
            'format' => RouteFile::FORMAT,
            'part' => $part + ['mass_kg' => 5, 'area_m2' => 1],
            'coats' => [['role' => 'base', 'bake_c' => 190]],
        ], JSON_THROW_ON_ERROR))->plan();
    }
}
