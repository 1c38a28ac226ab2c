<?php

declare(strict_types=1);

namespace Aenum\Core\Rules\Catalog;

use Aenum\Core\Materials\ReliefBake;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Group;
use Aenum\Core\Rules\Remedy;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

final class ReliefBakeMissing extends Rule
{
    public function __construct()
    {
        parent::__construct(
            'relief-bake-missing',
            Group::Metal,
            Severity::Stop,
            'Hydrogen from the acid stays in strong steel unless it is baked out at once; a bake before the acid, '.
                'or after the powder, counts for nothing.',
            Message::of(
                'After the acid, begun within {within}: {least} to {most}, never above the temper, and long enough.',
                [
                    'within' => Quantity::minutes(ReliefBake::WITHIN_MIN),
                    'least' => Quantity::celsius(ReliefBake::LEAST_C),
                    'most' => Quantity::celsius(ReliefBake::MOST_C),
                ],
            ),
            'ISO 9588',
            [Checkpoint::Route, Checkpoint::DoorShut],
        );
    }

    /** @return non-empty-list<Remedy> */
    public function remedies(): array
    {
        return [Remedy::PlannedRouting];
    }

    public function applies(PartRouting $plan): Message|string|null
    {
        $part = $plan->facts->part;
        if (! $part->isHardSteel() || ! $plan->usesAcid()) {
            return null;
        }
        $acid = (int) $plan->last(fn (Step $step): bool => $step->agent->acid ?? false);
        $at = $plan->firstFrom($acid, StepKind::ReliefBake);
        $coat = $plan->first(StepKind::Coat);
        if ($at === null || ($coat !== null && $coat < $at)) {
            return "{$part->name} is hard steel, acid is planned, and no relief bake follows it before the powder";
        }
        $bake = $plan->steps[$at];
        $most = ReliefBake::mostC($part->temperC);
        $hold = ReliefBake::holdMinutes($part->strengthMpa);

        return match (true) {
            $plan->minutesBetween($acid, $at) > ReliefBake::WITHIN_MIN => Message::of(
                'the relief bake of {part} begins {after} after the acid',
                ['part' => $part->name, 'after' => Quantity::minutes($plan->minutesBetween($acid, $at))],
            ),
            ($bake->celsius ?? 0.0) < ReliefBake::LEAST_C || $bake->celsius > $most => Message::of(
                'the relief bake of {part} is set to {set}; it must be {least} to {most}',
                [
                    'part' => $part->name,
                    'set' => Quantity::celsius($bake->celsius ?? 0.0),
                    'least' => Quantity::celsius(ReliefBake::LEAST_C),
                    'most' => Quantity::celsius($most),
                ],
            ),
            ($bake->holdMinutes ?? 0.0) < $hold => Message::of(
                'the relief bake of {part} holds {set}; steel as strong needs {hold}',
                [
                    'part' => $part->name,
                    'set' => Quantity::minutes($bake->holdMinutes ?? 0.0),
                    'hold' => Quantity::minutes($hold),
                ],
            ),
            default => null,
        };
    }
}
