<?php

declare(strict_types=1);

namespace App\Platform\Demo;

use App\Accounts\Models\User;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\IpUtils;

/**
 * Sign-ins of the demo shop. On loopback they are public; reachable from other machines they are generated and shown on
 * the console only.
 */
final class DemoSignIns
{
    public const PASSWORD = 'lantern-on-the-pier';

    private const FILE = 'demo-passwords.json';

    /** @return array<string, string> e-mail => password, as they are now */
    public static function all(): array
    {
        $kept = json_decode((string) @file_get_contents(self::path()), true);
        $fresh = is_array($kept) ? array_filter($kept, is_string(...)) : [];
        $people = User::query()->get()->filter(fn (User $one): bool => str_ends_with($one->email, '.example'));
        foreach ($people as $person) {
            if (config('app.loopback') && ! isset($fresh[$person->email])) {
                continue;
            }
            $fresh[$person->email] ??= Str::lower(Str::random(5).'-'.Str::random(5).'-'.Str::random(5));
            // What a fresh demo was laid with is changed; what somebody chose since is not known here and stays.
            if (password_verify(self::PASSWORD, $person->getAuthPassword())) {
                $person->update(['password' => $fresh[$person->email]]);
            }
        }
        if ($fresh !== []) {
            file_put_contents(self::path(), json_encode($fresh, JSON_THROW_ON_ERROR));
            chmod(self::path(), 0600);
        }

        return $people->mapWithKeys(fn (User $one): array => [
            $one->email => $fresh[$one->email] ?? self::PASSWORD,
        ])->all();
    }

    /** Whether the sign-in page may tell them: to this machine itself, while they are the known ones. */
    public static function shownTo(Request $request): bool
    {
        return config('app.demo') && config('app.loopback') && ! is_file(self::path())
            && IpUtils::checkIp((string) $request->ip(), ['127.0.0.0/8', '::1']);
    }

    private static function path(): string
    {
        return storage_path(self::FILE);
    }
}
