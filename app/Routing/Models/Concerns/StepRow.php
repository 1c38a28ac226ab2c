<?php

declare(strict_types=1);

namespace App\Routing\Models\Concerns;

use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\StepKind;

/** A row that stores a step of a route. */
trait StepRow
{
    /** As the core takes it; null where it is of a kind this release does not know. */
    public function step(): ?Step
    {
        $kind = StepKind::tryFrom($this->kind);

        return $kind === null ? null : new Step(
            $kind,
            $this->minutes,
            $this->wait_minutes,
            $this->why,
            $this->celsius,
            $this->hold_minutes,
            $this->coat,
            Agents::find($this->agent ?? ''),
        );
    }

    /**
     * @param  string  $why  as it is said to whoever keeps it
     * @return array<string, mixed> a step as it is kept
     */
    public static function kept(Step $step, string $why): array
    {
        return [
            'kind' => $step->kind->value,
            'minutes' => $step->minutes,
            'wait_minutes' => $step->waitMinutes,
            'why' => mb_substr($why, 0, 300),
            'celsius' => $step->celsius,
            'hold_minutes' => $step->holdMinutes,
            'coat' => $step->coat,
            'agent' => $step->agent?->key,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return array_fill_keys(['minutes', 'wait_minutes', 'celsius', 'hold_minutes'], 'float');
    }
}
