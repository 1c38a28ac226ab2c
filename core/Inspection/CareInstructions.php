<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\ServiceEnvironment;

/** How a film is looked after, for whoever takes it home. General practice; the maker's own sheet comes first. */
final class CareInstructions
{
    /** Hours until a film has its full hardness after the bake. General practice. */
    public const HARD_AFTER_H = 24;

    /**
     * @param  list<Effect>  $effects  of the coats on it
     * @param  bool  $isClearOnTop  a clear is what is touched
     * @return list<string>
     */
    public static function sentences(array $effects, ServiceEnvironment $lives, bool $isClearOnTop): array
    {
        $has = fn (Effect $one): bool => in_array($one, $effects, true);

        return array_values(array_filter([
            'Full hardness comes '.self::HARD_AFTER_H.' hours after the bake: until then nothing heavy on it, no tape, '
                .'no wrapping that sweats.',
            'Wash with lukewarm water and a mild, neutral soap; rinse. No solvents, no scouring pads, no steam jet on '
                .'edges.',
            $lives === ServiceEnvironment::Indoors
                ? 'Once a year is enough.'
                : 'Outdoors twice a year, sooner where it gets dirty.',
            $lives === ServiceEnvironment::Coast
                ? 'By salt water every three months: salt under dirt creeps below the film.'
                : null,
            'A scratch to the metal is touched up within days: rust or white bloom creeps under the film from there.',
            $has(Effect::Textured) ? 'A texture is brushed soft, along and across; wipes leave lint in it.' : null,
            $has(Effect::Metallic) && ! $isClearOnTop
                ? 'A metallic without a clear darkens where it is handled; rub it as little as may be.'
                : null,
            $has(Effect::Bright) ? 'A bright metal look is soft at the surface: cotton cloth, no polish.' : null,
            'Faces left bare on purpose carry no film: grease or wax them where they may rust.',
        ]));
    }
}
