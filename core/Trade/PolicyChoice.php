<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** One answer to a question on which practitioners disagree. */
interface PolicyChoice extends \BackedEnum
{
    /** What it is called. */
    public function label(): string;

    /** What it buys and what it costs. */
    public function says(): string;
}
