<?php

declare(strict_types=1);

use App\DeviceApi\DeviceEndpoint;
use App\DeviceApi\Http\Controllers\DeviceApiController;
use App\DeviceApi\Http\Middleware\ValidateJsonSchema;
use App\Platform\Concurrency\LockBoundModels;
use App\Platform\Idempotency\EnforceIdempotencyKey;
use Illuminate\Support\Facades\Route;

foreach (['number', 'bake', 'load', 'batch'] as $number) {
    Route::pattern($number, '[0-9]{1,9}');
}

// Every endpoint is a case of DeviceEndpoint. AuthenticateDevice has checked the token before.
foreach (DeviceEndpoint::cases() as $call) {
    Route::match([$call->method()], $call->path(), [DeviceApiController::class, $call->value])
        ->defaults('call', $call->value)
        ->name("door.{$call->value}")
        ->middleware($call->asks() === null
            ? []
            : [ValidateJsonSchema::class, EnforceIdempotencyKey::class, LockBoundModels::class]);
}
