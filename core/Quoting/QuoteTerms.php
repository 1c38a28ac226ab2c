<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** What a shop charges by: its prices, its policies, and what its own record has taught. */
final readonly class QuoteTerms
{
    /** A colour change serves several jobs; one bears this share of it. House figure, unverified. */
    public const CHANGE_SHARE = 0.5;

    /** Kept back of a special colour for a redo, as a share. House figure, unverified. */
    public const REDO_RESERVE = 0.25;

    /** Spraying, baking and reading a test panel of a special colour, min. House figure, unverified. */
    public const PANEL_MIN = 35.0;

    /** Of ten lots nobody has logged yet, so many would come back. House figure, unverified. */
    private const PRIOR_LOTS = 10.0;

    private const PRIOR_SHARE = 0.05;

    /**
     * @param  array<string, ShopFactor>  $learned  line => actual minutes over planned
     * @param  array<string, PolicyOption>  $policies  by policy; those not named go as usual
     */
    private function __construct(
        public float $hour,
        public float $powderKg,
        public float $mediaKg,
        public float $kwh,
        public float $ambientC,
        public float $changeMin,
        public array $learned,
        public array $policies,
        public int $reworked,
        public int $lots,
        public string $reworkOf,
    ) {
    }

    /**
     * @param  float  $hour  money for an hour of hands, and so on
     * @param  float  $changeMin  a colour change in this booth, min
     * @param  array<string, ShopFactor>  $learned  line => actual minutes over planned
     * @param  array<string, PolicyOption>  $policies  by policy
     * @param  int  $reworked  of the lots like it that were handed over, so many had been mended
     * @param  string  $reworkOf  what those lots were, in words
     *
     * @throws InvalidInput
     */
    public static function of(
        float $hour,
        float $powderKg,
        float $mediaKg,
        float $kwh,
        float $ambientC = 20.0,
        float $changeMin = 25.0,
        array $learned = [],
        array $policies = [],
        int $reworked = 0,
        int $lots = 0,
        string $reworkOf = 'lots like it',
    ): self {
        $prices = ['hour' => $hour, 'powder_kg' => $powderKg, 'media_kg' => $mediaKg, 'kwh' => $kwh];
        foreach ($prices + ['change_min' => $changeMin] as $name => $price) {
            Check::between($name, $price, 0, 1e5);
        }
        Check::between('reworked', $reworked, 0, $lots);

        return new self(
            $hour, $powderKg, $mediaKg, $kwh, $ambientC, $changeMin, $learned, $policies, $reworked, $lots, $reworkOf,
        );
    }

    /** How a policy goes in this shop. */
    public function policy(Policy $policy): PolicyOption
    {
        return $this->policies[$policy->value] ?? $policy->usual();
    }

    /** Share of lots like it to be expected back: the shop's record and, while it is short, the house figure. */
    public function reworkShare(): float
    {
        return ($this->reworked + self::PRIOR_LOTS * self::PRIOR_SHARE) / ($this->lots + self::PRIOR_LOTS);
    }

    /** What that share rests on, in words. */
    public function reworkWords(): string
    {
        return $this->lots === 0
            ? 'nothing of its kind was handed over yet: the house figure'
            : "{$this->reworked} of {$this->lots} {$this->reworkOf} had been mended, and the house figure";
    }
}
