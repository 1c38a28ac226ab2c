<?php

declare(strict_types=1);

namespace Tests\Core\Mask;

use Aenum\Core\Mask\MaskKind;
use Aenum\Core\Mask\MaskPick;
use Aenum\Core\Mask\PinKind;
use Aenum\Core\Mask\StockMask;
use Aenum\Core\Unit\UnitSystem;
use PHPUnit\Framework\TestCase;

final class MaskPickTest extends TestCase
{
    /** @return list<StockMask> */
    private static function shelf(): array
    {
        return [
            new StockMask(1, 'plug 10–14', MaskKind::Plug, 'silicone', 10, 14, 260, 100),
            new StockMask(2, 'plug 11–13', MaskKind::Plug, 'silicone', 11, 13, 260, 100),
            new StockMask(3, 'plug 11.5–12.5', MaskKind::Plug, 'silicone', 11.5, 12.5, 260, 3),
            new StockMask(4, 'cap 10–13', MaskKind::Cap, 'silicone', 10, 13, 260, 100),
            new StockMask(5, 'green disc sheet', MaskKind::Disc, 'polyester', 20, 60, 204, 100),
            new StockMask(6, 'amber tape 25', MaskKind::Tape, 'polyimide', 25, 25, 260, 30),
            new StockMask(7, 'paper tape 25', MaskKind::Tape, 'paper', 25, 25, null, 50),
        ];
    }

    private static function pick(
        PinKind $kind,
        ?float $size,
        ?float $hottest = 200,
        int $places = 2,
        int $pieces = 10,
        bool $stud = false,
    ): MaskPick {
        return MaskPick::for($kind, $size, $stud, $places, $pieces, $hottest, self::shelf());
    }

    public function test_the_nearest_that_seals_and_is_there_in_number(): void
    {
        self::assertSame(2, self::pick(PinKind::Bore, 12.1)->mask?->id, 'the nearest has only three left');
        self::assertSame(
            3,
            MaskPick::for(PinKind::Bore, 12.0, false, 1, 3, 200, [self::shelf()[0], self::shelf()[2]])->mask?->id,
        );
        self::assertTrue(self::pick(PinKind::Bore, 12)->enough);
        self::assertSame(1, self::pick(PinKind::Thread, 10.5)->mask?->id);
        self::assertSame(4, self::pick(PinKind::Thread, 12, stud: true)->mask?->id);
        self::assertStringContainsString(
            'No plug or foil on the shelf seals 40 mm',
            self::pick(PinKind::Bore, 40)->why->in(UnitSystem::Metric),
        );
        self::assertStringContainsString(
            'measure it',
            self::pick(PinKind::Seat, null)->why->in(UnitSystem::Metric),
        );
        self::assertEqualsWithDelta(20 * 0.4, self::pick(PinKind::Bore, 12)->minutes, 1e-9);
    }

    public function test_it_must_stand_every_bake_it_sits_through(): void
    {
        self::assertSame(5, self::pick(PinKind::Face, 40, 194)->mask?->id);
        self::assertSame(6, self::pick(PinKind::Face, 40, 194.1)->mask?->id, 'ten kelvin to spare');
        $hot = self::pick(PinKind::Face, 40, 210);
        self::assertSame(6, $hot->mask?->id, 'polyester gives way to polyimide');
        self::assertStringContainsString('Not green disc sheet', $hot->why->in(UnitSystem::Metric));
        $tooHot = self::pick(PinKind::Bore, 12, 290);
        self::assertNull($tooHot->mask);
        self::assertStringContainsString('does not stand 290', $tooHot->why->in(UnitSystem::Metric));
        // Paper never goes into the oven, and is fine where there is none.
        $paper = [self::shelf()[6]];
        self::assertNull(MaskPick::for(PinKind::Face, 30, false, 1, 1, 120, $paper)->mask);
        self::assertSame(7, MaskPick::for(PinKind::Face, 30, false, 1, 1, null, $paper)->mask?->id);
    }

    public function test_cut_list_for_tape_and_discs(): void
    {
        $tape = self::pick(PinKind::Seat, 80, 230, places: 1, pieces: 4);
        // 83 mm to cover, 22 mm a strip: four strips of 86 mm each, on four pieces.
        self::assertSame(
            '4 × 4 strips of 86 mm; burnish the edges, trim to the line.',
            $tape->cut?->in(UnitSystem::Metric),
        );
        self::assertEqualsWithDelta(4 * 4 * 0.086, $tape->tapeM, 1e-9);
        self::assertEqualsWithDelta(4 * 4 * 2.5, $tape->minutes, 1e-9);
        self::assertStringContainsString(
            '2 discs of 40 mm',
            (string) self::pick(PinKind::Face, 40, 190, places: 1, pieces: 2)->cut?->in(UnitSystem::Metric),
        );
        self::assertFalse(self::pick(PinKind::Seat, 200, 230, places: 4, pieces: 40)->enough);
    }
}
