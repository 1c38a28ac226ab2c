<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Cure\OvenVentilation;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

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
            [Moment::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SeeOvens];
    }

    public function applies(Plan $plan): ?Said
    {
        $oven = $plan->floor->oven ?? $plan->facts->equipment->oven;
        $powderKg = $plan->floor->powderKg;
        if ($oven === null || $powderKg === null) {
            return null;
        }
        $needed = OvenVentilation::neededM3PerH($powderKg, $plan->floor->solventKg ?? 0.0);
        $drawn = OvenVentilation::drawnM3PerH($oven);

        return $needed > $drawn
            ? Said::of('the load carries {powder} of powder and needs {needed} of fresh air; the oven draws {drawn}', [
                'powder' => Quantity::kg($powderKg, 1),
                'needed' => Quantity::airFlow($needed / 60),
                'drawn' => Quantity::airFlow($drawn / 60),
            ])
            : null;
    }
}
