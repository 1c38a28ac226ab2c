<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Format\LoadFile;
use Aenum\Core\Format\Node;
use Aenum\Core\Format\ShapeFile;
use Aenum\Core\Heat\Cooling;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Powder\Cover;
use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\InvalidQuantity;

/** Small calculators: one JSON object in, one out. */
final class CalcCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        [$name, $file] = $arguments->operands;
        $work = match ($name) {
            'cool' => $this->cool(...),
            'cover' => $this->cover(...),
            'shape' => $this->shape(...),
            default => throw InvalidQuantity::outside('calc', $name, 'one of cool, cover, shape'),
        };

        return $work(Node::parse($read($file)));
    }

    /** @return array<string, float> */
    private function cool(Node $in): array
    {
        $in->object(['material', 'mass_kg', 'area_m2', 'start_c', 'ambient_c', 'target_c']);
        $item = LoadItem::of(
            'part', 1,
            LoadFile::metal($in->need('material', 'a metal\'s key or {"cp_j_per_kgk":[...]}')),
            $in->number('mass_kg'),
            $in->number('area_m2'),
        );

        return ['minutes' => round(Cooling::minutes(
            $item,
            Check::celsius('start_c', $in->number('start_c')),
            Check::celsius('ambient_c', $in->number('ambient_c')),
            Check::celsius('target_c', $in->number('target_c')),
        ), 3)];
    }

    /** @return array<string, float> */
    private function cover(Node $in): array
    {
        $in->object(['sg', 'film_um', 'efficiency', 'area_m2']);
        $cover = Cover::m2PerKg($in->number('sg'), $in->number('film_um'), $in->number('efficiency'));
        $area = $in->numberOr('area_m2', null);

        return ['m2_per_kg' => round($cover, 4)]
            + ($area === null ? [] : ['powder_kg' => round(Check::between('area_m2', $area, 0, 1e6) / $cover, 4)]);
    }

    /** @return array<string, float|null> totals over all pieces */
    private function shape(Node $in): array
    {
        $file = ShapeFile::read($in);
        $mass = $file->shape->massKg($file->metal);
        $extent = $file->shape->extent->times($file->count);

        return [
            'mass_kg' => $mass === null ? null : round($file->count * $mass, 6),
            'coat_area_m2' => round($extent->coatAreaM2, 6),
            'blast_area_m2' => round($extent->blastAreaM2, 6),
            'heat_area_m2' => round($extent->heatAreaM2, 6),
        ];
    }
}
