<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\Nozzle;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class NozzleStarves extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'nozzle-starves',
            Group::Equipment,
            Severity::Warn,
            'A compressor that cannot feed the nozzle blasts at whatever pressure is left.',
            'A smaller bore, or less pressure.',
            'choked flow through the bore',
            [Checkpoint::Counter, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $shop = $plan->facts->equipment;
        $bar = $plan->facts->blast?->pressureBar;
        if ($bar === null || $shop->nozzleMm === null || $shop->compressorM3Min === null) {
            return null;
        }
        $needs = Nozzle::freeAirM3Min($shop->nozzleMm, $bar);

        return $needs > $shop->compressorM3Min
            ? Message::of(
                '{bore} at {bar} takes {needs}, the compressor gives {gives}: '
                .'it would settle at {settles}; {fits} would hold',
                [
                    'bore' => Quantity::mm($shop->nozzleMm, 1),
                    'bar' => Quantity::bar($bar),
                    'needs' => Quantity::airFlow($needs),
                    'gives' => Quantity::airFlow($shop->compressorM3Min),
                    'settles' => Quantity::bar(Nozzle::sustainedBar($shop->nozzleMm, $shop->compressorM3Min)),
                    'fits' => Quantity::mm(Nozzle::boreToFitMm($bar, $shop->compressorM3Min), 1),
                ],
            )
            : null;
    }
}
