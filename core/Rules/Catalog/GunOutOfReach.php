<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Application\GunAdvice;
use Aenum\Core\Application\GunSetting;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class GunOutOfReach extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'gun-out-of-reach',
            Group::Equipment,
            Severity::Warn,
            'Too near, the air blows powder off; too far, it never arrives.',
            Message::of('{band}; {usual} is usual.', [
                'band' => Quantity::range(Dimension::Length, GunSetting::NEAR_MM, GunSetting::FAR_MM, 0),
                'usual' => Quantity::range(Dimension::Length, ...[...GunAdvice::FLAT['away'], 0]),
            ]),
            self::PRACTICE,
            [Checkpoint::Coat],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $away = $plan->floor->coat?->awayMm;

        return $away !== null && ($away < GunSetting::LEAST_AWAY_MM || $away > GunSetting::MOST_AWAY_MM)
            ? Message::of('the gun is set {away} away', ['away' => Quantity::mm($away, 0)])
            : null;
    }
}
