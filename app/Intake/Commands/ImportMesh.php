<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Units\InvalidInput;
use App\Intake\Models\Part;
use App\Intake\Queries\PartFacets;
use App\Platform\Errors\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;

/** Imports a mesh of a part: measures and picture are stored, the file is not. */
final class ImportMesh
{
    private const LONGEST_NAME = 120;

    public const LARGEST_BYTES = 64 * 1024 * 1024;

    /** @throws Refused naming what cannot be read */
    public function __invoke(Part $part, UploadedFile $file, string $unit): void
    {
        $whole = basename($file->getClientOriginalName());
        $kind = strtolower(pathinfo($whole, PATHINFO_EXTENSION));
        $name = mb_substr($whole, 0, self::LONGEST_NAME);
        if (! $file->isValid() || $file->getSize() > self::LARGEST_BYTES) {
            throw Refused::because([
                'mesh' => 'Mesh did not arrive whole or is too large; allowed: STL or OBJ up to 64 MB.',
            ]);
        }
        if (! in_array($kind, ['stl', 'obj'], true)) {
            throw Refused::because([
                'mesh' => "Mesh is \"{$name}\"; allowed: a file that ends in .stl or .obj.",
            ]);
        }
        $stream = fopen($file->getPathname(), 'rb');
        if ($stream === false) {
            throw Refused::because(['mesh' => 'Mesh cannot be opened; send it again.']);
        }
        set_time_limit(180);
        try {
            [$mesh, $picture, $facets] = MeshReader::readWithPicture($stream, (int) $file->getSize(), $kind, $unit);
        } catch (InvalidInput $e) {
            throw Refused::because([
                'mesh' => ucfirst(trim("mesh {$e->place}")).' '.$e->found.'; allowed: '.$e->allowed.'.',
            ]);
        } finally {
            fclose($stream);
        }
        $drawing = $picture->drawing();
        DB::transaction(function () use ($part, $facets, $name, $unit, $mesh, $drawing): void {
            PartFacets::keep($part, $facets);
            $part->update([
                'mesh' => [
                    'name' => $name,
                    'unit' => $unit,
                    'area_m2' => $mesh->areaM2,
                    'volume_m3' => $mesh->volumeM3,
                    'box_mm' => array_map(fn (float $mm): float => round($mm, 2), $mesh->boxMm),
                    'closed' => $mesh->closed,
                    'overlapping' => $mesh->overlapping,
                    'triangles' => $mesh->triangles,
                    'degenerate' => $mesh->degenerate,
                    'columns' => $drawing->columns,
                    'rows' => $drawing->rows,
                    'width_mm' => $drawing->widthMm,
                    'light' => $drawing->light,
                    'through' => $drawing->through,
                    'thickest_mm' => $drawing->thickestMm,
                ],
            ]);
        });
    }
}
