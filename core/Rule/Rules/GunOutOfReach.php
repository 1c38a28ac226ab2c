<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Coat\GunAdvice;
use Aenum\Core\Coat\GunSetting;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Unit\Dimension;
use Aenum\Core\Unit\Quantity;
use Aenum\Core\Unit\Said;

final class GunOutOfReach extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'gun-out-of-reach',
            Group::Equipment,
            Severity::Warn,
            'Too near, the air blows powder off; too far, it never arrives.',
            Said::of('{band}; {usual} is usual.', [
                'band' => Quantity::range(Dimension::Length, GunSetting::NEAR_MM, GunSetting::FAR_MM, 0),
                'usual' => Quantity::range(Dimension::Length, ...[...GunAdvice::FLAT['away'], 0]),
            ]),
            self::PRACTICE,
            [Moment::Coat],
        );
    }

    public function applies(Plan $plan): ?Said
    {
        $away = $plan->floor->coat?->awayMm;

        return $away !== null && ($away < GunSetting::LEAST_AWAY_MM || $away > GunSetting::MOST_AWAY_MM)
            ? Said::of('the gun is set {away} away', ['away' => Quantity::mm($away, 0)])
            : null;
    }
}
