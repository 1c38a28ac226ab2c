<?php

declare(strict_types=1);

namespace Aenum\Core\Rule\Rules;

use Aenum\Core\Blast\Nozzle;
use Aenum\Core\Rule\Group;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\Rule;
use Aenum\Core\Rule\Severity;

final class NozzleStarves extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'nozzle-starves', Group::Equipment, Severity::Warn,
            'A compressor that cannot feed the nozzle blasts at whatever pressure is left.',
            'A smaller bore, or less pressure.',
        );
    }

    public function applies(Plan $plan): ?string
    {
        $e = $plan->facts->equipment;
        $blast = $plan->facts->blast;
        $needs = $blast !== null && $e->nozzleMm !== null ? Nozzle::freeAirM3Min($e->nozzleMm, $blast->pressureBar) : null;

        return $needs !== null && $e->compressorM3Min !== null && $needs > $e->compressorM3Min
            ? sprintf('%.1f mm at %.1f bar takes %.2f m³/min, the compressor gives %.2f: it would settle at %.1f bar, or hold %.1f mm', $e->nozzleMm, $blast->pressureBar, $needs, $e->compressorM3Min, Nozzle::sustainedBar((float) $e->nozzleMm, $e->compressorM3Min), Nozzle::largestBoreMm($blast->pressureBar, $e->compressorM3Min))
            : null;
    }
}
