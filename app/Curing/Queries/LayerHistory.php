<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use App\Intake\Models\Coat;

/** Dose and over-bake that earlier bakes gave one layer. */
final readonly class LayerHistory
{
    public function __construct(public Coat $coat, public float $dose, public ?float $overbake)
    {
    }
}
