<?php

declare(strict_types=1);

namespace App\Quoting\Commands;

use Aenum\Core\Quoting\PartQuote;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;
use App\Accounts\Models\Shop;
use App\Accounts\Models\User;
use App\Intake\Models\Job;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Quoting\Models\Quote;
use App\Quoting\Models\QuoteLine;
use App\Quoting\Queries\QuotePart;
use App\Quoting\Queries\ShopTerms;
use App\Routing\Queries\CounterAdvice;
use App\Routing\Queries\PartRoute;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Issues a quote with its number and lines, records the answer and the actual times. */
final class IssueQuote
{
    /** Every quote of a shop has a number of its own, from here. */
    private const FIRST_NUMBER = 501;

    /**
     * @param  ?float  $set  price for the set, where another is told than was worked out
     *
     * @throws Refused where nothing can be quoted, or the shop does not take it
     */
    public function __invoke(Job $job, CarbonImmutable $validUntil, ?float $set, User $by): Quote
    {
        $job->mustBeOpen();
        if ($set === null && ! ShopTerms::hasHourlyRate()) {
            throw Refused::because([
                'set_price' => 'No hourly rate is set; set it under shop settings, or enter a price for the set.',
            ]);
        }
        $job->loadMissing(['parts.coats.powder', 'parts.pins']);
        $quotes = [];
        foreach ($job->parts as $part) {
            $part->setRelation('job', $job);
            $quotes[$part->id] = [$part, self::quotable($part)];
        }
        if ($quotes === []) {
            throw Refused::because(['quote' => 'The job has no part yet; take one in first.']);
        }

        return DB::transaction(function () use ($job, $quotes, $validUntil, $set, $by): Quote {
            // Two counters at once take turns at the number.
            DB::table('shops')->where('id', 1)->lockForUpdate()->value('id');
            $quote = Quote::query()->create([
                'number' => max(self::FIRST_NUMBER, 1 + (int) Quote::query()->max('number')),
                'job_id' => $job->id,
                'total' => array_sum(array_map(fn (array $one): float => $one[1]->total(), $quotes)),
                'set_price' => $set,
                'deposit' => array_sum(array_map(fn (array $one): float => $one[1]->deposit, $quotes)),
                'currency' => Shop::current()->currency,
                'valid_until' => $validUntil->toDateString(),
                'says' => self::words(array_column($quotes, 0)),
                'made_by' => $by->id,
                'at' => ShopClock::now(),
            ]);
            foreach ($quotes as [$part, $priced]) {
                $this->keepLines($quote, $part, $priced);
            }

            return $quote;
        });
    }

    /** @throws Refused */
    private static function quotable(Part $part): PartQuote
    {
        $wrong = match (true) {
            ! $part->metalKind()->isKnown() => 'is of a metal nobody knows yet; two prices stand on this page until '
                .'somebody asks a magnet',
            ! $part->isWeighed() => 'is not weighed, or its area is not known',
            default => null,
        };
        $priced = $wrong === null ? QuotePart::of($part)->asked() : null;
        $wrong ??= $priced === null || $priced->refused === [] ? null : 'is not taken: '.implode(' ', $priced->refused);
        if ($wrong !== null || $priced === null) {
            throw Refused::because(['quote' => rtrim(ucfirst($part->name)." {$wrong}", '.').'.']);
        }

        return $priced;
    }

    private function keepLines(Quote $quote, Part $part, PartQuote $priced): void
    {
        foreach ($priced->lines as $line) {
            if ($line->money() > 0 || $line->minutes > 0) {
                $quote->lines()->create([
                    'part_id' => $part->id,
                    'kind' => $line->kind,
                    'minutes' => $line->minutes,
                    'planned_min' => $line->planned,
                    'hands' => $line->hands,
                    'material' => $line->material,
                    'money' => $line->money(),
                    'rests' => array_map(fn (Message $one): string => $one->in(UnitSystem::Metric), $line->rests),
                ]);
            }
        }
    }

    /**
     * @param  list<Part>  $parts
     * @return array<string, list<string>> under what it is
     */
    private static function words(array $parts): array
    {
        $words = ['What is done' => []];
        foreach ($parts as $part) {
            $route = PartRoute::of($part);
            $stations = array_map(fn ($station): string => mb_strtolower($station->label()), $route->stations());
            $coats = $part->coats->sortBy('position')->map(fn ($coat): string => $coat->words())->join(', then ');
            $words['What is done'][] = "{$part->count} × {$part->name}: ".implode(', ', $stations)
                .($coats === '' ? '. No coat.' : ". Coats: {$coats}.");
            foreach (CounterAdvice::promise($route)->heads() as $head => $lines) {
                $words[$head] = array_values(array_unique([...$words[$head] ?? [], ...$lines]));
            }
        }

        return $words;
    }

    /**
     * The customer's answer: once given it stands.
     *
     * @throws Refused where the quote has lapsed or was answered
     */
    public static function answer(Quote $quote, bool $accepted, string $name): void
    {
        $today = ShopClock::today()->toDateString();
        if (! $quote->isOpen($today)) {
            throw Refused::because([
                'name' => "Quote {$quote->number} is {$quote->stateWords($today)}; make another.",
            ]);
        }
        DB::transaction(function () use ($quote, $accepted, $name): void {
            $quote->update([
                'state' => $accepted ? 'accepted' : 'declined',
                'answered_by' => $name,
                'answered_at' => ShopClock::now(),
            ]);
            // Of a job's quotes one is what was agreed.
            $others = Quote::query()->where('job_id', $quote->job_id)->where('state', 'open')
                ->where('id', '!=', $quote->id);
            foreach ($accepted ? $others->get() : [] as $other) {
                $other->update([
                    'state' => 'declined', 'answered_by' => $name, 'answered_at' => ShopClock::now(),
                ]);
            }
        });
    }

    /** What a line took in the end; the shop's factors learn from it. */
    public static function took(QuoteLine $line, float $minutes, User $by): void
    {
        $line->update(['actual_min' => $minutes, 'actual_by' => $by->id, 'actual_at' => ShopClock::now()]);
    }
}
