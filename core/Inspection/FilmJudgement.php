<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Trade\FilmCriterion;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/**
 * Film readings against the band of everything that lies there: accepted or not, and how many more would settle it.
 *
 * A gauge reads the whole stack, so the band is the sum of the coats' on that spot.
 */
final readonly class FilmJudgement
{
    /** No reading under this share of the nominal. */
    private const LEAST_OF_NOMINAL = 0.8;

    /** No reading over this share of the upper limit, where the mean is held against the nominal. House figure. */
    private const MOST_OF_UPPER = 1.2;

    /** A spot may lie so far outside the limits. */
    private const SPOT_BELOW = 0.8;

    private const SPOT_ABOVE = 1.2;

    public const TO_A_SPOT = 3;

    /** Spots to every ten square meters begun. */
    private const SPOTS_TO_10_M2 = 5;

    private const SPOTS_AREA_M2 = 10.0;

    /** Fewer spots than this give no verdict. */
    public const LEAST_SPOTS = 3;

    /** Nobody reads more often than that. */
    private const MOST_READINGS = 100000;

    private const ROUNDING = 1e-9;

    /**
     * @param  bool|null  $ok  null where there are too few spots for a verdict
     * @param  list<float>  $spots  means of three readings each, readings left over a spot of their own; none where
     *                              they are not judged so
     * @param  int  $spotsWanted  by the area; 0 where they are not judged so
     */
    private function __construct(
        public FilmReadings $film,
        public float $lowUm,
        public float $highUm,
        public FilmCriterion $way,
        public ?float $nominalUm,
        public ?bool $ok,
        public ?int $more,
        public array $spots,
        public int $spotsWanted,
    ) {
    }

    /**
     * @param  float  $lowUm  0 to 5 000
     * @param  float  $highUm  at least the lower limit, to 5 000
     * @param  float|null  $nominalUm  asked of the way of the nominal only
     * @param  float|null  $areaM2  coated, above 0 to 100 000: how many spots are wanted; up to 10 m² where null
     *
     * @throws InvalidInput
     */
    public static function of(
        FilmReadings $film,
        float $lowUm,
        float $highUm,
        FilmCriterion $way,
        ?float $nominalUm = null,
        ?float $areaM2 = null,
    ): self {
        $areaM2 === null ?: Check::above('area_m2', $areaM2, 0, 100000);
        Check::between('band_um[0]', $lowUm, 0, FilmReadings::THICKEST_UM);
        Check::between('band_um[1]', $highUm, $lowUm, FilmReadings::THICKEST_UM);
        if ($way === FilmCriterion::Eighty && $nominalUm === null) {
            throw InvalidInput::missing('nominal_um', 'a film above 0, where the way is eighty');
        }
        $nominalUm === null ?: Check::above('nominal_um', $nominalUm, 0, FilmReadings::THICKEST_UM);
        $spots = $way === FilmCriterion::Spot ? self::spots($film) : [];

        return new self($film, $lowUm, $highUm, $way, $nominalUm, match ($way) {
            FilmCriterion::Plain => $film->least >= $lowUm && $film->most <= $highUm,
            FilmCriterion::Eighty => self::atNominal($film, (float) $nominalUm, $highUm),
            FilmCriterion::Spot => self::spotsHold($spots, $lowUm, $highUm),
        }, self::moreReadings(
            $film,
            $lowUm,
            $highUm,
        ), $spots, $way === FilmCriterion::Spot ? self::wanted($areaM2) : 0);
    }

    /** Why there is no verdict, or what is still wanted; null where nothing is. */
    public function why(): ?string
    {
        $missing = $this->spotsWanted - count($this->spots);

        return match (true) {
            $this->way !== FilmCriterion::Spot, $missing <= 0 => null,
            $this->ok === null => 'No verdict from '.count($this->spots).' of '.$this->spotsWanted
                .' spots: take at least '.self::LEAST_SPOTS.', three readings each.',
            default => "Take {$missing} more ".($missing === 1 ? 'spot' : 'spots').": {$this->spotsWanted} are wanted.",
        };
    }

    /** In words: the readings, the band, and the verdict. */
    public function words(): Message
    {
        return Message::of('{film}; asked {band}, {way}: {verdict}', [
            'film' => $this->film->words(),
            'band' => Quantity::microns($this->lowUm, $this->highUm),
            'way' => $this->way->label(),
            'verdict' => match ($this->ok) {
                true => 'within',
                false => 'outside',
                null => 'no verdict',
            },
        ]);
    }

    /** How sure the mean is on its side of the nearest limit. */
    public function settledWords(): string
    {
        return match ($this->more) {
            null => $this->film->n === 1
                ? 'One reading says nothing of the spread: take at least three.'
                : 'The mean lies on the limit: no number of readings settles it.',
            0 => 'Enough readings: the mean is on its side of the nearest limit, 19 times in 20.',
            1 => 'One more reading like these would settle on which side of the nearest limit the mean lies.',
            default => "{$this->more} more readings like these would settle on which side of the nearest limit the "
                .'mean lies.',
        };
    }

    /** Whether it is too little that is wrong with it. */
    public function isThin(): bool
    {
        return $this->ok === false && $this->film->least < ($this->nominalUm ?? $this->lowUm);
    }

    private static function atNominal(FilmReadings $film, float $nominal, float $high): bool
    {
        return $film->mean >= $nominal - self::ROUNDING
            && $film->least >= self::LEAST_OF_NOMINAL * $nominal - self::ROUNDING
            && $film->most <= self::MOST_OF_UPPER * $high + self::ROUNDING;
    }

    private static function wanted(?float $areaM2): int
    {
        return self::SPOTS_TO_10_M2 * (int) max(1, ceil(($areaM2 ?? 0.0) / self::SPOTS_AREA_M2));
    }

    /** @return list<float> */
    private static function spots(FilmReadings $film): array
    {
        return array_map(
            fn (array $spot): float => array_sum($spot) / count($spot),
            array_chunk($film->microns, self::TO_A_SPOT),
        );
    }

    /** @param  list<float>  $spots */
    private static function spotsHold(array $spots, float $low, float $high): ?bool
    {
        if ($spots === [] || count($spots) < self::LEAST_SPOTS) {
            return null;
        }
        $mean = array_sum($spots) / count($spots);

        return min($spots) >= self::SPOT_BELOW * $low - self::ROUNDING
            && max($spots) <= self::SPOT_ABOVE * $high + self::ROUNDING
            && $mean >= $low - self::ROUNDING && $mean <= $high + self::ROUNDING;
    }

    /**
     * Readings still to take until t(0.975, k − 1)·s/√k is no more than the distance of the mean from the nearest
     * limit, were the others to spread as these do.
     */
    private static function moreReadings(FilmReadings $film, float $low, float $high): ?int
    {
        $distance = min(abs($film->mean - $low), abs($film->mean - $high));
        if ($film->deviation === null || $distance === 0.0) {
            return null;
        }
        $settles = fn (int $k): bool => StudentT::quantile(StudentT::TWO_SIDED_95, $k - 1) * $film->deviation
            / sqrt($k) <= $distance;
        if ($settles($film->n)) {
            return 0;
        }
        [$short, $enough] = [$film->n, self::MOST_READINGS];
        if (! $settles($enough)) {
            return null;
        }
        while ($enough - $short > 1) {
            $middle = intdiv($short + $enough, 2);
            [$short, $enough] = $settles($middle) ? [$short, $middle] : [$middle, $enough];
        }

        return $enough - $film->n;
    }
}
