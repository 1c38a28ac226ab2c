<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Preparation\Racking\Ground;
use Aenum\Core\Units\Check;

/** Share of the sprayed powder that lands on a part, and what it is made of. */
final readonly class Transfer
{
    /** House figures, unverified. */
    private const RECOAT = -0.10;

    private const WARM = 0.10;

    private const POOR_EARTH = -0.15;

    /** Nothing lands worse or better than this. House figures, unverified. */
    private const LEAST = 0.10;

    private const MOST = 0.95;

    /** @param  array<string, float>  $parts  what moved it => by how much */
    private function __construct(public float $share, public float $plainShare, public array $parts)
    {
    }

    /**
     * @param  float|null  $sheet  first-pass transfer on a flat panel, as the powder's sheet has it, above 0 to 1; what
     *                             stands in the way of the cloud lowers it in proportion
     * @param  Ground|null  $ground  null where it was not measured
     * @param  float  $learned  factor this shop's weighings have taught, above 0 to 5
     */
    public static function of(
        Openness $openness,
        bool $recoat,
        bool $warm,
        ?Ground $ground,
        ?float $sheet = null,
        float $learned = 1.0,
    ): self {
        $own = $sheet === null ? null : Check::above('first_pass_transfer', $sheet, 0, 1);
        $shape = $openness->transfer() / Openness::Panel->transfer();
        $parts = array_filter([
            ...$own === null ? [$openness->label() => $openness->transfer()] : [
                'the powder\'s own' => $own,
                $openness->label() => $own * ($shape - 1),
            ],
            'over another coat' => $recoat ? self::RECOAT : 0.0,
            'warm metal' => $warm ? self::WARM : 0.0,
            'poor earth' => $ground !== null && $ground !== Ground::Good ? self::POOR_EARTH : 0.0,
        ], fn (float $by): bool => $by !== 0.0);
        $plain = max(self::LEAST, min(self::MOST, array_sum($parts)));

        return new self(
            max(self::LEAST, min(self::MOST, $plain * Check::above('learned', $learned, 0, 5))),
            $plain,
            $parts,
        );
    }

    /** What it is made of, in a sentence. */
    public function words(): string
    {
        $says = [];
        foreach ($this->parts as $what => $by) {
            $sign = $by < 0 ? '−' : '+';
            $says[] = $what.' '.($says === [] ? '' : $sign).round(100 * abs($by)).' %';
        }

        return 'Transfer: '.implode(', ', $says).'.';
    }
}
