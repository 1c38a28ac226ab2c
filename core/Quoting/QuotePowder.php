<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** The powder of one coat as a quote takes it. */
final readonly class QuotePowder
{
    /** What a box of powder holds where nobody has said, kg. House figure. */
    public const USUAL_BOX_KG = 20.0;

    private function __construct(
        public float $sg,
        public ?float $priceKg,
        public bool $isSpecial,
        public float $boxKg,
        public ?float $transfer,
        public float $learned,
    ) {
    }

    /**
     * @param  float  $sg  specific gravity, 0.5 to 10
     * @param  ?float  $priceKg  money for a kilogram; null for the shop's usual
     * @param  bool  $isSpecial  not on the shelf: bought by whole boxes
     * @param  float  $boxKg  what a box of it holds
     * @param  float|null  $transfer  first-pass transfer as its sheet or log has it; null for the part's openness
     * @param  float  $learned  factor this shop's weighings have taught of it, above 0 to 5
     *
     * @throws InvalidInput
     */
    public static function of(
        float $sg,
        ?float $priceKg = null,
        bool $isSpecial = false,
        float $boxKg = self::USUAL_BOX_KG,
        ?float $transfer = null,
        float $learned = 1.0,
    ): self {
        return new self(
            Check::between('sg', $sg, 0.5, 10),
            $priceKg === null ? null : Check::between('price_kg', $priceKg, 0, 1e5),
            $isSpecial,
            Check::above('box_kg', $boxKg, 0, 1000),
            $transfer === null ? null : Check::above('transfer', $transfer, 0, 1),
            Check::above('learned', $learned, 0, 5),
        );
    }
}
