<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class ReliefBakeLate extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-late',
            Group::Metal,
            Severity::Stop,
            'A relief bake that begins too late finds the cracks already there.',
            'Show the part to whoever answers for it; it may not go on as if nothing were.',
            'ISO 9588',
            [Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ReliefBake];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $part = $plan->facts->part;
        $since = $plan->floor->sinceAcidMin;

        return $part->isHardSteel() && $since !== null && $since > ReliefBake::WITHIN_MIN
            ? Message::of('{part} is hard steel, and the acid on it ended {since} ago', [
                'part' => $part->name,
                'since' => Quantity::minutes($since),
            ])
            : null;
    }
}
