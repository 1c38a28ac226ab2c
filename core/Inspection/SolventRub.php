<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;

/** A solvent rub: how many double rubs, how hard, and what they did to the film. */
final readonly class SolventRub
{
    public const RUBS = [25, 50, 100];

    public const RATINGS = [
        5 => 'no effect',
        4 => 'slight dulling, a little colour on the cloth',
        3 => 'marked, hard again within half a minute',
        2 => 'stays soft after half a minute',
        1 => 'through to metal',
    ];

    /** Worse than this is under-cured. */
    private const FAILS_AT = 2;

    /** What a film has had at most that comes off so, whatever was computed. House figures, unverified. */
    private const DOSE_AT_MOST = [1 => 0.5, 2 => 0.8];

    /** The same of a film that was judged short and not rubbed. House figure. */
    public const SHORT_DOSE = 0.8;

    private function __construct(public int $rubs, public int $rating, public RubPressure $pressure)
    {
    }

    /**
     * @param  int  $rubs  double rubs, 1 to 500
     * @param  int  $rating  5 (no effect) to 1 (through to metal)
     */
    public static function of(int $rubs, int $rating, RubPressure $pressure = RubPressure::Firm): self
    {
        return new self(
            (int) Check::between('rubs', $rubs, 1, 500),
            (int) Check::between('rating', $rating, 1, 5),
            $pressure,
        );
    }

    /** Dose a film has had at most that was rated so; null where the rub does not say that it is short. */
    public static function doseAtMost(int $rating): ?float
    {
        return self::DOSE_AT_MOST[$rating] ?? null;
    }

    /**
     * pass, fail (under-cured: back in the oven), or not_judged: the powder never stands solvent, or it was pressed so
     * hard that a bad result says nothing.
     */
    public function verdict(bool $solventProofPowder): string
    {
        $failed = $this->rating <= self::FAILS_AT;

        return match (true) {
            ! $solventProofPowder => 'not_judged',
            $failed && ! $this->pressure->tellsOfHarm() => 'not_judged',
            default => $failed ? 'fail' : 'pass',
        };
    }
}
