<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class RackTooLarge extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'rack-too-large',
            Group::Equipment,
            Severity::Stop,
            'A rack that does not go into the oven is hung for nothing.',
            'Fewer pieces on it, or closer.',
            self::PRACTICE,
            [Checkpoint::MaskAndHang],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::SmallerRack, Remedy::FewerAtATime];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $rack = $plan->facts->rack;
        $oven = $plan->facts->equipment->ovenMm;

        return $rack !== null && $oven !== null && ! $rack->fitsIn($oven)
            ? Message::of('the rack is {rack}, the oven is {oven}', [
                'rack' => Quantity::sides(...array_map(round(...), $rack->boxMm())),
                'oven' => Quantity::sides(...$oven),
            ])
            : null;
    }
}
