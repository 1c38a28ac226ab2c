<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Preparation\Blasting\Sweep;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

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
            Message::of('A finer grain, at {bar} and less, further off.', ['bar' => Quantity::bar(Sweep::MOST_BAR)]),
            self::HOUSE,
            [Checkpoint::Medium, Checkpoint::Blast],
        );
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $medium = $plan->facts->blast?->medium;
        $wall = $part->wallMm();

        return $medium !== null && $medium->hard && ! $medium->fine && $wall !== null && $wall < self::THIN_MM
            ? Message::of('{part} has a mean wall of {wall} and {medium} is coarse', [
                'part' => $part->name,
                'wall' => Quantity::mm($wall, 1),
                'medium' => $medium->name,
            ])
            : null;
    }
}
