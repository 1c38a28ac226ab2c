<?php

declare(strict_types=1);

namespace App\Curing\Queries;

use Aenum\Core\Curing\OvenVentilation;
use Aenum\Core\Routing\RouteTimes;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use App\Curing\Models\OvenLoad;
use App\Curing\Models\OvenLoadItem;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\StepCompletion;
use Illuminate\Support\Collection;

/** Sources of vapor in a load: uncured powder, and wipe solvent that had no time to flash off. */
final readonly class LoadVapor
{
    private function __construct(public float $powderKg, public float $solventKg)
    {
    }

    /** Everything in the oven with a load: its own parts, and those of a load that shares the oven with it. */
    public static function of(OvenLoad $load): self
    {
        $cure = $load->host_load_id === null ? $load : $load->host ?? $load;
        $loads = collect([$load, $cure])->concat($cure->exists ? $cure->riders : [])
            ->unique(fn (OvenLoad $one): int => $one->id ?? 0);
        $items = $loads->flatMap(
            fn (OvenLoad $one): Collection => $one->loadMissing(['items.batch.marks', 'items.coat.powder'])->items,
        );
        $powder = $solvent = 0.0;
        // Thick and thin regions of a part are items of one batch and coat.
        foreach ($items->unique(fn (OvenLoadItem $one): string => "{$one->batch_id} {$one->coat_id}") as $item) {
            $area = $item->count * ($item->part->area_m2 ?? 0.0);
            $coat = $item->coat;
            if ($coat !== null) {
                $film = ($coat->powder->film_min_um + $coat->powder->film_max_um) / 2;
                // µm × m² × g/cm³ is grams.
                $powder += $area * $coat->share * $film * $coat->powder->density() / 1000;
            }
            $solvent += self::isWetWithSolvent($item) ? OvenVentilation::WIPED_KG_PER_M2 * $area : 0.0;
        }

        return new self($powder, $solvent);
    }

    /** Whether it was wiped with solvent so lately that the solvent has not flashed off. */
    private static function isWetWithSolvent(OvenLoadItem $item): bool
    {
        $since = ShopClock::now()->subMinutes((int) RouteTimes::FLASH_OFF);
        $wiped = fn (StepCompletion $mark): bool => str_starts_with($mark->step, StepKind::SolventWipe->value.'-')
            && $mark->stepOutcome() === StepOutcome::Done && ($mark->done_at ?? $mark->at)->gt($since);

        return $item->batch?->marks->contains($wiped) === true;
    }
}
