<?php

declare(strict_types=1);

namespace App\Intake\ViewModels;

use Aenum\Core\Geometry\MeshPicture;

/** Lightness of each tone in a mesh's picture, 0 to 1; tones count from 0. */
final class MeshTone
{
    private const DARKEST = 0.95;

    private const PALEST = 0.1;

    /** As it looks: the first tone lies in the shade. */
    public static function light(int $tone): float
    {
        return self::DARKEST - $tone / MeshPicture::TONES;
    }

    /** Seen through: more metal along the line of sight is darker. */
    public static function through(int $tone): float
    {
        return self::PALEST + $tone / MeshPicture::TONES;
    }
}
