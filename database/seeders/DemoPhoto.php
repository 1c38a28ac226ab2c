<?php

declare(strict_types=1);

namespace Database\Seeders;

use Illuminate\Http\UploadedFile;

/**
 * Made-up photos of made-up parts, drawn on the spot: a lantern body on a bench, and a bollard base with its cap off.
 */
final class DemoPhoto
{
    public static function lantern(): UploadedFile
    {
        [$image, $ink] = self::bench();
        $metal = self::shade($image, 148, 152, 150);
        imagefilledpolygon($image, [430, 150, 770, 150, 820, 560, 380, 560], $metal);
        imagefilledpolygon($image, [470, 190, 590, 190, 585, 520, 435, 520], self::shade($image, 70, 84, 92));
        imagefilledpolygon($image, [612, 190, 730, 190, 765, 520, 617, 520], self::shade($image, 82, 96, 104));
        imagefilledrectangle($image, 350, 560, 850, 640, self::shade($image, 120, 124, 122));
        imagefilledellipse($image, 600, 140, 190, 60, self::shade($image, 132, 136, 134));
        imagefilledellipse($image, 600, 138, 70, 24, $ink);
        foreach ([400, 520, 680, 800] as $x) {
            imagefilledellipse($image, $x, 600, 34, 34, $ink);
        }
        imageline($image, 700, 420, 745, 470, self::shade($image, 60, 30, 26));
        imageline($image, 702, 424, 730, 490, self::shade($image, 60, 30, 26));

        return self::file($image);
    }

    public static function bollard(): UploadedFile
    {
        [$image, $ink] = self::bench();
        imagefilledpolygon($image, [380, 620, 820, 620, 720, 300, 480, 300], self::shade($image, 92, 78, 70));
        imagefilledellipse($image, 600, 300, 240, 80, self::shade($image, 112, 96, 86));
        imagefilledellipse($image, 600, 300, 150, 46, $ink);
        foreach ([450, 600, 750] as $x) {
            imagefilledellipse($image, $x, 590, 40, 26, $ink);
        }
        imagefilledellipse($image, 930, 600, 150, 70, self::shade($image, 104, 90, 82));

        return self::file($image);
    }

    /** @return array{\GdImage, int} */
    private static function bench(): array
    {
        $image = imagecreatetruecolor(1200, 800);
        for ($y = 0; $y < 800; $y++) {
            imageline(
                $image,
                0,
                $y,
                1199,
                $y,
                self::shade($image, 214 - intdiv($y, 16), 208 - intdiv($y, 16), 196 - intdiv($y, 14)),
            );
        }
        imagefilledrectangle($image, 0, 620, 1199, 799, self::shade($image, 128, 100, 74));

        return [$image, self::shade($image, 34, 38, 40)];
    }

    private static function shade(\GdImage $image, int $red, int $green, int $blue): int
    {
        return (int) imagecolorallocate(
            $image,
            min(255, max(0, $red)),
            min(255, max(0, $green)),
            min(255, max(0, $blue)),
        );
    }

    private static function file(\GdImage $image): UploadedFile
    {
        $path = (string) tempnam(sys_get_temp_dir(), 'photo');
        imagejpeg($image, $path, 90);

        return new UploadedFile($path, 'photo.jpg', 'image/jpeg', null, true);
    }
}
