<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Aenum\Core\Files\PhotoFile;
use PHPUnit\Framework\TestCase;

final class PhotoFileTest extends TestCase
{
    public function test_whole_is_whole_and_cut_anywhere_it_is_not(): void
    {
        $image = imagecreatetruecolor(60, 40);
        imagefilledellipse($image, 30, 20, 20, 10, 0xA04020);
        foreach (['imagejpeg' => 1, 'imagepng' => 12, 'imagewebp' => 1] as $writes => $last) {
            ob_start();
            $writes($image);
            $bytes = (string) ob_get_clean();
            self::assertTrue(PhotoFile::isWhole($bytes), $writes);
            self::assertTrue(PhotoFile::isWhole($bytes."\xFF\xDAtrailing"), "{$writes} with something behind it");
            for ($cut = $last; $cut < strlen($bytes); $cut += 17) {
                self::assertFalse(PhotoFile::isWhole(substr($bytes, 0, -$cut)), "{$writes} less {$cut}");
            }
        }
    }

    public function test_the_end_of_a_picture_inside_is_not_that_of_the_photo(): void
    {
        $inside = "\xFF\xE1\x00\x08ab\xFF\xD9cd";
        self::assertFalse(PhotoFile::isWhole("\xFF\xD8{$inside}\xFF\xDA\x00\x02data"));
        self::assertTrue(PhotoFile::isWhole("\xFF\xD8{$inside}\xFF\xDA\x00\x02data\xFF\xD9"));
        self::assertFalse(PhotoFile::isWhole(''));
        self::assertFalse(PhotoFile::isWhole('BM a bitmap'));
    }
}
