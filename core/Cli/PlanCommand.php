<?php

declare(strict_types=1);

namespace Aenum\Core\Cli;

use Aenum\Core\Curing\BakePlanner;
use Aenum\Core\Curing\CureTarget;
use Aenum\Core\Curing\LoadSplit;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Files\LoadFile;
use Aenum\Core\Files\PlanReport;
use Aenum\Core\Units\InvalidInput;

/** Finds the shortest bake for a load file, or the bakes to part it into. */
final class PlanCommand
{
    /**
     * @param  \Closure(string): string  $read
     * @return array<string, mixed>
     */
    public function __invoke(Arguments $arguments, \Closure $read): array
    {
        $file = LoadFile::parse($read($arguments->operands[0]))->withoutReadings();
        $powder = $file->powder ?? throw InvalidInput::missing('powder', 'an object with chemistry and rows');
        if ($file->oven->maxC === null) {
            throw InvalidInput::missing('oven.max_c', '-40 to 700');
        }
        foreach ($file->items as $n => $item) {
            if ($item->outS !== null) {
                $allowed = 'nothing; a plan finds out itself what comes out when';
                throw InvalidInput::outside("items[{$n}].out_min", $item->outS / 60, $allowed);
            }
        }
        $aims = array_map(
            fn (?PeakLimit $limit): CureTarget => CureTarget::fullCure($powder)->notAbove($limit),
            $file->limits,
        );
        $plan = (new BakePlanner($file->oven, $file->items, $aims, $file->schedule, $file->rules))->plan($file->prefer);
        $split = $plan->feasible
            ? []
            : (new LoadSplit($file->oven, $file->items, $aims, $file->schedule, $file->rules))->bakes();

        return PlanReport::of($plan, $file->items, $split);
    }
}
