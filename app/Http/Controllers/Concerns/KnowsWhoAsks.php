<?php

declare(strict_types=1);

namespace App\Http\Controllers\Concerns;

use App\Models\User;
use Illuminate\Http\Request;

/** The person behind a request that asked for a sign-in. */
trait KnowsWhoAsks
{
    private function person(Request $request): User
    {
        /** @var User */
        return $request->user();
    }
}
