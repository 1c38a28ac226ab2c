<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Racking;

use Aenum\Core\Preparation\Racking\OvenSpace;
use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use PHPUnit\Framework\TestCase;

/** What is refused cannot be made to fit. */
final class OvenSpaceTest extends TestCase
{
    /** @return array{rack: Rack, pieces: int, kg: float} racks of five, 950 mm long and 100 deep */
    private static function racks(int $pieces): array
    {
        $set = RackSetting::of([100.0, 300.0, 100.0], 5, 1, 212.5, 400.0, 1);

        return ['rack' => Rack::of($set, 2.0), 'pieces' => $pieces, 'kg' => 2.0 * $pieces];
    }

    public function test_footprints_and_weight_are_summed_and_judged_at_their_edge(): void
    {
        // Each rack takes 1000 by 150 mm with its clearance; twelve fill 1800 by 1000.
        $room = [1800.0, 2000.0, 1000.0];
        self::assertNull(OvenSpace::against($room, null, [self::racks(60)]));
        $against = OvenSpace::against($room, null, [self::racks(61)]);
        self::assertStringContainsString('of the floor there is', (string) $against?->words);
        self::assertSame('108', $against?->with['needed']);
        self::assertNull(OvenSpace::against($room, 120.0, [self::racks(30), self::racks(30)]));
        self::assertStringContainsString(
            'the rail carries',
            (string) OvenSpace::against($room, 119.9, [self::racks(30), self::racks(30)])?->words,
        );
        // Where nobody has measured, nothing is said.
        self::assertNull(OvenSpace::against(null, null, [self::racks(5000)]));
        self::assertNull(OvenSpace::against($room, null, [['rack' => null, 'pieces' => 900, 'kg' => 1.0]]));
    }
}
