<?php

declare(strict_types=1);

namespace App\Intake\ViewModels;

use Aenum\Core\Geometry\ShapeKind;
use Aenum\Core\Units\Dimension;
use App\Platform\Presentation\Units;

/** Dimensions of a shape as read and typed by a person. */
final class ShapeDimensions
{
    private const LABELS = [
        'length_mm' => 'Length',
        'width_mm' => 'Width',
        'height_mm' => 'Height',
        'thickness_mm' => 'Thickness',
        'legs_mm' => 'Legs',
        'od_mm' => 'Outside across',
        'id_mm' => 'Inside across',
        'wall_mm' => 'Wall',
        'diameter_mm' => 'Across',
        'side_mm' => 'Side',
        'leg_a_mm' => 'One leg',
        'leg_b_mm' => 'Other leg',
        'open_share' => 'Open share, 0 to 0.95',
        'mass_kg' => 'Weighed',
        'bend_radius_mm' => 'Bend radius',
        'top_diameter_mm' => 'Across the top',
    ];

    /** Asked for in ways of their own. */
    private const APART = ['holes', 'inside_coated'];

    /** @return array<string, ?string> measure a form asks for => what is said beneath */
    public static function fields(ShapeKind $kind): array
    {
        $needs = array_fill_keys($kind->needs(), null);
        $says = array_intersect_key(['legs_mm' => 'Outside lengths in order, with spaces between.'], $needs);
        $optional = array_diff($kind->mayHave(), self::APART);

        return array_replace($needs, $says) + array_fill_keys($optional, 'May be left empty.');
    }

    public static function unit(string $measure, Units $units): ?string
    {
        $dimension = self::dimension($measure);

        return $dimension === null ? null : $units->unit($dimension);
    }

    public static function label(string $measure): string
    {
        return self::LABELS[$measure] ?? $measure;
    }

    public static function dimension(string $measure): ?Dimension
    {
        return match ($measure) {
            'open_share' => null,
            'mass_kg' => Dimension::Mass,
            default => Dimension::Length,
        };
    }
}
