<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Units\InvalidInput;

/** Measures an STL or OBJ file. */
final class MeshCommand
{
    /** @return array<string, mixed> */
    public function __invoke(Arguments $arguments): array
    {
        $path = $arguments->operands[0];
        $kind = strtolower(pathinfo($path, PATHINFO_EXTENSION));
        if (! in_array($kind, ['stl', 'obj'], true)) {
            throw InvalidInput::outside('file', $path, 'a name ending in .stl or .obj');
        }
        $stream = is_file($path) ? @fopen($path, 'rb') : false;
        if ($stream === false) {
            throw InvalidInput::unreadable($path, 'cannot be read', 'a file');
        }
        $material = $arguments->option('material');
        $metal = $material === null ? null : MetalCatalog::get($material);
        $mesh = MeshReader::read($stream, (int) filesize($path), $kind, $arguments->option('unit') ?? 'mm');
        fclose($stream);

        return [
            'area_m2' => round($mesh->areaM2, 9),
            'volume_m3' => $mesh->volumeM3 === null ? null : round($mesh->volumeM3, 12),
            'box_mm' => array_map(fn (float $mm): float => round($mm, 4), $mesh->boxMm),
            'closed' => $mesh->closed,
            'inverted' => $mesh->inverted,
            'overlapping' => $mesh->overlapping,
            'triangles' => $mesh->triangles,
            'degenerate' => $mesh->degenerate,
        ] +
            ($metal === null
                ? []
                : [
                    'mass_kg' => $mesh->volumeM3 === null || $metal->densityKgPerM3 === null
                            ? null
                            : round($metal->densityKgPerM3 * $mesh->volumeM3, 6),
                ]);
    }
}
