<?php

declare(strict_types=1);

namespace App\Scheduling\Commands;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Scheduling\Models\Absence;
use App\Scheduling\Models\CalendarFeed;
use App\Scheduling\Models\SchedulingPreference;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;

/** Changes what the plan has to respect: preferences, absences, calendar feeds. */
final class ChangeDay
{
    /** Bytes of chance in an address nobody guesses. */
    private const SECRET_BYTES = 32;

    /** A lot has one wish of a kind: the latest. */
    public static function wish(
        Batch $batch,
        string $kind,
        User $by,
        ?int $who = null,
        ?CarbonImmutable $not = null,
    ): SchedulingPreference {
        $batch->mustBeOpen();

        return DB::transaction(function () use ($batch, $kind, $by, $who, $not): SchedulingPreference {
            $old = SchedulingPreference::query()->where(
                'batch_id',
                $batch->id,
            )->where('kind', $kind)->whereNull('withdrawn_at');
            foreach ($old->get() as $one) {
                $one->withdraw($by, ShopClock::now());
            }

            return SchedulingPreference::query()->create([
                'batch_id' => $batch->id,
                'kind' => $kind,
                'user_id' => $who,
                'not_before' => $not?->toDateString(),
                'made_by' => $by->id,
                'at' => ShopClock::now(),
            ]);
        });
    }

    /**
     * Somebody is away.
     *
     * @throws Refused where the end is not after the beginning
     */
    public static function away(User $who, CarbonImmutable $from, CarbonImmutable $to, User $by): Absence
    {
        if ($to->lte($from)) {
            throw Refused::because([
                'until' => 'Back at is '.ShopClock::time($to).'; allowed: a moment after '.ShopClock::time($from).'.',
            ]);
        }

        return Absence::query()->create([
            'user_id' => $who->id,
            'from_at' => $from,
            'to_at' => $to,
            'made_by' => $by->id,
            'at' => ShopClock::now(),
        ]);
    }

    /** @return string the address's secret: told once, kept nowhere */
    public static function feed(string $kind, ?int $user, ?int $oven, User $by): string
    {
        $secret = rtrim(strtr(base64_encode(random_bytes(self::SECRET_BYTES)), '+/', '-_'), '=');
        CalendarFeed::query()->create([
            'kind' => $kind,
            'user_id' => $user,
            'oven_id' => $oven,
            'mark' => self::markOf($secret),
            'made_by' => $by->id,
            'at' => ShopClock::now(),
        ]);

        return $secret;
    }

    public static function markOf(string $secret): string
    {
        return hash('sha256', $secret);
    }
}
