<?php

declare(strict_types=1);

use App\Accounts\Commands\FirstRunCode;
use App\Accounts\Commands\RevokeAccess;
use App\Accounts\Models\Shop;
use App\Curing\Commands\RunOven;
use App\Curing\Models\OvenLoad;
use App\Platform\Backup\Photos;
use App\Platform\Demo\DemoSignIns;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;

Artisan::command('demo:seed-if-empty', function (): void {
    // What nobody has touched is laid anew, so that whoever comes on the second day sees work under way.
    $stale = Shop::query()->where('created_at', '<', now()->subHours(DemoShop::STALE_H));
    if (config('app.demo') && DB::table('idempotency_tokens')->doesntExist() && $stale->exists()) {
        Artisan::call('migrate:fresh', ['--force' => true]);
    }
    if (Shop::query()->doesntExist()) {
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
    }
})->purpose('Fill an empty database with the demo shop, and lay one that nobody has touched anew');

Artisan::command('loads:expect-pulls', function (): void {
    foreach (OvenLoad::query()->where('status', 'running')->whereNull('expected_pull_at')->get() as $load) {
        (new RunOven())->follow($load);
    }
})->purpose('Compute when running loads are to be pulled, where an earlier release kept no such time');

$say = fn (string $line) => fwrite(STDOUT, $line.PHP_EOL);

Artisan::command('demo:sign-ins', function () use ($say): void {
    $known = config('app.loopback');
    $say($known
        ? 'Demo sign-ins:'
        : 'This demo can be reached from other machines, so its passwords are fresh ones, told only here:');
    foreach (DemoSignIns::all() as $email => $password) {
        $say("  {$email}  {$password}");
    }
})->purpose('Tell the sign-ins of the demo shop; fresh ones where it can be reached from elsewhere');

Artisan::command('shop:first-run', function () use ($say): void {
    $say(Shop::query()->exists()
        ? 'Sign in with your own e-mail.'
        : 'Open it with this code, once: '.FirstRunCode::code());
})->purpose('Print the code that opens a new shop');

Artisan::command('access:end', function (): void {
    RevokeAccess::ofEverybody();
})->purpose('End all sessions, device tokens, calendar feeds and codes, as after a restore');

// Photos that are kept in the database, out of it and into it: a folder as ./backup and ./restore know it.
Artisan::command('files:copy-out {dir}', function (string $dir) use ($say): void {
    $copied = Photos::copyOut($dir);
    $say("{$copied} files copied out to {$dir}.");
})->purpose('Write every photo kept in the database into a folder');

Artisan::command('files:take-in {dir}', function (string $dir) use ($say): void {
    $taken = Photos::takeIn($dir);
    $say("{$taken} files taken in from {$dir}.");
})->purpose('Put every photo of a folder where this install keeps them');
