<?php

declare(strict_types=1);

namespace Aenum\Core\Coat;

use Aenum\Core\Unit\Check;

/** A spray gun of the shop: what can be set on it, and what it throws. */
final readonly class Gun
{
    /** Where nobody has measured. House figures, unverified. */
    public const USUAL_KV = 100.0;

    public const USUAL_FLOW_G_MIN = 110.0;

    public const USUAL_PATTERN_MM = 240.0;

    public const USUAL_AT_MM = 220.0;

    /** @param  non-empty-list<Tip>  $tips */
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
    ) {
    }

    /**
     * @param  list<Tip>  $tips  none: a flat slot
     * @param  float  $mostKv  highest voltage, above 0 to 200 kV
     * @param  float|null  $lowKv  the low step of a gun of two; null where it has none
     * @param  float|null  $mostUa  highest current limit, above 0 to 1 000 µA; null where it cannot be limited
     * @param  float|null  $flowGPerMin  as a bag caught it, above 0 to 2 000; null where nobody has weighed
     * @param  float|null  $patternMm  width of its cloud, above 0 to 2 000
     * @param  float|null  $patternAtMm  at this distance, above 0 to 2 000
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
    ): self {
        Check::above('most_kv', $mostKv, 0, 200);

        return new self(
            $name,
            $kind,
            $feed,
            $tips === [] ? [Tip::Slot] : $tips,
            $mostKv,
            Check::between('low_kv', $lowKv ?? $mostKv / 2, 0, $mostKv),
            $mostUa === null ? null : Check::above('most_ua', $mostUa, 0, 1000),
            Check::above('flow_g_min', $flowGPerMin ?? self::USUAL_FLOW_G_MIN, 0, 2000),
            Check::above('pattern_mm', $patternMm ?? self::USUAL_PATTERN_MM, 0, 2000),
            Check::above('pattern_at_mm', $patternAtMm ?? self::USUAL_AT_MM, 0, 2000),
            $flowGPerMin !== null,
        );
    }

    /** The first of these it has; its first otherwise. */
    public function tip(Tip ...$wanted): Tip
    {
        foreach ($wanted as $tip) {
            if (in_array($tip, $this->tips, true)) {
                return $tip;
            }
        }

        return $this->tips[0];
    }

    /** A wanted voltage as it can be set: a gun of two steps takes the nearer one. */
    public function kv(float $wanted): float
    {
        return $this->kind === GunKind::TwoStep
            ? (abs($wanted - $this->lowKv) <= abs($wanted - $this->mostKv) ? $this->lowKv : $this->mostKv)
            : min($wanted, $this->mostKv);
    }
}
