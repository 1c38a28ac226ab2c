<?php

declare(strict_types=1);

namespace App\Inspection\ViewModels;

use Aenum\Core\Inspection\DefectCause;
use Aenum\Core\Inspection\Rework;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Units\Dimension;
use App\Inspection\Queries\DefectCase;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use Carbon\CarbonImmutable;

/** A defect as its page shows it: how it looks, causes to pick from, whether a rework keeps the date. */
final readonly class DefectViewModel extends DefectCase
{
    /** How it looks, how large it is and where, in a sentence. */
    public function looks(): string
    {
        $defect = $this->defect;
        $size = $defect->size_mm === null
            ? null
            : Units::current()->show(Dimension::Length, $defect->size_mm).' across';
        $all = [ucfirst($defect->kind->looks()), $size, $defect->pin?->words(), $defect->note];

        return implode('; ', array_filter($all)).'.';
    }

    /** The day it is ready at the earliest, by hands and waits alone. */
    public function readyOn(Rework $way): CarbonImmutable
    {
        $days = (int) ceil(($way->minutes + $way->waitMinutes) / RouteTimes::DAY_MIN);

        return ShopClock::today()->addDays(max(0, $days - 1));
    }

    /** Whether it keeps the date; null where none is set. */
    public function keepsDate(Rework $way): ?bool
    {
        $due = $this->defect->part->job->due_on;

        return $due === null ? null : $this->readyOn($way)->lte($due);
    }

    /** @return array<string, string> causes as a list offers them, the likeliest first */
    public function causeNames(): array
    {
        $names = [];
        foreach ($this->diagnosis->causes as $one) {
            $names[$one->cause->value] = $one->cause->label();
        }
        foreach (DefectCause::cases() as $cause) {
            $names[$cause->value] ??= $cause->label();
        }

        return $names;
    }
}
