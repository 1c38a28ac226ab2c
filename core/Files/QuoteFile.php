<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Quoting\AskedFor;
use Aenum\Core\Quoting\PartQuote;
use Aenum\Core\Quoting\Policy;
use Aenum\Core\Quoting\PolicyOption;
use Aenum\Core\Quoting\Quote;
use Aenum\Core\Quoting\QuoteLine;
use Aenum\Core\Quoting\QuotePowder;
use Aenum\Core\Quoting\QuoteTerms;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Units\InvalidInput;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\UnitSystem;

/** `aenum-quote/1`: a job as aenum-route/1 has it, the powders of its coats, and what the shop charges by. */
final readonly class QuoteFile
{
    public const FORMAT = 'aenum-quote/1';

    public const PRICE_FORMAT = 'aenum-quote-price/1';

    private const JOB = ['part', 'where', 'humidity_pct', 'coats', 'blast', 'equipment', 'house', 'signed'];

    /** @param  list<QuotePowder>  $powders */
    private function __construct(
        private JobFacts $facts,
        private array $powders,
        private QuoteTerms $terms,
        private float $mediaKgEach,
        private float $roomShare,
        private AskedFor $asked,
    ) {
    }

    /** @throws InvalidInput naming the place */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object([
            'format', 'note', ...self::JOB, 'powders', 'prices', 'policies', 'rework', 'media_kg_each', 'room_share',
            'masks_each', 'damages', 'colours',
        ]);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $facts = JobNode::read($file);
        $powders = array_map(self::powder(...), $file->find('powders')?->list(0, 20) ?? []);
        if (count($powders) !== count($facts->coats)) {
            throw InvalidInput::unreadable(
                'powders',
                'has '.count($powders).' entries',
                'one for each of the '.count($facts->coats).' coats',
            );
        }
        $share = $file->numberOr('room_share', 1.0) ?? 1.0;
        if ($share <= 0 || $share > 1) {
            throw InvalidInput::outside('room_share', $share, 'above 0 to 1');
        }
        $media = $file->numberOr('media_kg_each', 0.0) ?? 0.0;

        $whole = fn (string $key, int $least): int => max($least, $file->find($key)?->asWhole() ?? $least);
        $asked = new AskedFor($whole('masks_each', 0), $whole('damages', 0), $whole('colours', 1));

        return new self($facts, $powders, self::terms($file), max(0.0, $media), $share, $asked);
    }

    private static function powder(Node $in): QuotePowder
    {
        $in->object(['sg', 'price_kg', 'special', 'box_kg', 'transfer']);

        return $in->guard(fn (): QuotePowder => QuotePowder::of(
            $in->number('sg'),
            $in->numberOr('price_kg', null),
            $in->find('special')?->asFlag() ?? false,
            $in->numberOr('box_kg', QuotePowder::USUAL_BOX_KG) ?? QuotePowder::USUAL_BOX_KG,
            $in->numberOr('transfer', null),
        ));
    }

    private static function terms(Node $file): QuoteTerms
    {
        $prices = $file->need('prices', 'an object')->object(['hour', 'powder_kg', 'media_kg', 'kwh', 'change_min']);
        $rework = $file->find('rework')?->object(['reworked', 'lots']);
        $policies = [];
        foreach ($file->find('policies')?->object(array_column(Policy::cases(), 'value'))->keys() ?? [] as $key) {
            $policies[$key] = self::way($file->need('policies', 'an object')->need($key, 'a figure'));
        }

        return $prices->guard(fn (): QuoteTerms => QuoteTerms::of(
            $prices->number('hour'),
            $prices->number('powder_kg'),
            $prices->number('media_kg'),
            $prices->number('kwh'),
            changeMin: $prices->numberOr('change_min', 25.0) ?? 25.0,
            policies: $policies,
            reworked: $rework?->find('reworked')?->asWhole() ?? 0,
            lots: $rework?->find('lots')?->asWhole() ?? 0,
        ));
    }

    private static function way(Node $in): PolicyOption
    {
        return match (true) {
            $in->isText() && $in->oneOf(['off', 'refuse']) === 'off' => PolicyOption::off(),
            $in->isText() => PolicyOption::refuse(),
            default => $in->here(fn (): PolicyOption => PolicyOption::at($in->asNumber())),
        };
    }

    /** @return array<string, mixed> as aenum-quote-price/1 */
    public function answer(): array
    {
        $plan = function (int $count): PartRouting {
            $facts = $this->facts->of($this->facts->part->many($count), $this->facts->coats);

            return new PartRouting($facts, RoutePlanner::lay($facts));
        };
        $quote = Quote::of(
            $this->facts->part->count,
            $plan,
            $this->powders,
            $this->terms,
            fn (PartRouting $at): float => $this->mediaKgEach * $at->facts->part->count,
            fn (int $count): float => min(1.0, $this->roomShare * $count / $this->facts->part->count),
            $this->asked,
        );

        return [
            'format' => self::PRICE_FORMAT,
            'shared' => round($quote->shared(), 2),
            'refused' => $quote->asked()->refused,
            'counts' => array_values(array_map(self::part(...), $quote->byCount)),
        ];
    }

    /** @return array<string, mixed> */
    private static function part(PartQuote $quote): array
    {
        return [
            'count' => $quote->count,
            'total' => round($quote->total(), 2),
            'each' => round($quote->each(), 2),
            'deposit' => round($quote->deposit, 2),
            'minutes' => round($quote->minutes(), 1),
            'minutes_two_in_three' => [round($quote->lowMinutes, 1), round($quote->highMinutes, 1)],
            'measured' => $quote->isMeasured,
            'lines' => array_map(fn (QuoteLine $line): array => [
                'line' => $line->kind->value,
                'minutes' => round($line->minutes, 1),
                'hands' => round($line->hands, 2),
                'material' => round($line->material, 2),
                'money' => round($line->money(), 2),
                'rests' => array_map(fn (Message $one): string => $one->in(UnitSystem::Metric), $line->rests),
            ], $quote->lines),
        ];
    }
}
