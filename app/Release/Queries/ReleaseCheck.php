<?php

declare(strict_types=1);

namespace App\Release\Queries;

use Aenum\Core\Curing\CureStatus;
use Aenum\Core\Trade\BakeTo;
use App\Inspection\Commands\InspectionChecklist;
use App\Inspection\Models\Defect;
use App\Inspection\Models\Inspection;
use App\Inspection\Queries\ChecklistLine;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Presentation\Units;
use App\Preparation\Queries\PartMasks;
use App\Routing\Queries\CoolingEstimate;
use App\Routing\Queries\RoutingProgress;

/** What still prevents the release of a batch. */
final readonly class ReleaseCheck
{
    /**
     * @param  list<string>  $stops  nothing leaves while one of these stands
     * @param  list<string>  $doubts  may leave when the one who releases says why
     */
    private function __construct(public array $stops, public array $doubts, public InspectionChecklist $over)
    {
    }

    public static function of(Batch $batch): self
    {
        $part = $batch->part;
        $name = ucfirst($batch->partName());
        $walk = RoutingProgress::of($batch);
        $over = InspectionChecklist::of($walk);
        $stops = $doubts = [];
        foreach ($walk->some($walk->walk->undone()) as $open) {
            $stops[] = "{$name}: {$open->name} is ".($open->outcome === null ? 'open' : 'put off').'.';
        }
        foreach ($walk->coats->on() as $coat) {
            $of = "{$name}, coat {$coat->position} ({$coat->powder->name})";
            self::cured($walk->standings[$coat->position], $of, $stops, $doubts);
        }
        array_push($stops, ...PartMasks::open($batch), ...self::unsigned($over, $part), ...self::defects($over, $name));
        array_push($stops, ...self::hot($batch));
        if (self::isLast($batch)) {
            array_push($stops, ...self::bags($part));
        }
        array_push($doubts, ...self::measured($over, $name), ...self::looks($over));
        if ($walk->coats->on()->isEmpty()) {
            $doubts[] = "{$name} has no coat planned.";
        }

        return new self(array_values($stops), array_values($doubts), $over);
    }

    /** Whether nothing else of its part is still to leave: the loose pieces go with the last of it. */
    private static function isLast(Batch $batch): bool
    {
        $isOther = fn (Batch $one): bool => $one->isOpen() && $one->id !== $batch->id;

        return ! $batch->part->lotsThere()->contains($isOther);
    }

    /** @return list<string> */
    private static function bags(Part $part): array
    {
        $stops = [];
        foreach ($part->bags as $bag) {
            if (! $bag->isBack()) {
                $stops[] =
                    ucfirst($part->name).", bag {$bag->name}: ".
                    ($bag->counted_back === null
                        ? "{$bag->count} not counted back yet."
                        : "{$bag->counted_back} of {$bag->count} counted back.");
            }
        }

        return $stops;
    }

    /** @return list<string> faces that have to be bare and nobody has signed for, on these pieces */
    private static function unsigned(InspectionChecklist $over, Part $part): array
    {
        $open = array_filter(
            $over->lines,
            fn (ChecklistLine $line): bool => $line->wantsName() && ! $line->isDone(),
        );

        return array_values(array_map(
            fn (ChecklistLine $line): string => ucfirst($part->name).", pin {$line->pin?->number} "
                ."({$line->pin?->kind->label()}) ".'must be bare metal, and nobody has signed that it is.',
            $open,
        ));
    }

    /** @return list<string> */
    private static function defects(InspectionChecklist $over, string $name): array
    {
        return array_values($over->open()->map(
            fn (Defect $one): string => "{$name}: {$one->kind->label()} on {$one->pieces}, {$one->state()}.",
        )->all());
    }

    /**
     * @param  list<string>  $stops
     * @param  list<string>  $doubts
     *
     * @param-out  list<string>  $stops
     * @param-out  list<string>  $doubts
     */
    private static function cured(CureStatus $standing, string $name, array &$stops, array &$doubts): void
    {
        $units = Units::current();
        match (true) {
            $standing->isOverbaked() => $doubts[] = "{$name} was over-baked.",
            $standing->isDone() && ! $standing->isBaked() => $doubts[] = "{$name}: {$units->said($standing->words())}.",
            $standing->isDone() => null,
            $standing->measured === false => $stops[] = "{$name}: {$units->said($standing->words())}.",
            $standing->isBaked() => $stops[] = "{$name} is not cured.",
            default => $stops[] = "{$name} has not been baked.",
        };
    }

    /** @return list<string> what was not measured, or came out otherwise than agreed */
    private static function measured(InspectionChecklist $over, string $name): array
    {
        if ($over->stack === null || $over->stack->top->bakeTo() !== BakeTo::Full) {
            return [];
        }
        $film = $over->latest('film');
        $failed = fn (?Inspection $one): bool => $one !== null && $one->failed();

        return array_values(array_filter([
            $film === null ? "{$name}: no film thickness recorded." : null,
            $failed($film) ? "{$name}: film is outside its band." : null,
            $over->latest('solvent_rub') === null ? "{$name}: no solvent rub recorded." : null,
            $failed($over->latest('cross_cut')) ? "{$name}: cross-cut not as agreed." : null,
            $failed($over->latest('gloss')) ? "{$name}: gloss not as agreed." : null,
            $failed($over->latest('colour')) ? "{$name}: colour not as agreed." : null,
        ]));
    }

    /** @return list<string> one line of every look nobody has ticked */
    private static function looks(InspectionChecklist $over): array
    {
        $open = array_filter($over->lines, fn (ChecklistLine $line): bool => ! $line->isDone() && ! $line->wantsName());

        return $open === [] ? [] : ['Not ticked: '.implode('; ', array_map(
            fn (ChecklistLine $line): string => lcfirst($line->label()),
            $open,
        )).'.'];
    }

    /** @return list<string> nothing leaves, is stacked or covered, that is too hot to handle */
    private static function hot(Batch $batch): array
    {
        $clock = CoolingEstimate::of($batch);

        return $clock?->isHot() !== true ? [] : [sprintf(
            '%s is at about %s: cool to handle at %s.',
            ucfirst($batch->partName()),
            Units::current()->temp($clock->celsius()),
            ShopClock::time($clock->handleAt()),
        )];
    }
}
