<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use App\Accounts\Models\User;
use Illuminate\Http\Request;

/** The person behind a request that asked for a sign-in. */
trait RequiresUser
{
    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
