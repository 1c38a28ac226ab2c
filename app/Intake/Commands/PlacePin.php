<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use Illuminate\Support\Facades\DB;

/** Places a pin on a photo under the next free number; numbers are never reused. */
final class PlacePin
{
    private const MOST = 60;

    /**
     * @param  array<string, mixed>  $pin  kind, picture_id, x, y, size_mm, places, must_stay_bare, note
     *
     * @throws Refused
     */
    public function __invoke(Part $part, array $pin, User $by): Pin
    {
        return DB::transaction(function () use ($part, $pin, $by): Pin {
            Part::query()->whereKey($part->id)->lockForUpdate()->firstOrFail();
            if ($part->pins()->count() >= self::MOST) {
                throw Refused::because([
                    'kind' => 'There are '.self::MOST.' pins on this part already; take one out first.',
                ]);
            }
            $last = (int) Pin::query()->where('part_id', $part->id)->max('number');

            return Pin::query()->create(
                $pin + [
                    'part_id' => $part->id,
                    'number' => $last + 1,
                    'user_id' => $by->id,
                    'at' => ShopClock::now(),
                ],
            );
        });
    }
}
