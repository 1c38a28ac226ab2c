<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Files\RouteFile;
use Aenum\Core\Routing\PartRouting;

/** Jobs as a bench gets them, by what a route file would say of them. */
final class AdviceJob
{
    /**
     * A part of 5 kg and 1 m2 with a coat over it, laid out as the planner does.
     *
     * @param  array<string, mixed>  $part
     * @param  array<string, mixed>  $more
     */
    public static function of(array $part, array $more = []): PartRouting
    {
        return RouteFile::parse(json_encode($more + [
            'format' => RouteFile::FORMAT,
            'part' => $part + ['mass_kg' => 5, 'area_m2' => 1],
            'coats' => [['role' => 'base', 'bake_c' => 190]],
        ], JSON_THROW_ON_ERROR))->plan();
    }
}
