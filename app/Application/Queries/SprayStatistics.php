<?php

declare(strict_types=1);

namespace App\Application\Queries;

use Aenum\Core\Application\Openness;
use Aenum\Core\Preparation\Blasting\ShopFactor;
use App\Application\Models\Spraying;
use App\Catalog\Models\Powder;
use App\Platform\Cache\RequestMemo;
use App\Platform\Database\LevelLoader;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Transfer efficiency and spraying time, learned from this shop's own records. */
final class SprayStatistics
{
    /** The latest are the shop as it is now. */
    private const THAT_COUNT = 40;

    /** Of the transfer: this powder on parts this open, where weighed and measured; actual over planned. */
    public static function transfer(Powder $powder, Openness $openness): ShopFactor
    {
        return RequestMemo::once(
            "taught {$powder->id} {$openness->value}",
            fn (): ShopFactor => self::transferOf(self::weighed($powder, $openness)->get()),
        );
    }

    /**
     * Reads what is needed for several powders on several kinds of parts in one statement.
     *
     * @param  list<array{Powder, Openness}>  $pairs
     */
    public static function preload(array $pairs): void
    {
        $queries = [];
        foreach ($pairs as [$powder, $openness]) {
            $queries["taught {$powder->id} {$openness->value}"] = self::weighed($powder, $openness);
        }
        /** @var array<string, Collection<int, Spraying>> $read */
        $read = LevelLoader::together($queries);
        foreach ($read as $key => $weighed) {
            RequestMemo::once($key, fn (): ShopFactor => self::transferOf($weighed));
        }
    }

    /** @param  Collection<int, Spraying>  $weighed  with their powders */
    public static function transferOf(Collection $weighed): ShopFactor
    {
        return ShopFactor::from(array_values($weighed->toBase()->map(fn (Spraying $one): array => [
            $one->planned_transfer,
            self::landed($one),
        ])->filter(fn (array $both): bool => $both[1] > 0.0)->all()));
    }

    /** Of the minutes, whatever was sprayed. */
    public static function minutes(): ShopFactor
    {
        return RequestMemo::once('taught minutes', fn (): ShopFactor => self::minutesOf(self::timed()->get()));
    }

    /** @param  Collection<int, Spraying>  $timed */
    public static function minutesOf(Collection $timed): ShopFactor
    {
        $both = fn (Spraying $one): array => [$one->planned_minutes, (float) $one->minutes];

        return ShopFactor::from(array_values($timed->toBase()->map($both)->all()));
    }

    /** @return Builder<Spraying> the latest whose time was taken */
    public static function timed(): Builder
    {
        return Spraying::done()->whereNotNull('minutes')->orderByDesc('id')->limit(self::THAT_COUNT);
    }

    /**
     * Of the share raw powder shrinks to: what was read raw and what was read cured on the same single coat; actual
     * over what its sheet says.
     */
    public static function shrink(Powder $powder): ShopFactor
    {
        return RequestMemo::once("taught shrink {$powder->id}", function () use ($powder): ShopFactor {
            $pairs = DB::table('sprayings')->join('coats', 'coats.id', '=', 'sprayings.coat_id')
                ->join('inspections', function ($join): void {
                    $join->on('inspections.coat_id', '=', 'sprayings.coat_id');
                    $join->on('inspections.batch_id', '=', 'sprayings.batch_id')->where('inspections.kind', 'film');
                })
                ->join('inspection_readings', 'inspection_readings.inspection_id', '=', 'inspections.id')
                ->where('sprayings.powder_id', $powder->id)->where('coats.position', 1)->whereNull('coats.rework_id')
                ->whereNotNull('raw_read_um')->whereNotNull('done_at')->whereNull('blown_off_at')
                ->groupBy('sprayings.id', 'inspections.id', 'raw_read_um')->orderByDesc('sprayings.id')
                ->limit(self::THAT_COUNT)->selectRaw('raw_read_um, AVG(microns) as cured_um')->get();
            $book = $powder->atTheGun()->shrink;

            return ShopFactor::from(array_values($pairs->map(fn (\stdClass $one): array => [
                $book * (float) $one->raw_read_um, (float) $one->cured_um,
            ])->all()));
        });
    }

    /** Returns the share of an uncured thickness that is left as film, by the powder's sheet and what was learned. */
    public static function uncuredFactor(Powder $powder): float
    {
        return min(1.0, $powder->atTheGun()->shrink * self::shrink($powder)->factor);
    }

    /** Share of what left the cup for good that is on the part, by the film measured on it. */
    public static function landed(Spraying $one): float
    {
        $landedG = $one->area_m2 * $one->powder->density() * (float) $one->raw_um;

        return (float) $one->usedG() > 0.0 ? $landedG / (float) $one->usedG() : 0.0;
    }

    /** @return Builder<Spraying> the latest of a powder on parts as open that were weighed and measured */
    public static function weighed(Powder $powder, Openness $openness): Builder
    {
        return Spraying::done()->with('powder')->where('powder_id', $powder->id)->where('openness', $openness)
            ->whereNotNull('weighed_g')->whereNotNull('back_g')->whereNotNull('raw_um')->orderByDesc('id')
            ->limit(self::THAT_COUNT);
    }
}
