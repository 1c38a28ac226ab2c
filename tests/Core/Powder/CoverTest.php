<?php

declare(strict_types=1);

namespace Tests\Core\Powder;

use Aenum\Core\Powder\Cover;
use Aenum\Core\Unit\InvalidQuantity;
use PHPUnit\Framework\TestCase;

final class CoverTest extends TestCase
{
    public function test_cover_by_hand(): void
    {
        self::assertEqualsWithDelta(5.71, Cover::m2PerKg(1.55, 70, 0.62), 0.005);
        // One square metre at 100 µm of something as heavy as water, all of it landing: 0.1 kg.
        self::assertEqualsWithDelta(10.0, Cover::m2PerKg(1.0, 100, 1.0), 1e-12);
    }

    public function test_half_the_film_goes_twice_as_far(): void
    {
        self::assertEqualsWithDelta(2 * Cover::m2PerKg(1.4, 80, 0.6), Cover::m2PerKg(1.4, 40, 0.6), 1e-12);
    }

    public function test_what_cannot_be_is_refused_by_name(): void
    {
        foreach (
            [
                [0.4, 70, 0.6, 'sg'],
                [1.5, 0, 0.6, 'film_um'],
                [1.5, 70, 0, 'efficiency'],
                [1.5, 70, 1.01, 'efficiency'],
                [1.5, 2001, 0.5, 'film_um'],
            ] as [$sg, $film, $efficiency, $place]
        ) {
            try {
                Cover::m2PerKg($sg, $film, $efficiency);
                self::fail('taken');
            } catch (InvalidQuantity $e) {
                self::assertSame($place, $e->place);
            }
        }
    }
}
