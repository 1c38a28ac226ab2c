<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

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
            [Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::MeasureGround];
    }

    public function applies(Plan $plan): ?string
    {
        $volts = $plan->facts->equipment->groundVolts;

        return $volts !== null && $volts < self::LEAST_V
            ? 'the ground was measured with '.round($volts).' V'
            : null;
    }
}
