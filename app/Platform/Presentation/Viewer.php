<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use App\Accounts\Models\User;
use Illuminate\Support\Facades\Auth;

/** The person who looks at the page; null if nobody is signed in or the page has no session. */
final class Viewer
{
    public static function current(): ?User
    {
        $user = Auth::hasUser() || request()->hasSession() ? Auth::user() : null;

        return $user instanceof User ? $user : null;
    }
}
