<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Http\UploadedFile;

/** A made-up part as a mesh: a profile turned about an axis, such as the cap of a lantern. Lengths in mm. */
final class DemoMesh
{
    private const SIDES = 40;

    /** A thin dome with a rim and a knob, hollow from below. */
    public static function lanternCap(): UploadedFile
    {
        return self::turned([
            [0, 96],
            [14, 92],
            [18, 82],
            [12, 70],
            [20, 64],
            [70, 48],
            [118, 18],
            [150, 12],
            [150, 8],
            [116, 14],
            [68, 44.5],
            [18, 60.5],
            [0, 62],
        ]);
    }

    /** @param  list<array{float|int, float|int}>  $profile  radius and height, the first and the last on the axis */
    private static function turned(array $profile): UploadedFile
    {
        $facets = '';
        for ($n = 0; $n < count($profile) - 1; $n++) {
            for ($side = 0; $side < self::SIDES; $side++) {
                [$a, $b] = [self::at($profile[$n], $side), self::at($profile[$n], $side + 1)];
                [$c, $d] = [self::at($profile[$n + 1], $side), self::at($profile[$n + 1], $side + 1)];
                $facets .= $profile[$n + 1][0] > 0 ? self::facet($a, $c, $d) : '';
                $facets .= $profile[$n][0] > 0 ? self::facet($a, $profile[$n + 1][0] > 0 ? $d : $c, $b) : '';
            }
        }
        $path = (string) tempnam(sys_get_temp_dir(), 'mesh');
        file_put_contents($path, "solid cap\n{$facets}endsolid cap\n");

        return new UploadedFile($path, 'lantern-cap.stl', null, null, true);
    }

    /** @param  array{float|int, float|int}  $point */
    private static function at(array $point, int $side): string
    {
        $angle = (2 * M_PI * ($side % self::SIDES)) / self::SIDES;

        return sprintf('vertex %.4f %.4f %.4f', $point[0] * cos($angle), $point[0] * sin($angle), $point[1]);
    }

    private static function facet(string ...$corners): string
    {
        return "facet normal 0 0 0\nouter loop\n".implode("\n", $corners)."\nendloop\nendfacet\n";
    }
}
