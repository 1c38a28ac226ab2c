<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/**
 * Why a fault is there: its usual causes, moved by what the job's record shows, and the check that would tell most.
 *
 * Log-odds of each cause against none of those listed: ln(prior/prior of others) + Σ weights; shares are what that
 * comes to together. What a record does not hold weighs nothing.
 */
final readonly class Diagnosis
{
    /** A check that tells less is not worth the walk, bits. House figure. */
    private const WORTH_BITS = 0.05;

    /**
     * @param  list<LikelyCause>  $causes  the likeliest first
     * @param  float  $other  share of what the list does not name
     */
    private function __construct(
        public DefectKind $defect,
        public array $causes,
        public float $other,
        public ?SettlingCheck $check,
        public float $checkBits,
    ) {
    }

    /**
     * @param  array<string, bool|float>  $record  by the name of the evidence
     * @param  array<string, int>  $confirmed  cause => how often this shop confirmed it of this fault
     *
     * @throws InvalidInput naming the figure
     */
    public static function of(DefectKind $defect, array $record, array $confirmed = []): self
    {
        $seen = self::seen($record);
        $usual = DefectCatalog::usual($defect, $confirmed);
        $moved = [];
        foreach ($defect->causes() as $cause) {
            $weighed = self::weigh($cause, $seen);
            $weights = array_map(fn (WeighedEvidence $one): float => $one->weight, $weighed);
            $odds = log($usual[$cause->value] / DefectCatalog::OTHER) + array_sum($weights);
            $moved[] = [$cause, $weighed, $odds];
        }
        $all = 1 + array_sum(array_map(fn (array $one): float => exp($one[2]), $moved));
        usort($moved, fn (array $a, array $b): int => $b[2] <=> $a[2]);
        $causes = array_map(fn (array $one): LikelyCause => new LikelyCause(
            $one[0], $usual[$one[0]->value], $one[1], $one[2], exp($one[2]) / $all,
        ), $moved);
        [$check, $bits] = self::nextCheck($causes, 1 / $all);

        return new self($defect, $causes, 1 / $all, $check, $bits);
    }

    /** The likeliest cause. */
    public function first(): LikelyCause
    {
        return $this->causes[0];
    }

    /**
     * @param  array<string, bool|float>  $record
     * @return array<string, array{bool|float, float}> the value, and how far it is there: 1 fully, −1 not at all
     */
    private static function seen(array $record): array
    {
        $seen = [];
        foreach ($record as $key => $value) {
            $evidence = Evidence::tryFrom($key) ?? throw InvalidInput::unknownKey(
                $key,
                array_map(fn (Evidence $one): string => $one->value, Evidence::cases()),
            );
            if (is_bool($value) !== $evidence->isFlag()) {
                throw InvalidInput::outside($key, $value, $evidence->isFlag() ? 'true or false' : 'a number');
            }
            $seen[$key] = [$value, is_bool($value) ? ($value ? 1.0 : -1.0) : self::strength($evidence, $value)];
        }

        return $seen;
    }

    private static function strength(Evidence $evidence, float $value): float
    {
        [$least, $most] = $evidence->range() ?? [-INF, INF];
        Check::between($evidence->value, $value, $least, $most);
        [$for, $against] = $evidence->scale() ?? [1.0, 0.0];
        if ($evidence === Evidence::Ground) {
            [$value, $for, $against] = [log10(max(1.0, $value)), log10($for), log10($against)];
        }
        $share = ($value - $against) / ($for - $against);

        return $evidence->isOnlyFor() ? min(1.0, max(0.0, $share)) : min(1.0, max(-1.0, 2 * $share - 1));
    }

    /**
     * @param  array<string, array{bool|float, float}>  $seen
     * @return list<WeighedEvidence>
     */
    private static function weigh(DefectCause $cause, array $seen): array
    {
        $weighed = [];
        foreach (DefectCatalog::weights($cause) as $key => [$there, $absent]) {
            if (isset($seen[$key])) {
                [$value, $strength] = $seen[$key];
                $weight = $strength >= 0 ? $strength * $there : -$strength * $absent;
                $weighed[] = new WeighedEvidence(Evidence::from($key), $value, $weight);
            }
        }
        usort($weighed, fn (WeighedEvidence $a, WeighedEvidence $b): int => abs($b->weight) <=> abs($a->weight));

        return $weighed;
    }

    /**
     * @param  list<LikelyCause>  $causes
     * @return array{?SettlingCheck, float}
     */
    private static function nextCheck(array $causes, float $other): array
    {
        $shares = ['' => $other];
        foreach ($causes as $one) {
            $shares[$one->cause->value] = $one->posterior;
        }
        $best = null;
        $most = self::WORTH_BITS;
        foreach (SettlingCheck::cases() as $check) {
            $bits = $check->bits($shares);
            if ($bits > $most) {
                [$best, $most] = [$check, $bits];
            }
        }

        return [$best, $best === null ? 0.0 : $most];
    }
}
