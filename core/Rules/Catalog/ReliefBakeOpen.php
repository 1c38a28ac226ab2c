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

/** Acid was on strong steel, and no relief bake that serves has followed it yet. */
final class ReliefBakeOpen extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-open',
            Group::Metal,
            Severity::Stop,
            'Under powder the hydrogen stays in the steel, and it breaks later without warning.',
            'Relief-bake it first, as its route says.',
            'ISO 9588',
            [Checkpoint::Coat],
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

        return $part->isHardSteel() && $since !== null
            ? Message::of('{part} is hard steel, the acid on it ended {since} ago, and it was not relief-baked since', [
                'part' => $part->name,
                'since' => Quantity::minutes($since),
            ])
            : null;
    }
}
