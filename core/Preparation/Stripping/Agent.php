<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Stripping;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Trade\ArrivalCondition;

/** A way of taking something off that is not blasting: a chemical family, or fire. */
final readonly class Agent
{
    /**
     * @param  array<string, array{float, float}>  $takes  by ArrivalCondition: minutes it must stay, minutes
     *                                                     after which it has dried or bites
     * @param  int  $coats  how often it is put on
     * @param  float  $minutesPerM2  hands, to a square metre and coat
     * @param  float  $litresPerM2  to a square metre and coat; 0 for fire
     * @param  bool  $acid  drives hydrogen into hardened steel, and bites zinc and light metal
     * @param  float|null  $celsius  part metal, where it heats the part
     * @param  float  $waitAfter  minutes it must wait after that before anything else is done to it
     * @param  array<string, string>  $never  MetalFamily => why not
     * @param  array<string, string>  $withName  MetalFamily => why a name is needed
     * @param  string  $source  where the figures are from
     * @param  list<string>  $tips  what makes it work
     * @param  list<string>  $asksProduct  MetalFamily values on which only a product made for them may be used
     * @param  string|null  $respirator  the class its vapor asks for; null where ventilation is enough
     * @param  bool  $isRegulated  its use is banned or needs a permit in many places
     */
    public function __construct(
        public string $key,
        public string $name,
        public array $takes,
        public int $coats,
        public float $minutesPerM2,
        public float $litresPerM2,
        public bool $acid,
        public ?float $celsius,
        public ?string $rinse,
        public ?string $neutralise,
        public float $waitAfter,
        public string $waitWhy,
        public array $never,
        public array $withName,
        public string $gloves,
        public string $caution,
        public string $waste,
        public string $source,
        public array $tips = [],
        public array $asksProduct = [],
        public ?string $respirator = null,
        public bool $isRegulated = false,
    ) {
    }

    /** Litres for so much, every coat of it. */
    public function litresFor(float $areaM2): float
    {
        return $this->litresPerM2 * $this->coats * $areaM2;
    }

    /** Whether it takes that off. */
    public function takesOff(ArrivalCondition $on): bool
    {
        return isset($this->takes[$on->value]);
    }

    /** Longest it must stay for anything of these, min; 0 where it takes none of them. */
    public function dwell(ArrivalCondition ...$on): float
    {
        return max([
            0.0,
            ...array_map(fn (ArrivalCondition $one): float => $this->takes[$one->value][0] ?? 0.0, array_values($on)),
        ]);
    }

    /**
     * Returns the minutes after which it has been on too long, INF where that does no harm: the limit of whatever must
     * stay longest, so never less than dwell(). What needs less time lies above it, and is off by then.
     */
    public function tooLong(ArrivalCondition ...$on): float
    {
        $dwell = $this->dwell(...$on);
        $slowest = array_filter(
            $on,
            fn (ArrivalCondition $one): bool => ($this->takes[$one->value][0] ?? -1.0) === $dwell,
        );

        return min(
            [
                INF,
                ...array_map(fn (ArrivalCondition $one): float => $this->takes[$one->value][1], array_values($slowest)),
            ],
        );
    }

    /** Why it must never touch a metal; null where it may. */
    public function harms(Metal $metal): ?string
    {
        return $this->never[$metal->family->value] ??
            ($this->isFire() && $metal->holdsZinc ? Agents::ZINC_FUME : null);
    }

    /** Why it needs a name on a metal; null where it does not. */
    public function asksName(Metal $metal): ?string
    {
        return $this->withName[$metal->family->value] ?? null;
    }

    /** Burns rather than dissolves. */
    public function isFire(): bool
    {
        return $this->celsius !== null;
    }

    /** Whether it is an acid on a metal that only a product made for it may touch. */
    public function needsProductFor(Metal $metal): bool
    {
        return $this->acid && in_array($metal->family->value, $this->asksProduct, true);
    }
}
