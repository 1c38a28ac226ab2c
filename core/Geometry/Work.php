<?php

declare(strict_types=1);

namespace Aenum\Core\Geometry;

use Aenum\Core\Units\InvalidInput;

/**
 * How much work a mesh may make: faces that lie over each other a thousand times over are no part, and would keep a
 * shop waiting.
 */
final class Work
{
    /** Cells looked at in all; a million faces of one part come to a few million. House figure. */
    public const CELLS = 20_000_000;

    /** Faces met along rays in all, which are kept until the end. House figure. */
    public const MET = 500_000;

    public function __construct(private int $left)
    {
    }

    /** @throws InvalidInput where that was too much */
    public function spend(int $cells): void
    {
        $this->left -= $cells;
        if ($this->left < 0) {
            throw InvalidInput::unreadable(
                '',
                'has faces that lie over each other thousands of times',
                'the outside of a part, each place of it once',
            );
        }
    }
}
