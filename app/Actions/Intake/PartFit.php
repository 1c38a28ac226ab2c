<?php

declare(strict_types=1);

namespace App\Actions\Intake;

use Aenum\Core\Rule\Facts\EquipmentFacts;
use App\Actions\Route\PartRoute;

/** Whether a part goes into the booth and the oven, and whether rail and hook carry it. */
final class PartFit
{
    private const RULES = ['booth' => 'fits-booth', 'oven' => 'fits-oven', 'rail' => 'rail-load', 'hook' => 'hook-load'];

    /** @return list<array{what: string, fits: ?bool, says: string}> fits is null where something is not known */
    public static function of(PartRoute $route): array
    {
        $part = $route->facts->part;
        $equipment = $route->facts->equipment;
        $room = ['booth' => $equipment->boothMm, 'oven' => $equipment->ovenMm];
        $carries = ['rail' => $equipment->railKg, 'hook' => $equipment->hookKg];
        $fired = [];
        foreach ($route->findings as $finding) {
            $fired[$finding->rule->key()] = $finding->evidence;
        }

        return array_map(fn (string $what): array => match (true) {
            isset($fired[self::RULES[$what]]) => ['what' => $what, 'fits' => false, 'says' => ucfirst($fired[self::RULES[$what]]).'.'],
            array_key_exists($what, $room) && $room[$what] === null => ['what' => $what, 'fits' => null, 'says' => "The {$what}'s measures are not written down."],
            array_key_exists($what, $room) && $part->boxMm === null => ['what' => $what, 'fits' => null, 'says' => 'Its outside measures are not known; give them, or build it here.'],
            array_key_exists($what, $carries) && $carries[$what] === null => ['what' => $what, 'fits' => null, 'says' => "What the {$what} carries is not written down."],
            $what === 'oven' => ['what' => $what, 'fits' => true, 'says' => sprintf('Goes in with %.0f mm and more all round.', EquipmentFacts::OVEN_CLEARANCE_MM)],
            $what === 'booth' => ['what' => $what, 'fits' => true, 'says' => 'Goes in.'],
            default => ['what' => $what, 'fits' => true, 'says' => sprintf('Carries %.0f kg; %s.', $carries[$what], $what === 'rail' ? sprintf('all %d weigh %.0f kg', $part->count, $part->count * ($part->massKg ?? 0)) : sprintf('one weighs %.1f kg', $part->massKg ?? 0))],
        }, array_keys(self::RULES));
    }
}
