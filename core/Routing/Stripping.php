<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Preparation\Stripping\Agent;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StripMethod;

/** What the coating on a part is stripped with, if with anything. */
final class Stripping
{
    /** Null where it goes straight to the blast. */
    public static function agent(JobFacts $facts): ?Agent
    {
        $coatings = $facts->part->coatings();
        $way = $facts->house->strip;
        // On large light alloy a stripper and a sweep are cheaper than blasting thin paint or clear off.
        $straight = $way === StripMethod::ByCoating && ! self::isSlow($facts) && ! $facts->part->isLargeLightAlloy();
        $stays = $facts->part->is(PartFlag::OldPrimerTight)
            && array_filter($coatings, fn (ArrivalCondition $on): bool => ! $on->isPaint()) === [];
        if ($coatings === [] || $stays || $way === StripMethod::Blast || $straight) {
            return null;
        }
        $agent =
            $facts->agent ??
            match ($way) {
                StripMethod::Caustic => Agents::get('caustic'),
                StripMethod::BurnOff => Agents::get('burn_off'),
                default => Agents::get('benzyl'),
            };
        $takes = fn (Agent $agent): bool => array_filter($coatings, $agent->takesOff(...)) !== [];
        if ($takes($agent) && self::suits($agent, $facts)) {
            return $agent;
        }
        $usual = Agents::get('benzyl');

        return $takes($usual) ? $usual : null;
    }

    /** Cross-linked coating is on it. */
    public static function isSlow(JobFacts $facts): bool
    {
        return array_filter($facts->part->coatings(), fn (ArrivalCondition $on): bool => $on->isCrossLinked()) !== [];
    }

    /** Whether nothing about the part forbids an agent outright, so that the house's way can be its. */
    private static function suits(Agent $agent, JobFacts $facts): bool
    {
        $part = $facts->part;
        $burns =
            $part->isHardSteel() ||
            $part->isClosedHollow() ||
            $part->paintTest->isPositive() ||
            $part->carries(ArrivalCondition::PlasticCoating);

        return $agent->harms($part->metal) === null && ! ($agent->isFire() && $burns);
    }
}
