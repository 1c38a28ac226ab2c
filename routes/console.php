<?php

declare(strict_types=1);

use App\Models\Shop;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('demo:seed-if-empty', function (): void {
    // What nobody has touched is laid anew, so that whoever comes on the second day sees work under way.
    $stale = Shop::query()->where('created_at', '<', now()->subHours(DemoShop::STALE_H));
    if (config('app.demo') && DB::table('spent_tokens')->doesntExist() && $stale->exists()) {
        Artisan::call('migrate:fresh', ['--force' => true]);
    }
    if (Shop::query()->doesntExist()) {
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
    }
})->purpose('Fill an empty database with the demo shop, and lay one that nobody has touched anew');
