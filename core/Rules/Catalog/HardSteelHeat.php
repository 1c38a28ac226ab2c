<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Dimension;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** Hard steel of unknown temper, or high-strength steel, in any bake past 150 °C, the cure included. */
final class HardSteelHeat extends Rule
{
    /** Case-hardened and bearing steels temper from here on, °C (makers' sheets). */
    public const FROM_C = 150.0;

    public function __construct()
    {
        parent::__construct(
            'hard-steel-heat',
            Group::Metal,
            Severity::Sign,
            'Heat past its temper softens hard steel, and nobody sees it.',
            'Ask the maker for the temper, or sign for the risk.',
            Message::of('case-hardened and bearing steels temper at {range} (makers\' sheets)', [
                'range' => Quantity::range(Dimension::Temperature, self::FROM_C, 180.0),
            ]),
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $hottest = $plan->hottestMetalC();
        $asks = $part->isHardSteel() && ($part->temperC === null || $part->isHighStrength());

        return $asks && $hottest !== null && $hottest > self::FROM_C
            ? Message::of('{part} is {which} and gets {hottest}', [
                'part' => $part->name,
                'which' => $part->isHighStrength() ? 'high-strength steel' : 'hard steel of unknown temper',
                'hottest' => Quantity::celsius($hottest),
            ])
            : null;
    }
}
