<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Curing\Chemistry;
use Aenum\Core\Curing\CureScheduleRow;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Routing\CoatAdvice;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\TwoColors;
use Aenum\Core\Trade\StepKind;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** A second colour on a place of a part: its steps, hands and bakes; and the stack that is advised. */
final class TwoColorsTest extends TestCase
{
    /** @param  list<array<string, mixed>>  $coats */
    private static function plan(
        array $coats,
        array $house = [],
        array $part = [],
        string $where = 'indoors',
    ): PartRouting {
        return RouteFile::parse((string) json_encode([
            'format' => RouteFile::FORMAT,
            'part' => $part + ['metal' => 'cast_aluminium', 'count' => 4, 'area_m2' => 0.2, 'on_it' => ['bare']],
            'where' => $where,
            'coats' => $coats,
            ...($house === [] ? [] : ['house' => $house]),
        ]))->plan();
    }

    private const TWO = [
        ['bake_c' => 180, 'bake_min' => 5],
        ['bake_c' => 190, 'bake_min' => 12, 'zone' => 'the letters', 'share' => 0.15],
    ];

    private static function sheet(?float $stands): CureSheet
    {
        return CureSheet::of(Chemistry::from('polyester'), [
            CureScheduleRow::of(180, 15, $stands), CureScheduleRow::of(200, 8, $stands === null ? null : $stands / 2),
        ]);
    }

    public function test_bakes_are_counted_before_they_are_promised(): void
    {
        $two = TwoColors::of(self::plan(self::TWO)->facts, [self::sheet(40), self::sheet(40)]);
        self::assertNotNull($two);
        self::assertSame([2, 1], [$two->bakes, $two->bakesMore]);
        self::assertEqualsWithDelta(4 * 0.2 * 0.15, $two->areaM2, 1e-9);
        $stands = self::sheet(40)->stands;
        self::assertNotNull($stands);
        self::assertEqualsWithDelta(
            5 / $stands->minutesAt(180) + 12 / $stands->minutesAt(190),
            $two->firstOverbake,
            1e-9,
            'its own bake and the second colour\'s',
        );
        self::assertGreaterThan(0, $two->metalMinutes);
        // Wiped along the outline of a round patch of 0.15 × 0.2 m² on each of four.
        $wipe = 4 * (1 + 2 * 2 * sqrt(M_PI * 0.2 * 0.15));
        $hands = ['tape' => 24.0, 'wipe' => $wipe, 'tilt' => 2.0, 'sand' => 20.0, 'decline' => 0.0];
        self::assertSame($hands, $two->hands);
        self::assertNull(TwoColors::of(self::plan(self::TWO)->facts, [self::sheet(null)])?->firstOverbake);
        self::assertNull(TwoColors::of(self::plan([self::TWO[0]])->facts, [self::sheet(40)]));
        $steel = self::plan(self::TWO, [], ['metal' => 'carbon_steel'])->facts;
        self::assertSame(0.0, TwoColors::of($steel, [self::sheet(40)])?->metalMinutes);
    }

    /** @return array<string, array{string, list<string>}> */
    public static function ways(): array
    {
        return [
            'tape' => ['tape', ['zone_mask', 'coat', 'bake']],
            'wipe' => ['wipe', ['coat', 'zone_wipe', 'bake']],
            'tilt' => ['tilt', ['coat', 'zone_wipe', 'bake']],
            'sand' => ['sand', ['coat', 'bake', 'zone_sand']],
            'decline' => ['decline', ['coat', 'bake']],
        ];
    }

    /** @param  list<string>  $steps */
    #[DataProvider('ways')]
    public function test_the_way_is_on_the_route(string $way, array $steps): void
    {
        $of = [StepKind::ZoneMask, StepKind::ZoneWipe, StepKind::ZoneSand, StepKind::Coat, StepKind::Bake];
        $on = array_filter(
            self::plan(self::TWO, ['two_colours' => $way])->steps,
            fn ($step): bool => $step->coat === 2 && in_array($step->kind, $of, true),
        );
        self::assertSame($steps, array_values(array_map(fn ($step): string => $step->kind->value, $on)));
    }

    public function test_the_stack_follows_what_is_wanted(): void
    {
        $what = fn (array $coats, array $part = [], string $where = 'indoors'): array => array_column(
            CoatAdvice::for(self::plan($coats, [], $part, $where)->facts)->stack,
            'what',
        );
        $coat = ['bake_c' => 190];
        $steel = ['metal' => 'carbon_steel'];
        self::assertSame(['base coat'], $what([$coat]));
        self::assertSame(['zinc-rich primer', 'weatherproof base coat'], $what([$coat], $steel, 'outdoors'));
        self::assertContains('silver base', $what([['effect' => 'transparent'] + $coat]));
        self::assertContains('epoxy primer', $what([['effect' => 'bright'] + $coat], $steel));
        self::assertSame('conductive primer', $what([$coat, $coat, $coat])[0]);
        self::assertNotContains('conductive primer', $what([$coat, $coat]));
        self::assertContains('clear', $what([['clear' => 'completes'] + $coat]));
        self::assertContains('clear', $what([['effect' => 'metallic'] + $coat]));
        self::assertNotContains('clear', $what([['effect' => 'metallic', 'clear' => 'spoils'] + $coat]));
        foreach (CoatAdvice::for(self::plan([$coat, $coat, $coat], [], $steel, 'coast')->facts)->stack as $one) {
            self::assertNotSame('', $one->wont);
            self::assertGreaterThan(0, $one->filmMicrons);
        }
    }
}
