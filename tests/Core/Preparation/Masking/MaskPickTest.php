<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Masking;

use Aenum\Core\Preparation\Masking\MaskKind;
use Aenum\Core\Preparation\Masking\MaskPick;
use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Preparation\Masking\StockMask;
use Aenum\Core\Preparation\Masking\UsualMasks;
use Aenum\Core\Units\UnitSystem;
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

    public function test_the_edges_of_what_a_mask_seals(): void
    {
        $plug = new StockMask(1, 'plug', MaskKind::Plug, 'silicone', 10, 14, 260, 5);
        self::assertSame(
            [false, true, true, false],
            array_map($plug->seals(...), [9.99, 10.0, 14.0, 14.01]),
        );
        self::assertSame(12.0, $plug->middleMm());
        $tape = new StockMask(2, 'tape', MaskKind::Tape, 'polyester', 25, 25, 204, 5);
        self::assertTrue($tape->seals(400.0), 'tape covers any');
        self::assertTrue($tape->stands(null));
        self::assertTrue($tape->stands(194.0));
        self::assertFalse($tape->stands(194.1));
    }

    public function test_of_two_as_near_the_narrower_is_taken_and_what_there_is_enough_of_first(): void
    {
        $mask = fn (int $id, float $from, float $to, int $held): StockMask => new StockMask(
            $id, "plug {$id}", MaskKind::Plug, 'silicone', $from, $to, 260, $held,
        );
        $pick = fn (StockMask ...$stock): ?int => MaskPick::for(
            PinKind::Bore, 12.0, false, 1, 10, 200, array_values($stock),
        )->mask?->id;
        self::assertSame(2, $pick($mask(1, 10, 14, 10), $mask(2, 11, 13, 10)));
        self::assertSame(1, $pick($mask(1, 10, 14, 10), $mask(2, 11, 13, 9)), 'nine are not ten');
        self::assertSame(2, $pick($mask(1, 10, 14, 3), $mask(2, 11, 13, 9)), 'where neither is enough, the nearer');
        $few = MaskPick::for(PinKind::Bore, 12.0, false, 1, 10, 200, [$mask(1, 10, 14, 9)]);
        self::assertSame([1, false], [$few->mask?->id, $few->enough]);
    }

    public function test_an_earth_face_nobody_measured_is_a_usual_point(): void
    {
        $earth = self::pick(PinKind::EarthFace, null, 190, places: 1, pieces: 1);
        self::assertSame(6, $earth->mask?->id, 'twelve millimetres are less than the sheet is cut for');
        self::assertStringStartsWith('1 × 1 strips of 18 mm;', (string) $earth->cut?->in(UnitSystem::Metric));
        self::assertNull(self::pick(PinKind::Face, null)->mask);
    }

    public function test_why_it_is_that_one_is_said(): void
    {
        $why = fn (MaskPick $pick): string => $pick->why->in(UnitSystem::Metric);
        self::assertSame(
            'Seals 11 to 13 mm, asked 12 mm; stands 260 °C, the hottest bake is 200 °C.',
            $why(self::pick(PinKind::Bore, 12)),
        );
        self::assertStringEndsWith('; sees no oven.', $why(self::pick(PinKind::Bore, 12, null)));
        self::assertSame(
            'Tape, 25 mm wide; stands 260 °C, the hottest bake is 230 °C.'
            .' Not green disc sheet, paper tape 25: it would not stand the bake.',
            $why(self::pick(PinKind::Face, 40, 230)),
        );
        self::assertNull(self::pick(PinKind::Bore, 12)->cut, 'nothing is cut from a plug');
        self::assertSame(0.0, self::pick(PinKind::Bore, 12)->tapeM);
        $none = self::pick(PinKind::Bore, 40);
        self::assertSame([null, 0.0, 0.0, false], [$none->mask, $none->minutes, $none->tapeM, $none->enough]);
    }

    public function test_a_disc_of_just_the_size_is_not_cut(): void
    {
        $disc = fn (float $to): MaskPick => MaskPick::for(PinKind::Face, 40.0, false, 1, 1, 190, [
            new StockMask(1, 'discs', MaskKind::Disc, 'polyester', 39, $to, 204, 10),
        ]);
        self::assertNull($disc(40.0)->cut);
        self::assertNull($disc(40.5)->cut);
        self::assertNotNull($disc(40.6)->cut);
        self::assertEqualsWithDelta(0.8, $disc(40.0)->minutes, 1e-9);
    }

    public function test_the_shelf_to_begin_with_has_a_plug_and_a_cap_for_every_size_between_and_none_counted(): void
    {
        $all = UsualMasks::all();
        foreach ([[MaskKind::Plug, 3.0, 35.0], [MaskKind::Cap, 4.0, 25.0]] as [$kind, $from, $to]) {
            $of = array_filter($all, fn (StockMask $one): bool => $one->kind === $kind);
            for ($size = $from; $size <= $to; $size += 0.5) {
                $seal = array_filter($of, fn (StockMask $one): bool => $one->seals($size));
                self::assertGreaterThanOrEqual(1, count($seal), "{$kind->value} {$size}");
                self::assertLessThanOrEqual(2, count($seal), 'neighbours meet, and no more');
            }
        }
        self::assertSame([0], array_values(array_unique(array_column($all, 'held'))));
        self::assertSame(count($all), count(array_unique(array_column($all, 'name'))), 'each is told from the others');
        $rated = fn (string $material): array => array_values(array_unique(array_column(
            array_filter($all, fn (StockMask $one): bool => $one->material === $material),
            'ratedC',
        )));
        self::assertSame([[260.0], [204.0], [260.0], [180.0]], array_map(
            $rated,
            ['silicone', 'polyester', 'polyimide', 'glass_cloth'],
        ));
        self::assertContains('plug 10 to 14, silicone', array_column($all, 'name'));
        self::assertContains('tape 25, glass cloth', array_column($all, 'name'));
    }

    public function test_what_a_pin_asks_for_and_takes(): void
    {
        $is = fn (callable $what): array => array_map(
            fn (PinKind $one): string => $one->value,
            array_values(array_filter(PinKind::cases(), $what)),
        );
        self::assertSame(
            ['thread', 'bore', 'face', 'seat', 'earth_face'],
            $is(fn (PinKind $one): bool => $one->isMasked()),
        );
        self::assertSame(['thread', 'bore', 'face', 'seat'], $is(fn (PinKind $one): bool => $one->needsSize()));
        self::assertSame(['thread', 'bore'], $is(fn (PinKind $one): bool => $one->isPlugged()));
        self::assertSame([MaskKind::Cap], PinKind::Thread->takes(true));
        self::assertSame([MaskKind::Plug, MaskKind::Bolt], PinKind::Thread->takes(false));
        self::assertSame([MaskKind::Plug, MaskKind::Foil], PinKind::Bore->takes(true));
        self::assertFalse(MaskKind::Fleece->seesOven());
        self::assertTrue(MaskKind::Cover->seesOven());
    }
}
