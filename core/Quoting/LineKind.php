<?php

declare(strict_types=1);

namespace Aenum\Core\Quoting;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;

/** What a line of a quote is for. */
enum LineKind: string
{
    case Intake = 'intake';
    case Strip = 'strip';
    case Blast = 'blast';
    case BakeOut = 'bake_out';
    case Wash = 'wash';
    case Mask = 'mask';
    case Coat = 'coat';
    case Oven = 'oven';
    case Inspect = 'inspect';
    case Special = 'special';
    case Extra = 'extra';
    case Risk = 'risk';
    case Least = 'least';

    /** The line a step's work stands in. */
    public static function ofStep(StepKind $kind): self
    {
        return match ($kind->station()) {
            Station::Intake => self::Intake,
            Station::Strip => self::Strip,
            Station::Blast => self::Blast,
            Station::BakeOut => self::BakeOut,
            Station::Wash => self::Wash,
            Station::MaskAndHang => self::Mask,
            Station::Coat => self::Coat,
            Station::Cure => self::Oven,
            Station::Inspect, Station::Release => self::Inspect,
        };
    }

    /** What it is called. */
    public function label(): string
    {
        return match ($this) {
            self::Intake => 'Intake and taking apart',
            self::Strip => 'Strip',
            self::Blast => 'Blast',
            self::BakeOut => 'Bake out',
            self::Wash => 'Wash and pretreat',
            self::Mask => 'Mask and hang',
            self::Coat => 'Coat',
            self::Oven => 'Oven',
            self::Inspect => 'Inspect, unmask, fit back, pack',
            self::Special => 'Special colour',
            self::Extra => 'Extras',
            self::Risk => 'Reserve for rework',
            self::Least => 'Up to the least charge',
        };
    }

    /** Whether it is work of hands, whose minutes can be measured and learned. */
    public function isWork(): bool
    {
        return ! in_array($this, [self::Special, self::Extra, self::Risk, self::Least], true);
    }
}
