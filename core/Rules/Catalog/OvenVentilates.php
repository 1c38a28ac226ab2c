<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Curing\OvenVentilation;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** More powder or solvent in one load than the oven's vent can clear. */
final class OvenVentilates extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'oven-ventilation',
            Group::Equipment,
            Severity::Sign,
            'Curing powder gives off vapor, and an oven that cannot clear it can explode.',
            'A smaller load, or more fresh air by the oven maker\'s plate.',
            'EN 1539 (a quarter of the lower explosive limit); NFPA 86 (9 % of the powder\'s mass, as xylene)',
            [Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $oven = $plan->floor->oven ?? $plan->facts->equipment->oven;
        $powderKg = $plan->floor->powderKg;
        if ($oven === null || $powderKg === null) {
            return null;
        }
        $needed = OvenVentilation::neededM3PerH($powderKg, $plan->floor->solventKg ?? 0.0);
        $drawn = OvenVentilation::drawnM3PerH($oven);

        return $needed > $drawn
            ? Message::of('the load carries {powder} of powder and needs {needed} of fresh air; '
                .'the oven draws {drawn}', [
                    'powder' => Quantity::kg($powderKg, 1),
                    'needed' => Quantity::airFlow($needed / 60),
                    'drawn' => Quantity::airFlow($drawn / 60),
                ])
            : null;
    }
}
