<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;

/** Adhesion by a lattice cut through the film and tape pulled off it, rated 0 to 5 (after ISO 2409). */
final readonly class CrossCut
{
    public const RATINGS = [
        0 => 'edges smooth, nothing off',
        1 => 'small flakes at the crossings, up to 5 % of the lattice',
        2 => 'flakes along edges and crossings, 5 to 15 %',
        3 => 'ribbons along the edges, 15 to 35 %',
        4 => 'ribbons and whole squares, 35 to 65 %',
        5 => 'more than that',
    ];

    /** Where nobody has agreed on another. General practice of the trade. */
    public const USUAL_LIMIT = 1;

    /** Up to these films, µm, the blades are 1, 2 and 3 mm apart on metal (ISO 2409). */
    private const APART = [[60.0, 1], [120.0, 2], [250.0, 3]];

    private function __construct(public int $rating)
    {
    }

    /** @param  int  $rating  0 (nothing off) to 5 */
    public static function of(int $rating): self
    {
        return new self((int) Check::between('rating', $rating, 0, 5));
    }

    /** How far apart the blades go, mm; null where the film is too thick for a lattice. */
    public static function apartMm(float $filmUm): ?int
    {
        foreach (self::APART as [$upTo, $mm]) {
            if ($filmUm <= $upTo) {
                return $mm;
            }
        }

        return null;
    }

    /** @return string pass or fail */
    public function verdict(int $limit = self::USUAL_LIMIT): string
    {
        return $this->rating <= $limit ? 'pass' : 'fail';
    }
}
