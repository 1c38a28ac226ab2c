<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;

/** The air of the blast hood not tested lately, or without a carbon monoxide alarm. */
final class BreathingAir extends Rule
{
    /** Days between two tests of the breathing air: usual practice; local rules may ask for fewer. */
    public const MOST_DAYS = 92.0;

    public function __construct()
    {
        parent::__construct(
            'breathing-air',
            Group::Equipment,
            Severity::Warn,
            'Compressor oil mist and carbon monoxide in a blast hood cannot be smelled in time.',
            'Have the breathing air tested, fit a carbon monoxide alarm, and record both under shop settings.',
            'EN 12021 for the air (5 ppm of carbon monoxide at most); a test every three months is usual practice',
            [Checkpoint::Blast],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(PartRouting $plan): ?string
    {
        $shop = $plan->facts->equipment;
        $why = match (true) {
            ! $plan->blasts() && $plan->facts->blast === null => null,
            $shop->breathingAirDays === null => 'no test of the hood\'s breathing air is recorded',
            $shop->breathingAirDays > self::MOST_DAYS => 'the hood\'s breathing air was last tested '
                .round($shop->breathingAirDays).' days ago',
            $shop->coAlarm !== true => 'no carbon monoxide alarm is recorded for the hood\'s air',
            default => null,
        };

        return $why;
    }
}
