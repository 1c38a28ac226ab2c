<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use App\Accounts\Models\User;
use Illuminate\Http\Request;

/** The signed-in person of a request behind the auth middleware. */
trait RequiresUser
{
    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
