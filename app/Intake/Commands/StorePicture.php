<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Files\PhotoFile;
use App\Accounts\Models\User;
use App\Catalog\Models\Powder;
use App\Catalog\Models\PowderPicture;
use App\Intake\Models\Part;
use App\Intake\Models\Picture;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Support\Str;
use League\Flysystem\UnableToWriteFile;

/** Stores a photo re-encoded: turned upright, scaled down, without metadata. */
final class StorePicture
{
    public const LARGEST_BYTES = 15 * 1024 * 1024;

    /** More than this is not a photo but a trap. */
    private const MOST_PIXELS = 60_000_000;

    /** A decoded picture takes four bytes a pixel that PHP's memory limit does not count. Larger ones take turns. */
    private const LARGE_PIXELS = 4_000_000;

    private const LONGEST_SIDE = 1800;

    private const MOST = 12;

    private const KINDS = [IMAGETYPE_JPEG, IMAGETYPE_PNG, IMAGETYPE_WEBP];

    /** @param  float  $waitS  for another picture that is being decoded */
    public function __construct(private readonly float $waitS = 20.0)
    {
    }

    /** @throws Refused naming what is wrong with the file */
    public function __invoke(Part $part, UploadedFile $file, User $by, string $shows = 'before'): Picture
    {
        $this->allow(
            $part->pictures()->count() < self::MOST,
            'There are '.self::MOST.' photos of this part already; take one away first.',
        );
        [$name, $wide, $high] = $this->written($file, "pictures/{$part->id}");

        return Picture::query()->create([
            'part_id' => $part->id,
            'shows' => $shows,
            'file' => $name,
            'width' => $wide,
            'height' => $high,
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]);
    }

    /**
     * A powder as it looks, raw or cured.
     *
     * @param  string  $shows  as PowderPicture has it
     *
     * @throws Refused naming what is wrong with the file
     */
    public function ofPowder(Powder $powder, UploadedFile $file, string $shows, User $by): PowderPicture
    {
        $this->allow(
            $powder->looks()->count() < self::MOST,
            'There are '.self::MOST.' photos of this powder already; take one away first.',
        );
        [$name, $wide, $high] = $this->written($file, "powders/{$powder->id}");

        return PowderPicture::query()->create([
            'powder_id' => $powder->id,
            'shows' => $shows,
            'file' => $name,
            'width' => $wide,
            'height' => $high,
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]);
    }

    /** @return array{string, int, int} the file as it is kept, its width and height */
    private function written(UploadedFile $file, string $folder): array
    {
        $this->allow(
            $file->isValid() && $file->getSize() <= self::LARGEST_BYTES,
            'Photo did not arrive whole or is too large; allowed: JPEG, PNG or WebP up to 15 MB.',
        );
        $path = $file->getPathname();
        $size = @getimagesize($path);
        $this->allow(
            $size !== false && in_array($size[2], self::KINDS, true),
            'Photo is not a picture we read; allowed: JPEG, PNG or WebP up to 15 MB.',
        );
        $this->allow(
            $size !== false && $size[0] > 0 && $size[1] > 0 && $size[0] * $size[1] <= self::MOST_PIXELS,
            'Photo has too many pixels; allowed: up to 60 million.',
        );
        $turn = $size !== false && $size[0] * $size[1] > self::LARGE_PIXELS ? $this->turn() : null;
        $image = $this->smaller($this->whole($path));
        // Closing it lets the next one go on; a worker that dies closes it too.
        $turn === null ?: fclose($turn);
        $image = $this->upright($image, $path, $size[2] ?? 0);
        $name = "{$folder}/".Str::uuid().'.jpg';
        ob_start();
        imagejpeg($image, null, 84);
        $this->keep($name, (string) ob_get_clean());

        return [$name, imagesx($image), imagesy($image)];
    }

    /**
     * Waits until no other large picture is being decoded on this machine.
     *
     * @return resource to be closed afterwards
     */
    private function turn()
    {
        $lock = fopen(storage_path('framework/decoding.lock'), 'c') ?: abort(507);
        for ($until = microtime(true) + $this->waitS; ! flock($lock, LOCK_EX | LOCK_NB); usleep(50_000)) {
            $this->allow(microtime(true) < $until, 'Photo has to wait for others that are being read; send it again.');
        }

        return $lock;
    }

    private function allow(bool $fine, string $wrong): void
    {
        if (! $fine) {
            throw Refused::because(['photo' => $wrong]);
        }
    }

    private function whole(string $path): \GdImage
    {
        $bytes = (string) file_get_contents($path);
        $this->allow(PhotoFile::isWhole($bytes), 'Photo did not arrive whole; send it again.');

        return @imagecreatefromstring($bytes) ?: throw Refused::because([
            'photo' => 'Photo is damaged and cannot be read; take it again.',
        ]);
    }

    /** On the disk whole, or not at all. */
    private function keep(string $name, string $bytes): void
    {
        $disk = Storage::disk();
        try {
            $disk->put($name, $bytes);
        } catch (UnableToWriteFile) {
            $disk->delete($name);
            abort(507);
        }
    }

    /** A camera held sideways says so in the file; the picture is turned once and for all. */
    private function upright(\GdImage $image, string $path, int $kind): \GdImage
    {
        $told = $kind === IMAGETYPE_JPEG ? @exif_read_data($path) : false;
        $turn = match ($told === false ? 1 : (int) ($told['Orientation'] ?? 1)) {
            3, 4 => 180,
            5, 6 => 270,
            7, 8 => 90,
            default => 0,
        };

        return $turn === 0 ? $image : (imagerotate($image, $turn, 0) ?: $image);
    }

    /** At most so many pixels a side, on white where the picture was see-through. */
    private function smaller(\GdImage $image): \GdImage
    {
        $share = min(1.0, self::LONGEST_SIDE / max(imagesx($image), imagesy($image)));
        $wide = max(1, (int) round($share * imagesx($image)));
        $high = max(1, (int) round($share * imagesy($image)));
        $out = imagecreatetruecolor($wide, $high);
        imagefill($out, 0, 0, (int) imagecolorallocate($out, 255, 255, 255));
        imagecopyresampled($out, $image, 0, 0, 0, 0, $wide, $high, imagesx($image), imagesy($image));

        return $out;
    }
}
