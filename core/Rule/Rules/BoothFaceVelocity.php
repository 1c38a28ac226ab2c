<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Remedy;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

/** Air into the booth's opening below what is usual. */
final class BoothFaceVelocity extends Rule
{
    /** Face velocity of an open booth, m/s (EN 16985); local code comes first. */
    public const USUAL_M_PER_S = 0.5;

    public function __construct()
    {
        parent::__construct(
            'booth-face-velocity',
            Group::Equipment,
            Severity::Warn,
            'Too little air into the booth lets powder out to people and to sparks.',
            Said::of('Clean the filters; {usual} is usual, and local code sets the limit.', [
                'usual' => Quantity::airSpeed(self::USUAL_M_PER_S),
            ]),
            'EN 16985',
            [Moment::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(Plan $plan): ?Said
    {
        $speed = $plan->facts->equipment->boothFaceMPerS;

        return $speed !== null && $speed < self::USUAL_M_PER_S
            ? Said::of('the booth draws {speed} at its opening', ['speed' => Quantity::airSpeed($speed)])
            : null;
    }
}
