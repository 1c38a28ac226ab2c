<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** House policies of a quote, each a switch with its price or its refusal. Figures are house figures, unverified. */
enum Policy: string
{
    case Least = 'least';
    case Deposit = 'deposit';
    case TwoTone = 'two_tone';
    case TakeOff = 'take_off';
    case Plated = 'plated';
    case BareOnly = 'bare_only';
    case StockOnly = 'stock_only';
    case Grease = 'grease';
    case GreatSize = 'great_size';
    case ManyMasks = 'many_masks';
    case Repair = 'repair';
    case OneColour = 'one_colour';

    /** A part is of great size from here on, mm. */
    public const GREAT_MM = 2000.0;

    /** A piece may have so many masked features before each more is charged. */
    public const MASKS_FREE = 6;

    /** How it goes where the shop has said nothing. */
    public function usual(): PolicyOption
    {
        return match ($this) {
            self::Least => PolicyOption::at(60.0),
            self::Deposit => PolicyOption::off(),
            self::TwoTone => PolicyOption::at(1.2),
            self::TakeOff => PolicyOption::at(15.0),
            self::Plated => PolicyOption::refuse(),
            self::BareOnly, self::StockOnly => PolicyOption::off(),
            self::Grease => PolicyOption::at(20.0),
            self::GreatSize => PolicyOption::at(40.0),
            self::ManyMasks => PolicyOption::at(1.5),
            self::Repair => PolicyOption::off(),
            self::OneColour => PolicyOption::at(30.0),
        };
    }

    /** What it is called. */
    public function label(): string
    {
        return match ($this) {
            self::Least => 'Least charge',
            self::Deposit => 'Deposit, share of the sum',
            self::TwoTone => 'Two colours: factor on coating',
            self::TakeOff => 'Taking rubber, bearings or valves off, a piece',
            self::Plated => 'Plated parts, a piece',
            self::BareOnly => 'Bare parts only',
            self::StockOnly => 'Stock colours only',
            self::Grease => 'Grease left on, a job',
            self::GreatSize => 'Great size, a piece',
            self::ManyMasks => 'Each mask past '.self::MASKS_FREE.', a piece',
            self::Repair => 'Repairing or straightening a pinned hurt, a piece',
            self::OneColour => 'Each colour of a set past the first, a part',
        };
    }

    /** What it rests on, in a sentence; null where its name says it all. */
    public function restsOn(JobFacts $facts): ?Message
    {
        return $this !== self::GreatSize || $facts->part->boxMm === null ? null : Message::of(
            'Longest side {longest}; oversize from {limit}.',
            [
                'longest' => Quantity::mm(max($facts->part->boxMm), 0),
                'limit' => Quantity::mm(self::GREAT_MM, 0),
            ],
        );
    }

    /**
     * How many times it counts on a part; 0 where it does not. Least, deposit and factor count once.
     */
    public function counts(JobFacts $facts, bool $isSpecial, bool $isTwoTone, AskedFor $asked): int
    {
        $part = $facts->part;
        $soft = [Feature::RubberOrPlastic, Feature::SealedBearings, Feature::Valves];

        return match ($this) {
            self::Least, self::Deposit => 1,
            self::TwoTone => $isTwoTone ? 1 : 0,
            self::TakeOff => $part->has(...$soft) ? $part->count : 0,
            self::Plated => $part->carries(ArrivalCondition::Plating) ? $part->count : 0,
            self::BareOnly => $part->coatings() === [] ? 0 : 1,
            self::StockOnly => $isSpecial ? 1 : 0,
            self::Grease => $part->isGreasy() ? 1 : 0,
            self::GreatSize => max($part->boxMm ?? [0.0]) >= self::GREAT_MM ? $part->count : 0,
            self::ManyMasks => max(0, $asked->masksEach - self::MASKS_FREE) * $part->count,
            self::Repair => $asked->damages * $part->count,
            self::OneColour => max(0, $asked->colours - 1),
        };
    }
}
