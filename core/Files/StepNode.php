<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\UnitSystem;

/** One step of a route as JSON has it. */
final class StepNode
{
    /** @throws InvalidInput */
    public static function read(Node $node): Step
    {
        $node->object(['step', 'minutes', 'wait_min', 'pmt_c', 'hold_min', 'coat', 'agent', 'why', 'station', 'name']);
        $kinds = array_column(StepKind::cases(), 'value');
        $agent = $node->find('agent')?->oneOf(Agents::keys());

        return $node->guard(fn (): Step => new Step(
            StepKind::from($node->need('step', 'one of '.implode(', ', $kinds))->oneOf($kinds)),
            Check::between('minutes', $node->numberOr('minutes', 0.0) ?? 0.0, 0, 1e5),
            Check::between('wait_min', $node->numberOr('wait_min', 0.0) ?? 0.0, 0, 1e5),
            $node->find('why')?->asText() ?? 'as given',
            ($c = $node->numberOr('pmt_c', null)) === null ? null : Check::celsius('pmt_c', $c),
            ($hold = $node->numberOr('hold_min', null)) === null ? null : Check::between('hold_min', $hold, 0, 10080),
            $node->find('coat')?->asWhole(),
            $agent === null ? null : Agents::get($agent),
        ));
    }

    /** @return array<string, mixed> */
    public static function write(Step $step): array
    {
        return array_filter([
            'step' => $step->kind->value,
            'station' => $step->kind->station()->place(),
            'name' => $step->name(),
            'minutes' => round($step->minutes, 1),
            'wait_min' => round($step->waitMinutes, 1),
            'pmt_c' => $step->celsius,
            'hold_min' => $step->holdMinutes,
            'coat' => $step->coat,
            'agent' => $step->agent?->key,
            'why' => $step->why->in(UnitSystem::Metric),
        ], fn (mixed $value): bool => $value !== null);
    }
}
