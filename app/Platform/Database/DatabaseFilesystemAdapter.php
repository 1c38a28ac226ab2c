<?php

declare(strict_types=1);

namespace App\Platform\Database;

use Carbon\CarbonImmutable;
use finfo;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use League\Flysystem\Config;
use League\Flysystem\FileAttributes;
use League\Flysystem\FilesystemAdapter;
use League\Flysystem\UnableToReadFile;
use League\Flysystem\UnableToRetrieveMetadata;
use League\Flysystem\UnableToSetVisibility;

/**
 * Stores files as rows, for shops on several machines: they replicate and roll back with the rows that refer to them.
 */
final class DatabaseFilesystemAdapter implements FilesystemAdapter
{
    public function fileExists(string $path): bool
    {
        return $this->at($path)->exists();
    }

    public function directoryExists(string $path): bool
    {
        return $this->below($path)->exists();
    }

    public function write(string $path, string $contents, Config $config): void
    {
        DB::table('stored_files')->upsert(
            [['path' => $path, 'bytes' => $contents, 'at' => CarbonImmutable::now('UTC')->format('Y-m-d H:i:s.v')]],
            'path',
        );
    }

    public function writeStream(string $path, $contents, Config $config): void
    {
        $this->write($path, (string) stream_get_contents($contents), $config);
    }

    public function read(string $path): string
    {
        return $this->at($path)->value('bytes') ?? throw UnableToReadFile::fromLocation($path, 'there is none');
    }

    public function readStream(string $path)
    {
        $stream = fopen('php://temp', 'r+b') ?: throw UnableToReadFile::fromLocation($path, 'no room');
        fwrite($stream, $this->read($path));
        rewind($stream);

        return $stream;
    }

    public function delete(string $path): void
    {
        $this->at($path)->delete();
    }

    public function deleteDirectory(string $path): void
    {
        $this->below($path)->delete();
    }

    public function createDirectory(string $path, Config $config): void
    {
    }

    public function setVisibility(string $path, string $visibility): void
    {
        throw UnableToSetVisibility::atLocation($path, 'all of it is private');
    }

    public function visibility(string $path): FileAttributes
    {
        return new FileAttributes($path, null, 'private');
    }

    public function mimeType(string $path): FileAttributes
    {
        $type = (new finfo(FILEINFO_MIME_TYPE))->buffer($this->read($path));

        return $type === false
            ? throw UnableToRetrieveMetadata::mimeType($path)
            : new FileAttributes($path, mimeType: $type);
    }

    public function lastModified(string $path): FileAttributes
    {
        $at = $this->at($path)->value('at') ?? throw UnableToRetrieveMetadata::lastModified($path, 'there is none');

        return new FileAttributes($path, lastModified: CarbonImmutable::parse($at, 'UTC')->getTimestamp());
    }

    public function fileSize(string $path): FileAttributes
    {
        $size = $this->at($path)->selectRaw('LENGTH(bytes) as size')->value('size')
            ?? throw UnableToRetrieveMetadata::fileSize($path, 'there is none');

        return new FileAttributes($path, (int) $size);
    }

    public function listContents(string $path, bool $deep): iterable
    {
        foreach ($this->below($path)->orderBy('path')->pluck('path') as $one) {
            $rest = ltrim(substr($one, strlen($path)), '/');
            if ($deep || ! str_contains($rest, '/')) {
                yield new FileAttributes($one);
            }
        }
    }

    public function move(string $source, string $destination, Config $config): void
    {
        DB::transaction(function () use ($source, $destination): void {
            $this->delete($destination);
            $this->at($source)->update(['path' => $destination]);
        });
    }

    public function copy(string $source, string $destination, Config $config): void
    {
        $this->write($destination, $this->read($source), $config);
    }

    private function at(string $path): Builder
    {
        return DB::table('stored_files')->where('path', $path);
    }

    private function below(string $path): Builder
    {
        return DB::table('stored_files')->whereLike('path', $path === '' ? '%' : addcslashes($path, '%_\\').'/%', true);
    }
}
