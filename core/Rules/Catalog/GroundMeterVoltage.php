<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** The ground measured with a low-voltage meter. */
final class GroundMeterVoltage extends Rule
{
    /** A ground meter applies this and more, V (NFPA 33; EN 16985 asks for 1,000). */
    public const LEAST_V = 500;

    public function __construct()
    {
        parent::__construct(
            'ground-meter-voltage',
            Group::Equipment,
            Severity::Warn,
            'A few volts do not bridge the old film on a hook that the gun\'s voltage will, so the reading misleads.',
            'Measure with '.self::LEAST_V.' V or more.',
            'EN 16985; NFPA 33',
            [Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureGround];
    }

    public function applies(PartRouting $plan): ?string
    {
        $volts = $plan->facts->equipment->groundVolts;

        return $volts !== null && $volts < self::LEAST_V
            ? 'the ground was measured with '.round($volts).' V'
            : null;
    }
}
