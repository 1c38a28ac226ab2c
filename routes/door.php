<?php

declare(strict_types=1);

use App\Devices\DoorCall;
use App\Http\Controllers\DoorController;
use App\Http\Middleware\AsAsked;
use App\Http\Middleware\HoldFirst;
use App\Http\Middleware\OnceByKey;
use Illuminate\Support\Facades\Route;

foreach (['number', 'bake', 'load', 'lot'] as $number) {
    Route::pattern($number, '[0-9]{1,9}');
}

// The device door: what can be asked is DoorCall's to say. Nothing gets this far without a token (ByToken).
foreach (DoorCall::cases() as $call) {
    Route::match([$call->method()], $call->path(), [DoorController::class, $call->value])
        ->defaults('call', $call->value)
        ->name("door.{$call->value}")
        ->middleware($call->asks() === null
            ? []
            : [AsAsked::class, OnceByKey::class, HoldFirst::class]);
}
