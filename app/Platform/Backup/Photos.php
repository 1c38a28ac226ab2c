<?php

declare(strict_types=1);

namespace App\Platform\Backup;

use Illuminate\Contracts\Filesystem\Filesystem;
use Illuminate\Support\Facades\Storage;

/** Copies all photos between the install and a folder. */
final class Photos
{
    /** @return int how many were copied into the folder */
    public static function copyOut(string $dir): int
    {
        return self::between(Storage::disk(), Storage::build(['driver' => 'local', 'root' => $dir, 'throw' => true]));
    }

    /** @return int how many the folder gave */
    public static function takeIn(string $dir): int
    {
        return self::between(Storage::build(['driver' => 'local', 'root' => $dir, 'throw' => true]), Storage::disk());
    }

    private static function between(Filesystem $from, Filesystem $to): int
    {
        $files = $from->allFiles();
        foreach ($files as $path) {
            $to->put($path, (string) $from->get($path));
        }

        return count($files);
    }
}
