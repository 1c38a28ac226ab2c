<?php

declare(strict_types=1);

namespace Tests\Feature;

use Carbon\CarbonImmutable;
use Database\Seeders\DemoShop;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Symfony\Component\Process\Process;

/**
 * The databases of one test process: one for tests that build their own shop, one that holds the demo shop.
 *
 * The demo shop is seeded once by whichever process needs it first, kept as a dump, and loaded by every other process
 * and every later run until code or seeders change.
 */
final class TestDatabase
{
    /** When the demo shop of the tests is opened: a Monday, 10:00 in its own zone. */
    public const DEMO_OPENED = '2026-11-23 09:00:00';

    private const DEMO_SOURCES = ['app', 'core', 'database', 'config', 'composer.pins'];

    private static bool $holdsDemo = false;

    /** Makes a database that is not there yet. */
    public static function make(string $name): void
    {
        $at = config('database.connections.mariadb');
        $server = new \PDO("mysql:host={$at['host']};port={$at['port']}", $at['username'], $at['password']);
        $server->exec("CREATE DATABASE IF NOT EXISTS `{$name}` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci");
    }

    /** Rebuilds this process's database: for tests that commit. */
    public static function reset(): void
    {
        while (DB::transactionLevel() > 0) {
            DB::rollBack();
        }
        Artisan::call('migrate:fresh', ['--force' => true]);
    }

    /** Points the app at a database that holds the demo shop as it was opened. */
    public static function useDemo(): void
    {
        $name = config('database.connections.mariadb.database').'_demo';
        config(['database.connections.mariadb.database' => $name]);
        DB::purge();
        if (! self::$holdsDemo) {
            self::make($name);
            self::loadDemo();
            self::$holdsDemo = true;
        }
    }

    private static function loadDemo(): void
    {
        $folder = dirname(storage_path()).'/test';
        @mkdir($folder, 0700, true);
        $dump = $folder.'/demo-'.self::version().'.sql';
        $lock = fopen("{$folder}/demo.lock", 'c') ?: throw new \RuntimeException("cannot write in {$folder}");
        flock($lock, LOCK_EX);
        try {
            is_file($dump) ? self::client('mariadb', '< '.escapeshellarg($dump)) : self::seedDemo($dump);
        } finally {
            fclose($lock);
        }
    }

    private static function seedDemo(string $dump): void
    {
        array_map(unlink(...), glob(dirname($dump).'/demo-*.sql') ?: []);
        Artisan::call('migrate:fresh', ['--force' => true]);
        CarbonImmutable::setTestNow(self::DEMO_OPENED);
        Artisan::call('db:seed', ['--class' => DemoShop::class, '--force' => true]);
        CarbonImmutable::setTestNow();
        self::client('mariadb-dump', '> '.escapeshellarg("{$dump}.part"));
        rename("{$dump}.part", $dump);
    }

    private static function client(string $program, string $redirect): void
    {
        $at = config('database.connections.mariadb');
        $account = "-h {$at['host']} -P {$at['port']} -u {$at['username']}";
        Process::fromShellCommandline(
            "{$program} --no-defaults {$account} {$at['database']} {$redirect}",
            env: ['MYSQL_PWD' => $at['password']],
            timeout: 120,
        )->mustRun();
    }

    /** What the demo shop is made of, as a hash. */
    private static function version(): string
    {
        $hash = hash_init('xxh128');
        foreach (self::DEMO_SOURCES as $source) {
            $path = base_path($source);
            $files = is_file($path) ? [$path] : array_map(strval(...), iterator_to_array(
                new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($path, \FilesystemIterator::SKIP_DOTS)),
                false,
            ));
            sort($files);
            foreach ($files as $file) {
                hash_update($hash, $file);
                hash_update_file($hash, $file);
            }
        }

        return hash_final($hash);
    }
}
