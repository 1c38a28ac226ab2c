<?php

declare(strict_types=1);

namespace App\Curing\ViewModels;

use App\Curing\Queries\BakeState;
use App\Curing\Queries\LoadCorrection;
use App\Platform\Clock\ShopClock;

/** A bake at the current time, in words for its page. */
final readonly class BakeViewModel extends BakeState
{
    /** Where the load is, when it went in and by whose hand. */
    public function storyLine(): string
    {
        $in = ShopClock::time($this->bake->shut_at ?? $this->now);

        return match (true) {
            $this->bake->isRunning() => "Door shut at {$in} by {$this->bake->shutBy?->name}",
            $this->bake->isPulled() => "In at {$in}, pulled at ".ShopClock::time($this->bake->pulled_at ?? $this->now)
                ." by {$this->bake->pulledBy?->name}",
            default => 'Not in the oven yet',
        };
    }

    /** How sure the minutes are, and since which log. */
    public function sureLine(): string
    {
        return LoadCorrection::sureLine($this->bake, $this->earliest !== null, $this->readItems());
    }
}
