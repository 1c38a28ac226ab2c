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

/** Air into the booth's opening below what is usual. */
final class BoothFaceVelocity extends Rule
{
    /** Face velocity of an open booth, m/s (EN 16985); local code comes first. */
    public const USUAL_M_PER_S = 0.5;

    public function __construct()
    {
        parent::__construct(
            'booth-face-velocity',
            Group::Equipment,
            Severity::Warn,
            'Too little air into the booth lets powder out to people and to sparks.',
            Message::of('Clean the filters; {usual} is usual, and local code sets the limit.', [
                'usual' => Quantity::airSpeed(self::USUAL_M_PER_S),
            ]),
            'EN 16985',
            [Checkpoint::Coat],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::ShopFacts];
    }

    public function applies(PartRouting $plan): ?Message
    {
        $speed = $plan->facts->equipment->boothFaceMPerS;

        return $speed !== null && $speed < self::USUAL_M_PER_S
            ? Message::of('the booth draws {speed} at its opening', ['speed' => Quantity::airSpeed($speed)])
            : null;
    }
}
