<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Aenum\Core\Files\RouteFile;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class RouteFileTest extends TestCase
{
    public function test_a_file_of_the_first_release_is_still_read(): void
    {
        self::assertSame(PaintTest::NotTested, self::found([]));
        self::assertSame(PaintTest::NotTested, self::found(['paint_tested' => false]));
        self::assertSame(PaintTest::None, self::found(['paint_tested' => true]));
        self::assertSame(PaintTest::Lead, self::found(['paint_tested' => true, 'paint_test' => 'lead']));
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches('/paint_test/');
        self::found(['paint_test' => 'green']);
    }

    /** @param  array<string, mixed>  $with */
    private static function found(array $with): PaintTest
    {
        $file = ['format' => 'aenum-route/1', 'part' => ['metal' => 'carbon_steel'] + $with];

        return RouteFile::parse((string) json_encode($file))->facts->part->paintTest;
    }
}
