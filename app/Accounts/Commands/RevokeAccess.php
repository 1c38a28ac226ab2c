<?php

declare(strict_types=1);

namespace App\Accounts\Commands;

use App\Accounts\Models\DeviceToken;
use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use App\Scheduling\Models\CalendarFeed;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Revokes access of people and devices: sessions, device tokens, calendar feeds, codes. */
final class RevokeAccess
{
    /** Ends a person's sessions, but for one where it is named, and the tokens of the devices they let in. */
    public static function everywhere(User $user, ?string $exceptSession = null): void
    {
        Sessions::end($user, $exceptSession);
        DeviceToken::query()->where('tokenable_id', $user->id)->get()->each->delete();
    }

    /** Ends everything a person gets in by, and every calendar feed that is theirs or that they made. */
    public static function ofRetired(User $user, User $by): void
    {
        self::everywhere($user);
        $user->update(['code' => null, 'code_until' => null]);
        $feeds = CalendarFeed::query()->whereNull('withdrawn_at')->where(
            fn ($feed) => $feed->where('made_by', $user->id)->orWhere('user_id', $user->id),
        );
        foreach ($feeds->get() as $feed) {
            $feed->withdraw($by, ShopClock::now());
        }
    }

    /** Ends everything that was given out before a backup was restored; the backup may be older than its end. */
    public static function ofEverybody(): void
    {
        DB::transaction(function (): void {
            DB::table('sessions')->delete();
            DeviceToken::query()->get()->each->delete();
            CalendarFeed::query()->whereNull('withdrawn_at')->get()
                ->each(fn (CalendarFeed $feed) => $feed->update(['withdrawn_at' => ShopClock::now()]));
            User::query()->get()->each(fn (User $user) => $user
                ->forceFill(['remember_token' => Str::random(60), 'code' => null, 'code_until' => null])
                ->save());
        });
    }
}
