<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Trade\StepKind;

/**
 * Which step of a route is meant, however the route is reordered: its kind, its coat, and which of those alike it is.
 */
final readonly class StepKey
{
    /**
     * @param  int|null  $coat  which coat, from 1, where the step belongs to one
     * @param  int  $turn  which of the steps of that kind and coat, from 1
     */
    public function __construct(public StepKind $kind, public ?int $coat = null, public int $turn = 1)
    {
    }

    /**
     * Keys of a route's steps, in their order.
     *
     * @param  list<Step>  $steps
     * @return list<self>
     */
    public static function all(array $steps): array
    {
        $seen = [];

        return array_map(function (Step $step) use (&$seen): self {
            $like = $step->kind->value.':'.$step->coat;
            $seen[$like] = ($seen[$like] ?? 0) + 1;

            return new self($step->kind, $step->coat, $seen[$like]);
        }, $steps);
    }

    /** As it stands in a form: kind, coat and turn, such as "bake-2-1"; no coat is 0. */
    public function text(): string
    {
        return sprintf('%s-%d-%d', $this->kind->value, $this->coat ?? 0, $this->turn);
    }
}
