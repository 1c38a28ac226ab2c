<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

/** What policies look at beside the part itself. */
final readonly class AskedFor
{
    /**
     * @param  int  $masksEach  places of one piece that are masked
     * @param  int  $damages  hurts pinned on a piece
     * @param  int  $colours  top colours in the set it belongs to, from 1
     */
    public function __construct(public int $masksEach = 0, public int $damages = 0, public int $colours = 1)
    {
    }
}
