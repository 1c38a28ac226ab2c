<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Cure\Standing;
use Aenum\Core\Word\BakeTo;
use App\Actions\Log\LotPast;
use App\Actions\Lot\LotWalk;
use App\Actions\Mask\MasksOfPart;
use App\Models\Coat;
use App\Models\Inspection;
use App\Models\Lot;
use App\Models\Part;
use App\Support\Units;
use Illuminate\Support\Collection;

/** What stands between a lot and its customer. */
final readonly class ReleaseCheck
{
    /**
     * @param  list<string>  $stops  nothing leaves while one of these stands
     * @param  list<string>  $doubts  may leave when the one who releases says why
     */
    private function __construct(public array $stops, public array $doubts)
    {
    }

    public static function of(Lot $lot): self
    {
        $stops = $doubts = [];
        $part = $lot->part;
        $name = ucfirst($lot->partName());
        $walk = LotWalk::of($lot);
        foreach ($walk->some($walk->walk->undone()) as $open) {
            $stops[] = "{$name}: {$open->name} is ".($open->outcome === null ? 'open' : 'put off').'.';
        }
        foreach ($part->coats as $coat) {
            self::judge(
                $coat,
                $walk->standings[$coat->position],
                self::found($coat, $lot),
                "{$name}, coat {$coat->position} ({$coat->powder->name})",
                $stops,
                $doubts,
            );
        }
        array_push($stops, ...MasksOfPart::open($lot));
        if (self::isLast($lot)) {
            array_push($stops, ...self::bags($part));
        }
        if ($part->coats->isEmpty()) {
            $doubts[] = "{$name} has no coat planned.";
        }

        return new self($stops, $doubts);
    }

    /** Whether nothing else of its part is still to leave: the loose pieces go with the last of it. */
    private static function isLast(Lot $lot): bool
    {
        $isOther = fn (Lot $one): bool => $one->isOpen() && $one->id !== $lot->id;

        return ! $lot->part->lotsThere()->contains($isOther);
    }

    /** @return list<string> */
    private static function bags(Part $part): array
    {
        $stops = [];
        foreach ($part->bags as $bag) {
            if (! $bag->isBack()) {
                $stops[] =
                    "{$part->name}, bag {$bag->name}: ".
                    ($bag->counted_back === null
                        ? "{$bag->count} not counted back yet."
                        : "{$bag->counted_back} of {$bag->count} counted back.");
            }
        }

        return $stops;
    }

    /** @return Collection<int, Inspection> what was found on a coat of the lot, the latest first */
    private static function found(Coat $coat, Lot $lot): Collection
    {
        $past = LotPast::of($lot);

        return $coat->inspections->toBase()
            ->filter(fn (Inspection $one): bool => $past->any($one->lot_id, $one->at) && $one->stands());
    }

    /**
     * @param  Collection<int, Inspection>  $found
     * @param  list<string>  $stops
     * @param  list<string>  $doubts
     *
     * @param-out  list<string>  $stops
     * @param-out  list<string>  $doubts
     */
    private static function judge(
        Coat $coat,
        Standing $standing,
        Collection $found,
        string $name,
        array &$stops,
        array &$doubts,
    ): void {
        $units = Units::current();
        match (true) {
            $standing->isOverbaked() => $doubts[] = "{$name} was over-baked.",
            $standing->isDone() && ! $standing->isBaked() => $doubts[] = "{$name}: {$units->said($standing->words())}.",
            $standing->isDone() => null,
            $standing->measured === false => $stops[] = "{$name}: {$units->said($standing->words())}.",
            $standing->isBaked() => $stops[] = "{$name} is not cured.",
            default => $stops[] = "{$name} has not been baked.",
        };
        foreach (['solvent_rub' => 'solvent rub', 'film' => 'film thickness'] as $kind => $label) {
            $latest = $found->firstWhere('kind', $kind);
            if ($latest === null && $coat->bakeTo() === BakeTo::Full) {
                $doubts[] = "{$name}: no {$label} recorded.";
            } elseif ($latest !== null && $latest->verdict === 'fail' && $kind === 'film') {
                $doubts[] = "{$name}: film is outside the sheet's band.";
            }
        }
    }
}
