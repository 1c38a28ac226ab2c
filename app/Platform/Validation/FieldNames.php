<?php

declare(strict_types=1);

namespace App\Platform\Validation;

/** Labels of fields whose name does not say it, for error messages. */
final class FieldNames
{
    private const LABELS = [
        'mass_kg' => 'Mass of one',
        'area_m2' => 'Area of one',
        'wall_mm' => 'Mean wall',
        'sections.*.mass_kg' => 'Its mass',
        'sections.*.area_m2' => 'Its area',
        'joint_thick_mm' => 'One is thick',
        'joint_long_mm' => 'One is long, or the seam',
        'box.*' => 'Outside measure',
        'temper' => 'Tempered at',
        'rail' => 'Rail carries',
        'hook' => 'A hook carries',
        'shown' => 'It shows',
        'display' => 'The oven shows',
        'start' => 'Oven when loaded',
        'hole_mm' => 'Holes across',
        'turns' => 'Valve open',
        'door' => 'Timed row: oven at',
        'door_minutes' => 'Timed row: minutes from the door',
        'dwell' => 'Minutes by its sheet',
        'pot_minutes' => 'Ran for',
    ];

    /** As a sentence begins with it. */
    public static function of(string $attribute): string
    {
        $any = (string) preg_replace('/\.\d+/', '.*', $attribute);
        $plain = (string) preg_replace('/_(c|kg|m2|mm|um|k|kw|w|min)$|_w_per.*$|_kj_per.*$/', '', $attribute);

        return isset(self::LABELS[$any]) ? '“'.self::LABELS[$any].'”' : ucfirst(str_replace(['_', '.'], ' ', $plain));
    }

    /** @return array<string, string> field => label */
    public static function all(): array
    {
        return self::LABELS;
    }
}
