<?php

declare(strict_types=1);

namespace Tests\Core\Geometry;

use Aenum\Core\Geometry\MeshReader;
use Aenum\Core\Geometry\Span;
use Aenum\Core\Geometry\Work;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class WorkTest extends TestCase
{
    /** @return resource a binary STL of so many large triangles over each other */
    private function pile(int $triangles)
    {
        $stream = fopen('php://temp', 'w+b');
        self::assertIsResource($stream);
        fwrite($stream, str_repeat("\0", 80).pack('V', $triangles));
        for ($n = 0; $n < $triangles; $n++) {
            fwrite($stream, pack('g12v', 0, 0, 1, 0, 0, $n % 7, 100, 0, $n % 5, 0, 100, $n % 3, 0));
        }
        rewind($stream);

        return $stream;
    }

    public function test_faces_over_each_other_are_refused_before_they_keep_a_shop_waiting(): void
    {
        [$mesh] = MeshReader::readWithPicture($this->pile(200), 84 + 50 * 200, 'stl');
        self::assertSame(200, $mesh->triangles);
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessage('faces that lie over each other thousands of times');
        MeshReader::readWithPicture($this->pile(1500), 84 + 50 * 1500, 'stl');
    }

    public function test_a_face_of_a_line_too_long_is_refused(): void
    {
        $stream = fopen('php://temp', 'w+b');
        self::assertIsResource($stream);
        fwrite($stream, "v 0 0 0\nv 1 0 0\nv 0 1 0\nf".str_repeat(' 1 2 3', 20_000)."\n");
        rewind($stream);
        $this->expectExceptionMessage('line 4 is longer than 65536 characters');
        MeshReader::read($stream, 120_000, 'obj');
    }

    public function test_a_budget_is_spent_to_its_end(): void
    {
        $work = new Work(10);
        $work->spend(4);
        $work->spend(6);
        $this->expectException(InvalidInput::class);
        $work->spend(1);
    }

    public function test_a_line_meets_a_triangle_where_its_sides_are(): void
    {
        self::assertSame([0.0, 3.0], Span::across(1, 0, 0, 4, 0, 0, 4));
        self::assertSame([2.0, 2.0], Span::across(4, 0, 0, 4, 2, 0, 4));
        [$from, $to] = Span::across(5, 0, 0, 4, 0, 0, 4);
        self::assertGreaterThan($to, $from);
    }
}
