<?php

declare(strict_types=1);

namespace Aenum\Core\Advice;

use Aenum\Core\Preparation\Blasting\Access;
use Aenum\Core\Preparation\Blasting\Medium;

/** What somebody has turned at the blast bench; null where it is left to the bench. */
final readonly class BlastSetting
{
    /**
     * @param  float|null  $bar  wanted at the nozzle, gauge
     * @param  float|null  $mixture  kg of media to a kg of air
     */
    public function __construct(
        public ?Medium $medium = null,
        public ?float $bar = null,
        public ?float $mixture = null,
        public ?Access $access = null,
    ) {
    }
}
