<?php

declare(strict_types=1);

namespace App\Routing\Queries;

use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;

/** The wait a batch is in: not before, and not later than. */
final readonly class BatchPause
{
    private function __construct(public string $says, public bool $waits, public bool $late)
    {
    }

    /** Null where nothing is waited for and nothing presses. */
    public static function of(RoutingProgress $walk): ?self
    {
        $pause = $walk->pause();
        $at = fn (float $minutes): string => ShopClock::time(ShopClock::now()->addSeconds((int) round(60 * $minutes)));
        if ($pause->waitMinutes > 0) {
            return new self("it waits until {$at($pause->waitMinutes)}: {$pause->waitWhy}", true, false);
        }
        if ($pause->leftMinutes === null) {
            return null;
        }

        return new self(
            $pause->isLate()
                ? sprintf(
                    '%s was due by %s and is %s late: %s',
                    $pause->leftFor,
                    $at($pause->leftMinutes),
                    Units::minutes(-$pause->leftMinutes),
                    $pause->leftWhy,
                )
                : "{$pause->leftFor} is due by {$at($pause->leftMinutes)}: {$pause->leftWhy}",
            false,
            $pause->isLate(),
        );
    }

    /** What keeps it from moving on in silence; null where nothing does. */
    public function holds(): ?string
    {
        return $this->waits || $this->late ? rtrim($this->says, '.') : null;
    }
}
