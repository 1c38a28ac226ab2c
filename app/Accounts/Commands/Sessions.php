<?php

declare(strict_types=1);

namespace App\Accounts\Commands;

use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** Lists where a person is signed in, and ends those sessions. */
final class Sessions
{
    /** @return list<array{where: string, device: string, seen: string, isThis: bool}> latest first */
    public static function of(User $user, string $this_): array
    {
        $rows = DB::table('sessions')->where('user_id', $user->id)->orderByDesc('last_activity')->limit(20)->get();

        return array_values($rows->map(fn (object $row): array => [
            'where' => (string) $row->ip_address,
            'device' => self::device((string) $row->user_agent),
            'seen' => ShopClock::time(CarbonImmutable::createFromTimestampUTC((int) $row->last_activity)),
            'isThis' => $row->id === $this_,
        ])->all());
    }

    /** Signed out everywhere, but for one session where it is named. */
    public static function end(User $user, ?string $but = null): void
    {
        DB::table('sessions')->where('user_id', $user->id)->where('id', '!=', $but ?? '')->delete();
        $user->forceFill(['remember_token' => Str::random(60)])->save();
    }

    /** What sort of thing it is, as far as it says. */
    private static function device(string $agent): string
    {
        foreach (['iPad' => 'tablet', 'iPhone' => 'phone', 'Android' => 'tablet or phone', 'Windows' => 'computer',
            'Macintosh' => 'computer', 'Linux' => 'computer'] as $word => $device) {
            if (str_contains($agent, $word)) {
                return $device;
            }
        }

        return 'device';
    }
}
