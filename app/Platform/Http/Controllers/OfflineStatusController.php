<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

/** Tells a tablet who is signed in and the current CSRF token. */
final class OfflineStatusController
{
    public function __invoke(Request $request): JsonResponse
    {
        return response()->json([
            'user' => $request->user()?->getAuthIdentifier(),
            'token' => csrf_token(),
            // A tablet that compares it with its own clock knows when that was set.
            'now' => now()->getTimestampMs(),
        ]);
    }
}
