<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Preparation\Blasting\ShopFactor;
use Aenum\Core\Routing\CostEstimate;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartHeats;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\Step;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** What a part costs at a count: lines with minutes, material and money, and what is refused. */
final readonly class PartQuote
{
    private const JOULES_PER_KWH = 3.6e6;

    /**
     * @param  list<QuoteLine>  $lines
     * @param  list<string>  $refused  why the shop does not take it, by its policies
     */
    private function __construct(
        public int $count,
        public array $lines,
        public array $refused,
        public float $lowMinutes,
        public float $highMinutes,
        public bool $isMeasured,
        public float $deposit,
    ) {
    }

    /**
     * @param  PartRouting  $plan  its route at this count
     * @param  list<QuotePowder>  $powders  of the coats, from the metal up
     * @param  float  $mediaKg  worn away by the blast, all pieces
     * @param  float  $roomShare  of the oven it fills, above 0 to 1; what it leaves free others use
     */
    public static function of(
        PartRouting $plan,
        array $powders,
        QuoteTerms $terms,
        float $mediaKg = 0.0,
        float $roomShare = 1.0,
        AskedFor $asked = new AskedFor(),
    ): self {
        $facts = $plan->facts;
        $special = array_filter($powders, fn (QuotePowder $powder): bool => $powder->isSpecial) !== [];
        $twoTone = array_filter($facts->coats, fn ($coat): bool => $coat->zone !== null) !== [];
        $lines = [
            ...self::work($plan, $powders, $terms, $mediaKg, $roomShare, $twoTone),
            ...self::special($facts, $powders, $terms),
        ];
        [$extra, $refused] = self::extras($facts, $terms, $special, $twoTone, $asked);
        $lines = [...$lines, ...$extra, self::risk($lines, $terms)];
        $sum = self::sum($lines);
        $least = $terms->policy(Policy::Least);
        if ($least->isOn && $sum < $least->figure) {
            $rests = [Message::of('the shop\'s least charge, {figure}', ['figure' => (string) $least->figure])];
            $lines[] = new QuoteLine(LineKind::Least, 0.0, 0.0, 0.0, $least->figure - $sum, $rests);
        }
        [$low, $high, $measured] = self::between($lines, $terms);
        $deposit = $terms->policy(Policy::Deposit);

        return new self(
            $facts->part->count,
            $lines,
            $refused,
            $low,
            $high,
            $measured,
            $deposit->isOn ? $deposit->figure * self::sum($lines) : 0.0,
        );
    }

    /** The price of it all. */
    public function total(): float
    {
        return self::sum($this->lines);
    }

    /** Of one piece. */
    public function each(): float
    {
        return $this->total() / $this->count;
    }

    /** Minutes of hands. */
    public function minutes(): float
    {
        return array_sum(array_map(fn (QuoteLine $line): float => $line->minutes, $this->lines));
    }

    /** @param  list<QuoteLine>  $lines */
    private static function sum(array $lines): float
    {
        return array_sum(array_map(fn (QuoteLine $line): float => $line->money(), $lines));
    }

    /**
     * @param  list<QuotePowder>  $powders
     * @return list<QuoteLine>
     */
    private static function work(
        PartRouting $plan,
        array $powders,
        QuoteTerms $terms,
        float $mediaKg,
        float $roomShare,
        bool $twoTone,
    ): array {
        $lines = [];
        foreach (LineKind::cases() as $kind) {
            $steps = array_filter($plan->steps, fn (Step $step): bool => LineKind::ofStep($step->kind) === $kind);
            if ($steps === [] || ! $kind->isWork()) {
                continue;
            }
            $minutes = array_sum(array_map(fn (Step $step): float => $step->minutes, $steps));
            $rests = [Message::of('{min} by the book for {n} pieces', [
                'min' => Quantity::minutes($minutes),
                'n' => $plan->facts->part->count,
            ])];
            foreach ($kind === LineKind::Blast && $plan->facts->part->isLargeLightAlloy() ? $steps : [] as $step) {
                if ($step->kind === StepKind::SweepBlast) {
                    $rests[] = $step->why;
                }
            }
            $coats = count(array_filter($steps, fn (Step $step): bool => $step->kind === StepKind::Coat));
            if ($coats > 0) {
                $change = $coats * QuoteTerms::CHANGE_SHARE * $terms->changeMin;
                $minutes += $change;
                $rests[] = Message::of('{min} of colour changes, half of each', ['min' => Quantity::minutes($change)]);
                $tone = $terms->policy(Policy::TwoTone);
                if ($twoTone && $tone->isOn && ! $tone->refuses) {
                    $minutes *= $tone->figure;
                    $rests[] = Message::of('times {figure} for two colours', ['figure' => (string) $tone->figure]);
                }
            }
            $factor = $terms->learned[$kind->value] ?? null;
            if ($factor !== null) {
                $rests[] = Message::of('times {factor} as this shop takes it: {trust}', [
                    'factor' => (string) round($factor->factor, 2),
                    'trust' => $factor->trust(),
                ]);
            }
            [$material, $of] = self::material($plan, $kind, $powders, $terms, $mediaKg, $roomShare);
            $taken = $minutes * ($factor->factor ?? 1.0);
            $lines[] = new QuoteLine(
                $kind, $taken, $minutes, $taken / 60 * $terms->hour, $material, [...$rests, ...$of],
            );
        }

        return $lines;
    }

    /**
     * @param  list<QuotePowder>  $powders
     * @return array{float, list<Message>}
     */
    private static function material(
        PartRouting $plan,
        LineKind $kind,
        array $powders,
        QuoteTerms $terms,
        float $mediaKg,
        float $roomShare,
    ): array {
        if ($kind === LineKind::Blast && $mediaKg > 0) {
            $worn = Message::of('{kg} of media worn away', ['kg' => Quantity::kg($mediaKg)]);

            return [$mediaKg * $terms->mediaKg, [$worn]];
        }
        if ($kind === LineKind::Coat) {
            $money = 0.0;
            $rests = [];
            foreach ($powders as $n => $powder) {
                if ($powder->isSpecial) {
                    continue;
                }
                $kg = self::powderKg($plan->facts, $n, $powder);
                $money += $kg * ($powder->priceKg ?? $terms->powderKg);
                $rests[] = Message::of('{kg} of powder for coat {n}', ['kg' => Quantity::kg($kg), 'n' => $n + 1]);
            }

            return [$money, $rests];
        }
        $kwh = 0.0;
        foreach ($plan->steps as $step) {
            if ($step->kind->bakes() && LineKind::ofStep($step->kind) === $kind && $step->celsius !== null) {
                $kwh += self::kwh($plan->facts, $step->celsius, $step->holdMinutes ?? 0.0, $terms, $roomShare);
            }
        }

        return $kwh <= 0 ? [0.0, []] : [
            $kwh * $terms->kwh,
            [Message::from(round($kwh, 1).' kWh, '.round(100 * $roomShare).' % of the oven taken')],
        ];
    }

    /** What a coat of all pieces takes of its powder, kg. */
    private static function powderKg(JobFacts $facts, int $n, QuotePowder $powder, float $reserve = 0.0): float
    {
        return $facts->powderKg($n, $powder->sg, $powder->transfer, $powder->learned, $reserve);
    }

    /** The metal's own heat, and of what the oven loses beside it the share of its room that is taken, kWh. */
    private static function kwh(JobFacts $facts, float $celsius, float $hold, QuoteTerms $terms, float $share): float
    {
        $part = $facts->part;
        $joules = max(0.0, $part->metal->heatCapacity->enthalpy($terms->ambientC, $celsius));
        $metal = $part->count * ($part->massKg ?? 0.0) * $joules / self::JOULES_PER_KWH;
        $all = (new PartHeats($facts))->energyKwh($celsius, $hold, $terms->ambientC)
            ?? $metal / CostEstimate::OVEN_SHARE;

        return $metal + max(0.0, $all - $metal) * $share;
    }

    /**
     * A colour that is not on the shelf: whole boxes, a test panel, a reserve for a redo.
     *
     * @param  list<QuotePowder>  $powders
     * @return list<QuoteLine>
     */
    private static function special(JobFacts $facts, array $powders, QuoteTerms $terms): array
    {
        $lines = [];
        foreach ($powders as $n => $powder) {
            if ($powder->isSpecial) {
                $kg = self::powderKg($facts, $n, $powder, QuoteTerms::REDO_RESERVE);
                $boxes = max(1.0, ceil($kg / $powder->boxKg - 1e-9));
                $lines[] = new QuoteLine(
                    LineKind::Special,
                    QuoteTerms::PANEL_MIN,
                    QuoteTerms::PANEL_MIN,
                    QuoteTerms::PANEL_MIN / 60 * $terms->hour,
                    $boxes * $powder->boxKg * ($powder->priceKg ?? $terms->powderKg),
                    [
                        Message::of('{kg} for coat {n}, with what stays in the gun and {share} % for a redo', [
                            'kg' => Quantity::kg($kg),
                            'n' => $n + 1,
                            'share' => round(100 * QuoteTerms::REDO_RESERVE),
                        ]),
                        Message::of($boxes > 1 ? '{n} whole boxes of {kg}' : 'a whole box of {kg}', [
                            'n' => $boxes,
                            'kg' => Quantity::kg($powder->boxKg),
                        ]),
                        Message::of('{min} for a test panel', ['min' => Quantity::minutes(QuoteTerms::PANEL_MIN)]),
                    ],
                );
            }
        }

        return $lines;
    }

    /** @return array{list<QuoteLine>, list<string>} and what is refused */
    private static function extras(
        JobFacts $facts,
        QuoteTerms $terms,
        bool $special,
        bool $twoTone,
        AskedFor $asked,
    ): array {
        $lines = $refused = [];
        foreach (Policy::cases() as $policy) {
            $way = $terms->policy($policy);
            $counts = $policy->counts($facts, $special, $twoTone, $asked);
            $isOwn = in_array($policy, [Policy::Least, Policy::Deposit], true);
            if ($isOwn || ! $way->isOn) {
                continue;
            }
            if ($counts > 0 && $way->refuses) {
                $refused[] = "{$policy->label()}: the shop does not take it.";
            } elseif ($policy !== Policy::TwoTone && $counts > 0 && $way->figure > 0) {
                $rests = [
                    Message::from("{$policy->label()}: {$counts} at {$way->figure}"),
                    ...array_filter([$policy->restsOn($facts)]),
                ];
                $lines[] = new QuoteLine(LineKind::Extra, 0.0, 0.0, 0.0, $counts * $way->figure, $rests);
            }
        }

        return [$lines, $refused];
    }

    /** @param  list<QuoteLine>  $lines */
    private static function risk(array $lines, QuoteTerms $terms): QuoteLine
    {
        $again = [LineKind::Mask, LineKind::Coat, LineKind::Oven, LineKind::Inspect];
        $redo = array_filter($lines, fn (QuoteLine $line): bool => in_array($line->kind, $again, true));
        $share = $terms->reworkShare();

        return new QuoteLine(LineKind::Risk, 0.0, 0.0, 0.0, $share * self::sum(array_values($redo)), [
            Message::from(round(100 * $share, 1).' % of masking, coating, oven and inspection'),
            Message::from($terms->reworkWords()),
        ]);
    }

    /**
     * Minutes between which two in three end, by what was logged.
     *
     * @param  list<QuoteLine>  $lines
     * @return array{float, float, bool} from, to, and whether most of it rests on logs
     */
    private static function between(array $lines, QuoteTerms $terms): array
    {
        $sum = $measured = $down = $up = 0.0;
        foreach ($lines as $line) {
            $factor = $terms->learned[$line->kind->value] ?? ShopFactor::from([]);
            [$low, $high] = $factor->between($line->minutes);
            $sum += $line->minutes;
            $measured += $factor->isMeasured() ? $line->minutes : 0.0;
            $down += ($line->minutes - $low) ** 2;
            $up += ($high - $line->minutes) ** 2;
        }

        return [$sum - sqrt($down), $sum + sqrt($up), $measured > $sum / 2];
    }
}
