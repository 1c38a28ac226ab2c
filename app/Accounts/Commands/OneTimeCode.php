<?php

declare(strict_types=1);

namespace App\Accounts\Commands;

use App\Accounts\Models\User;
use App\Platform\Security\DummyHash;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Hash;

/** A code that lets a person set a new password once. Only its hash is stored. */
final class OneTimeCode
{
    public const HOURS = 24;

    /** Letters and figures that are not taken for each other when read out or written down. */
    private const SIGNS = 'ABCDEFGHJKMNPQRSTUVWXYZ23456789';

    public static function fresh(): string
    {
        $sign = fn (): string => self::SIGNS[random_int(0, strlen(self::SIGNS) - 1)];
        $four = fn (): string => $sign().$sign().$sign().$sign();

        return "{$four()}-{$four()}-{$four()}";
    }

    public static function for(User $user): string
    {
        $code = self::fresh();
        $user->update([
            'code' => Hash::make($code),
            'code_until' => CarbonImmutable::now('UTC')->addHours(self::HOURS),
        ]);
        RevokeAccess::everywhere($user);

        return $code;
    }

    public static function fits(?User $user, string $typed): bool
    {
        $typed = self::plain($typed);
        $isOpen = $user?->code !== null && $user->code_until?->isFuture() === true && $user->active;

        // Somebody unknown takes as long as somebody known.
        return Hash::check($typed, $isOpen ? (string) $user->code : DummyHash::get()) && $isOpen;
    }

    /** As it was given out, however it was typed. */
    public static function plain(string $typed): string
    {
        $signs = (string) preg_replace('/[^A-Z0-9]/', '', strtoupper($typed));

        return implode('-', str_split($signs === '' ? '-' : $signs, 4));
    }
}
