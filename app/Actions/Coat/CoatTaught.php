<?php

declare(strict_types=1);

namespace App\Actions\Coat;

use Aenum\Core\Blast\ShopFactor;
use Aenum\Core\Coat\Openness;
use App\Models\Powder;
use App\Models\Spraying;
use App\Support\ThisRequest;
use Illuminate\Database\Eloquent\Collection;

/** What this shop's own sprayings have taught: how much of the powder lands, and how long it takes. */
final class CoatTaught
{
    /** The latest are the shop as it is now. */
    private const THAT_COUNT = 40;

    /** Of the transfer: this powder on parts this open, where weighed and measured; actual over planned. */
    public static function transfer(Powder $powder, Openness $openness): ShopFactor
    {
        return ThisRequest::once("taught {$powder->id} {$openness->value}", fn (): ShopFactor => ShopFactor::from(
            array_values(self::weighed($powder, $openness)->map(fn (Spraying $one): array => [
                $one->planned_transfer,
                self::landed($one),
            ])->filter(fn (array $both): bool => $both[1] > 0.0)->all()),
        ));
    }

    /** Of the minutes, whatever was sprayed. */
    public static function minutes(): ShopFactor
    {
        return ThisRequest::once('taught minutes', function (): ShopFactor {
            $done = Spraying::done();
            $done->whereNotNull('minutes')->orderByDesc('id')->limit(self::THAT_COUNT);
            $both = fn (Spraying $one): array => [$one->planned_minutes, (float) $one->minutes];

            return ShopFactor::from(array_values($done->get()->map($both)->all()));
        });
    }

    /** Share of what left the cup for good that is on the part, by the film measured on it. */
    public static function landed(Spraying $one): float
    {
        $landedG = $one->area_m2 * $one->powder->specific_gravity * (float) $one->raw_um;

        return (float) $one->usedG() > 0.0 ? $landedG / (float) $one->usedG() : 0.0;
    }

    /** @return Collection<int, Spraying> */
    private static function weighed(Powder $powder, Openness $openness): Collection
    {
        $done = Spraying::done()->with('powder');
        $done->where('powder_id', $powder->id)->where('openness', $openness);
        $done->whereNotNull('weighed_g')->whereNotNull('back_g')->whereNotNull('raw_um');
        $done->orderByDesc('id')->limit(self::THAT_COUNT);

        return $done->get();
    }
}
