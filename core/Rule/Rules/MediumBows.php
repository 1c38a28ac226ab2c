<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\Sweep;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class MediumBows extends Rule
{
    /** Sheet thinner than this bows, mm. House figure. */
    public const THIN_MM = 1.6;

    public function __construct()
    {
        parent::__construct(
            'medium-bows',
            Group::Metal,
            Severity::Warn,
            'Coarse hard grain bows thin sheet.',
            Said::of('A finer grain, at {bar} and less, further off.', ['bar' => Quantity::bar(Sweep::MOST_BAR)]),
            self::HOUSE,
            [Moment::Medium, Moment::Blast],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;
        $wall = $part->wallMm();

        return $medium !== null && $medium->hard && ! $medium->fine && $wall !== null && $wall < self::THIN_MM
            ? Said::of('{part} has a mean wall of {wall} and {medium} is coarse', [
                'part' => $part->name,
                'wall' => Quantity::mm($wall, 1),
                'medium' => $medium->name,
            ])
            : null;
    }
}
