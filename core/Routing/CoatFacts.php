<?php

declare(strict_types=1);

namespace Aenum\Core\Routing;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\ClearNeed;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Role;

/** One planned coat. */
final readonly class CoatFacts
{
    /**
     * @param  float  $bakeC  part metal
     * @param  float  $bakeMinutes  at that temperature
     * @param  CoatBase  $over  what it goes on
     * @param  string|null  $zone  where on the part it goes; null for all of it
     * @param  float  $share  of the part's area it covers, above 0 to 1
     * @param  BeforeClear  $beforeClear  what its sheet asks before a clear goes on it
     * @param  ClearNeed  $clear  what its sheet says of a clear on it
     * @param  bool  $tried  this shop has baked it before
     * @param  float|null  $gelMinutes  at the gel temperature, where the coat is only to gel; null for the usual time
     * @param  Chemistry|null  $chemistry  of its powder
     * @param  bool|null  $outdoors  its sheet says it may go outdoors; null where it is silent
     * @param  float|null  $edgeM  length of the edge of its zone on one piece, m; null where nobody measured it
     * @param  bool  $isBakeAssumed  the data sheet gives no gel temperature, so bakeC is a house figure
     */
    public function __construct(
        public Role $role,
        public float $bakeC,
        public float $bakeMinutes,
        public float $filmMicrons,
        public Effect $effect = Effect::Plain,
        public bool $zincRich = false,
        public bool $gasTolerant = false,
        public bool $conductive = false,
        public CoatBase $over = CoatBase::Metal,
        public BeforeClear $beforeClear = BeforeClear::Silent,
        public ?string $zone = null,
        public float $share = 1.0,
        public ClearNeed $clear = ClearNeed::Silent,
        public bool $tried = false,
        public ?float $gelMinutes = null,
        public bool $isBakeAssumed = false,
        public ?Chemistry $chemistry = null,
        public ?bool $outdoors = null,
        public ?float $edgeM = null,
    ) {
    }

    /** Chalks in daylight: its sheet keeps it indoors, or is silent and its chemistry does. */
    public function staysIndoors(): bool
    {
        return ! ($this->outdoors ?? $this->chemistry?->standsDaylight() ?? true);
    }
}
