<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

/** The shapes a part is built from, and what each is measured by. */
enum ShapeKind: string
{
    case Plate = 'plate';
    case SheetFolded = 'sheet_folded';
    case TubeRound = 'tube_round';
    case TubeRect = 'tube_rect';
    case BarRound = 'bar_round';
    case BarSquare = 'bar_square';
    case BarFlat = 'bar_flat';
    case Angle = 'angle';
    case Disc = 'disc';
    case Ring = 'ring';
    case Cone = 'cone';
    case Sphere = 'sphere';
    case SheetPerforated = 'sheet_perforated';
    case SheetExpanded = 'sheet_expanded';
    case Casting = 'casting';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Plate => 'plate',
            self::SheetFolded => 'sheet with folds',
            self::TubeRound => 'round tube',
            self::TubeRect => 'rectangular tube',
            self::BarRound => 'round bar',
            self::BarSquare => 'square bar',
            self::BarFlat => 'flat bar',
            self::Angle => 'angle',
            self::Disc => 'disc',
            self::Ring => 'ring',
            self::Cone => 'cone',
            self::Sphere => 'sphere',
            self::SheetPerforated => 'perforated sheet',
            self::SheetExpanded => 'expanded sheet',
            self::Casting => 'casting, by weight and mean wall',
        };
    }

    /** @return list<string> measures that must be given, mm unless the name says otherwise */
    public function needs(): array
    {
        return match ($this) {
            self::Plate => ['length_mm', 'width_mm', 'thickness_mm'],
            self::SheetFolded => ['length_mm', 'legs_mm', 'thickness_mm'],
            self::TubeRound => ['od_mm', 'wall_mm', 'length_mm'],
            self::TubeRect => ['width_mm', 'height_mm', 'wall_mm', 'length_mm'],
            self::BarRound => ['diameter_mm', 'length_mm'],
            self::BarSquare => ['side_mm', 'length_mm'],
            self::BarFlat => ['width_mm', 'thickness_mm', 'length_mm'],
            self::Angle => ['leg_a_mm', 'leg_b_mm', 'thickness_mm', 'length_mm'],
            self::Disc => ['diameter_mm', 'thickness_mm'],
            self::Ring => ['od_mm', 'id_mm', 'thickness_mm'],
            self::Cone => ['diameter_mm', 'height_mm'],
            self::Sphere => ['diameter_mm'],
            self::SheetPerforated, self::SheetExpanded => ['length_mm', 'width_mm', 'thickness_mm', 'open_share'],
            self::Casting => ['mass_kg', 'wall_mm'],
        };
    }

    /** @return list<string> measures that may be given */
    public function mayHave(): array
    {
        return match ($this) {
            self::SheetFolded => ['bend_radius_mm', 'holes'],
            self::TubeRound, self::TubeRect => ['inside_coated', 'holes'],
            self::Cone => ['top_diameter_mm', 'wall_mm'],
            self::Sphere => ['wall_mm'],
            self::Plate, self::BarFlat, self::Angle, self::Disc, self::Ring => ['holes'],
            default => [],
        };
    }
}
