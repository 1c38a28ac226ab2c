<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\Wilson;

/** A share with its sample size and interval. */
final readonly class ShareRow
{
    private function __construct(public string $name, public Wilson $share)
    {
    }

    public static function of(string $name, int $of, int $n): self
    {
        return new self($name, Wilson::of($of, $n));
    }

    /** As it is read out: never without how many it is of. */
    public function words(): string
    {
        return sprintf(
            '%d of %d, %.0f %% (%.0f to %.0f %%)',
            $this->share->of,
            $this->share->n,
            100 * $this->share->share,
            100 * $this->share->low,
            100 * $this->share->high,
        );
    }
}
