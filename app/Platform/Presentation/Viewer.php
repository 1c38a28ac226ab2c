<?php

declare(strict_types=1);

namespace App\Platform\Presentation;

use App\Accounts\Models\User;
use Illuminate\Support\Facades\Auth;

/** Who looks at a page: nobody where nobody is signed in, and on pages that have no session at all. */
final class Viewer
{
    public static function current(): ?User
    {
        $user = Auth::hasUser() || request()->hasSession() ? Auth::user() : null;

        return $user instanceof User ? $user : null;
    }
}
