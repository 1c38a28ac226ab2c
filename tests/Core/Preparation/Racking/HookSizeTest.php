<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Racking;

use Aenum\Core\Preparation\Racking\HookSize;
use PHPUnit\Framework\TestCase;

final class HookSizeTest extends TestCase
{
    public function test_the_lightest_that_carries_it(): void
    {
        self::assertSame(HookSize::Fine, HookSize::for(2.0));
        self::assertSame(HookSize::Medium, HookSize::for(2.01));
        self::assertSame(HookSize::Medium, HookSize::for(10.0));
        self::assertSame(HookSize::Heavy, HookSize::for(40.0));
        self::assertSame(HookSize::Chain, HookSize::for(40.1));
        self::assertSame([2.0, 10.0], HookSize::Medium->range());
        self::assertSame(0.0, HookSize::Fine->range()[0]);
    }

    public function test_after_eight_bakes_they_want_cleaning(): void
    {
        self::assertFalse(HookSize::wantsCleaning(7));
        self::assertTrue(HookSize::wantsCleaning(8));
    }
}
