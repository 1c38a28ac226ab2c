<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Units\Check;

/** A spray gun of the shop: what can be set on it, and what it throws. */
final readonly class Gun
{
    /** Where nobody has measured. House figures, unverified. */
    public const USUAL_KV = 100.0;

    public const USUAL_FLOW_G_MIN = 110.0;

    public const USUAL_PATTERN_MM = 240.0;

    public const USUAL_AT_MM = 220.0;

    /** Corona current of a gun without a current limit at this voltage, µA and kV. House figures, unverified. */
    private const FREE_UA = 60.0;

    private const FREE_AT_KV = 80.0;

    /** Of that, a gun that charges positive draws this share. House figure, unverified. */
    private const POSITIVE_SHARE = 0.6;

    /** @param  non-empty-list<Nozzle>  $tips */
    private function __construct(
        public string $name,
        public GunKind $kind,
        public Feed $feed,
        public array $tips,
        public float $mostKv,
        public float $lowKv,
        public ?float $mostUa,
        public float $flowGPerMin,
        public float $patternMm,
        public float $patternAtMm,
        public bool $isMeasured,
        public bool $isPositive,
        public AirUnit $airUnit,
        public ?float $usualAir,
    ) {
    }

    /**
     * @param  list<Nozzle>  $tips  none: a flat slot
     * @param  float  $mostKv  highest voltage, above 0 to 200 kV
     * @param  float|null  $lowKv  the low step of a gun of two; null where it has none
     * @param  float|null  $mostUa  highest current limit, above 0 to 1 000 µA; null where it cannot be limited
     * @param  float|null  $flowGPerMin  as a bag caught it, above 0 to 2 000; null where nobody has weighed
     * @param  float|null  $patternMm  width of its cloud, above 0 to 2 000
     * @param  float|null  $patternAtMm  at this distance, above 0 to 2 000
     * @param  bool  $isPositive  charges the powder positive: fewer free ions at the same voltage
     * @param  AirUnit  $airUnit  what its powder air is set in
     * @param  float|null  $usualAir  its usual setting in that unit, above 0 to 10 000; null where nobody said
     */
    public static function of(
        string $name,
        GunKind $kind,
        Feed $feed,
        array $tips = [],
        float $mostKv = self::USUAL_KV,
        ?float $lowKv = null,
        ?float $mostUa = null,
        ?float $flowGPerMin = null,
        ?float $patternMm = null,
        ?float $patternAtMm = null,
        bool $isPositive = false,
        AirUnit $airUnit = AirUnit::Ratio,
        ?float $usualAir = null,
    ): self {
        Check::above('most_kv', $mostKv, 0, 200);

        return new self(
            $name,
            $kind,
            $feed,
            $tips === [] ? [Nozzle::Slot] : $tips,
            $mostKv,
            Check::between('low_kv', $lowKv ?? $mostKv / 2, 0, $mostKv),
            $mostUa === null ? null : Check::above('most_ua', $mostUa, 0, 1000),
            Check::above('flow_g_min', $flowGPerMin ?? self::USUAL_FLOW_G_MIN, 0, 2000),
            Check::above('pattern_mm', $patternMm ?? self::USUAL_PATTERN_MM, 0, 2000),
            Check::above('pattern_at_mm', $patternAtMm ?? self::USUAL_AT_MM, 0, 2000),
            $flowGPerMin !== null,
            $isPositive,
            $airUnit,
            $usualAir === null ? null : Check::above('air_usual', $usualAir, 0, 10000),
        );
    }

    /** The first of these it has; its first otherwise. */
    public function tip(Nozzle ...$wanted): Nozzle
    {
        foreach ($wanted as $tip) {
            if (in_array($tip, $this->tips, true)) {
                return $tip;
            }
        }

        return $this->tips[0];
    }

    /**
     * Returns a wanted voltage as it can be set. A gun of two steps has its low one for recesses and second coats, its
     * high one for faces, whatever its voltages are.
     *
     * @param  bool  $isLow  for a recess, or over a film
     */
    public function kv(float $wanted, bool $isLow): float
    {
        return $this->kind === GunKind::TwoStep
            ? ($isLow ? $this->lowKv : $this->mostKv)
            : min($wanted, $this->mostKv);
    }

    /**
     * Returns the current at a voltage, µA: as wanted where the gun limits it, else what its corona draws, which grows
     * with the square of the voltage.
     */
    public function microAmps(float $wantedUa, float $kv): float
    {
        return $this->kind->limitsCurrent()
            ? min($wantedUa, $this->mostUa ?? INF)
            : self::FREE_UA * ($kv / self::FREE_AT_KV) ** 2 * ($this->isPositive ? self::POSITIVE_SHARE : 1.0);
    }

    /** Returns powder air as it is read on this gun, with its unit, from its ratio to the usual. */
    public function airWords(float $ratio): string
    {
        return $this->airScale()->show($this->airSetting($ratio));
    }

    /** Returns powder air as it is set on this gun, from its ratio to the usual. */
    public function airSetting(float $ratio): float
    {
        return $this->airScale() === AirUnit::Ratio ? $ratio : $ratio * (float) $this->usualAir;
    }

    /** Returns what its powder air is told in: its own unit, where its usual setting is known. */
    public function airScale(): AirUnit
    {
        return $this->usualAir === null ? AirUnit::Ratio : $this->airUnit;
    }

    /** Returns the ratio to the usual of powder air as it is read on this gun. */
    public function airRatio(float $setting): float
    {
        return $this->airScale() === AirUnit::Ratio ? $setting : $setting / (float) $this->usualAir;
    }
}
