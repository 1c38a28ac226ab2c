<?php

declare(strict_types=1);

namespace App\Actions\Cure;

use App\Models\Coat;

/** What earlier bakes gave one layer. */
final readonly class LayerSoFar
{
    public function __construct(public Coat $coat, public float $dose, public ?float $overbake)
    {
    }
}
