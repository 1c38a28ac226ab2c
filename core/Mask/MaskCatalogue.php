<?php

declare(strict_types=1);

namespace Aenum\Core\Mask;

/**
 * What masking stands, °C part metal for the length of a bake.
 *
 * General practice: silicone 260 °C for long (315 °C short), polyimide 260 °C, polyester 204 °C, glass cloth by maker
 * from 180 °C; paper never goes into an oven. The maker's rating comes first.
 */
final class MaskCatalogue
{
    private const RATED_C = ['silicone_plug' => 260.0, 'silicone' => 260.0, 'polyimide' => 260.0, 'polyester' => 204.0, 'glass_cloth' => 180.0, 'paper' => null];

    /** What the shop's stock can be made of. */
    public const MATERIALS = ['silicone', 'polyimide', 'polyester', 'glass_cloth', 'paper'];

    /** Null where it must not see an oven at all. */
    public static function ratedC(string $mask): ?float
    {
        return self::RATED_C[$mask] ?? null;
    }
}
