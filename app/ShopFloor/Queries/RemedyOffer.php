<?php

declare(strict_types=1);

namespace App\ShopFloor\Queries;

/** A remedy on offer: a change made at once, or the page where it is made. */
final readonly class RemedyOffer
{
    /** @param  string|null  $href  where the button leads; null where it changes the part on the spot */
    public function __construct(public string $key, public string $label, public ?string $href)
    {
    }
}
