<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** How a policy goes: off, for a price, or not at all. */
final readonly class PolicyOption
{
    private function __construct(public bool $isOn, public bool $refuses, public float $figure)
    {
    }

    /** As a switch has it: off, refuse or at. */
    public function word(): string
    {
        return match (true) {
            ! $this->isOn => 'off',
            $this->refuses => 'refuse',
            default => 'at',
        };
    }

    /** It does not count. */
    public static function off(): self
    {
        return new self(false, false, 0.0);
    }

    /** The work is refused. */
    public static function refuse(): self
    {
        return new self(true, true, 0.0);
    }

    /**
     * With its figure: money, a share or a factor, as the policy has it.
     *
     * @throws InvalidInput
     */
    public static function at(float $figure): self
    {
        return new self(true, false, Check::between('figure', $figure, 0, 1e6));
    }
}
