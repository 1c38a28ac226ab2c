<?php

declare(strict_types=1);

use App\Models\Shop;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\Artisan;

Artisan::command('demo:seed-if-empty', function (): void {
    if (Shop::query()->doesntExist()) {
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
    }
})->purpose('Fill an empty database with the demo shop');
