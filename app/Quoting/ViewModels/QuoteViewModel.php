<?php

declare(strict_types=1);

namespace App\Quoting\ViewModels;

use Aenum\Core\Quoting\PartQuote;
use Aenum\Core\Quoting\Quote;
use App\Accounts\Models\Shop;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Presentation\Units;
use App\Quoting\Models\Quote as Told;
use App\Quoting\Queries\QuotePart;
use App\Quoting\Queries\ShopTerms;
use App\Routing\Queries\BatchSnapshot;
use Illuminate\Database\Eloquent\Collection;

/** A job's current price by part and line: for one piece, as many as ordered, and ten times as many. */
final readonly class QuoteViewModel
{
    /**
     * @param  list<array{part: Part, quotes: array<string, Quote>, why: ?string, bare: bool}>  $parts  one quote, or
     *      one for each metal it may be; none, and why
     * @param  Collection<int, Told>  $told
     */
    private function __construct(public Job $job, public array $parts, public Collection $told)
    {
    }

    public static function of(Job $job): self
    {
        $job->loadMissing(['customer', 'parts.coats.powder.lots', ...BatchSnapshot::ofPartsOf('parts')]);
        BatchSnapshot::ofParts($job->parts);
        $parts = [];
        foreach ($job->parts as $part) {
            $part->setRelation('job', $job);
            $why = self::whyNot($part);
            $parts[] = ['part' => $part, 'quotes' => match (true) {
                $why !== null => [],
                ! $part->metalKind()->isKnown() => QuotePart::byMetal($part),
                default => ['' => QuotePart::of($part)],
            }, 'why' => $why, 'bare' => $part->coats->isEmpty()];
        }

        return new self($job, $parts, Told::query()->where('job_id', $job->id)->orderByDesc('id')->get());
    }

    private static function whyNot(Part $part): ?string
    {
        return match (true) {
            ! $part->isWeighed() => 'It is not weighed, or its area is not known.',
            default => null,
        };
    }

    /** The sum of all parts; null where one cannot be priced, or has two prices. */
    public function total(): ?float
    {
        $sum = 0.0;
        foreach ($this->parts as ['quotes' => $quotes]) {
            if (count($quotes) !== 1) {
                return null;
            }
            $sum += reset($quotes)->asked()->total();
        }

        return $this->parts === [] ? null : $sum;
    }

    /** What no price of this page holds yet; null where nothing is missing. */
    public function missingPrice(): ?string
    {
        return ShopTerms::hasHourlyRate()
            ? null
            : 'No hourly rate is set, so labor is not in these prices. Set it, or enter a price for the set.';
    }

    /** A sum in the shop's currency. */
    public function money(float $sum): string
    {
        return number_format($sum, 2, '.', ' ').' '.Shop::current()->currency;
    }

    /** How sure its minutes are, in words. */
    public function sure(PartQuote $quote): string
    {
        $between = Units::minutes($quote->lowMinutes).' to '.Units::minutes($quote->highMinutes);

        return $quote->isMeasured
            ? "Two in three such jobs took {$between} of hands here."
            : "Most of it rests on general practice: {$between} of hands is a guess, not a measure.";
    }
}
