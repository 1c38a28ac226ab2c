<?php

declare(strict_types=1);

namespace Tests\Core\Preparation\Pretreatment;

use Aenum\Core\Advice\WashLine;
use Aenum\Core\Files\RouteFile;
use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Preparation\Pretreatment\BathTrend;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Routing\RoutePlanner;
use PHPUnit\Framework\TestCase;

final class PretreatTest extends TestCase
{
    /** @param  list<string>  $features */
    private static function line(string $metal, string $where, array $features = []): WashLine
    {
        $facts = RouteFile::parse(
            json_encode(
                [
                    'format' => 'aenum-route/1',
                    'part' => ['metal' => $metal, 'features' => $features, 'mass_kg' => 5, 'area_m2' => 1],
                    'where' => $where,
                    'coats' => [['role' => 'base', 'bake_c' => 190]],
                ],
                JSON_THROW_ON_ERROR,
            ),
        )->facts;

        return WashLine::for(new PartRouting($facts, RoutePlanner::lay($facts)));
    }

    public function test_the_line_follows_metal_and_use(): void
    {
        self::assertSame(
            ['clean', 'rinse-1', 'phosphate', 'rinse-2'],
            array_column(self::line('carbon_steel', 'outdoors')->stages, 'key'),
        );
        self::assertSame(
            ['clean', 'rinse-1', 'deoxidise', 'rinse-2', 'convert', 'rinse-3'],
            array_column(self::line('cast_aluminium', 'coast')->stages, 'key'),
        );
        self::assertSame(
            ['blow', 'wipe', 'flash'],
            array_column(self::line('carbon_steel', 'indoors')->stages, 'key'),
        );
        $zinc = self::line('galvanised_steel', 'outdoors');
        self::assertSame(3.0, $zinc->stages[0]->most, 'strong alkali bites zinc');
        self::assertSame(['clean', 'rinse-1', 'convert', 'rinse-2'], array_column($zinc->stages, 'key'));
        self::assertSame('zinc_conversion', $zinc->stages[2]->bath?->key);
        self::assertNull(self::line('carbon_steel', 'indoors')->dryMinutes);
        self::assertGreaterThan(
            self::line('carbon_steel', 'outdoors')->dryMinutes,
            self::line('carbon_steel', 'outdoors', ['seams'])->dryMinutes,
        );
        $steel = self::line('carbon_steel', 'outdoors')->clocks();
        foreach ([...$steel, ...self::line('aluminium', 'outdoors')->clocks()] as $stage) {
            self::assertTrue($stage->most === null || $stage->most >= $stage->least, $stage->key);
            self::assertTrue($stage->most === null || $stage->tooLong !== '', $stage->key);
        }
    }

    public function test_dilution_and_top_up_by_hand(): void
    {
        $phosphate = Bath::get('iron_phosphate');
        self::assertEqualsWithDelta(6.0, $phosphate->litresFor(200), 1e-9);
        // 200 l at 2 % hold 4 l; x more makes (4 + x)/(200 + x) = 3 %.
        $x = $phosphate->topUp(200, 2.0);
        self::assertEqualsWithDelta(0.03, (4 + $x) / (200 + $x), 1e-12);
        self::assertSame(0.0, $phosphate->topUp(200, 3.5));
    }

    public function test_a_bath_s_trend_says_when_it_leaves_its_limits(): void
    {
        $falling = BathTrend::of([[0, 3.6], [1, 3.4], [2, 3.2], [3, 3.0]], [2.0, 4.0], 'Concentration');
        self::assertEqualsWithDelta(-0.2, (float) $falling->perDay, 1e-9);
        self::assertEqualsWithDelta(5.0, (float) $falling->daysLeft, 1e-9);
        self::assertStringContainsString('about 5 days', $falling->says);
        self::assertStringContainsString('over 300', BathTrend::of([[0, 340]], [0, 300], 'Conductivity')->says);
        self::assertStringContainsString('under 4', BathTrend::of([[0, 3.5]], [4.0, 5.5], 'pH')->says);
        $steady = BathTrend::of([[0, 5.0], [1, 5.0], [2, 5.0]], [4.0, 5.5], 'pH');
        self::assertSame([true, null], [$steady->within, $steady->daysLeft]);
        self::assertNull(
            BathTrend::of([[0, 5.0], [1, 5.2]], [4.0, 5.5], 'pH')->perDay,
            'two readings make no trend',
        );
        // Only the latest eight count: an old bath does not bend the line.
        $old = BathTrend::of(
            [[0, 90], [1, 90], ...array_map(fn (int $d): array => [10 + $d, 5.0], range(0, 7))],
            [4.0, 5.5],
            'pH',
        );
        self::assertEqualsWithDelta(0.0, (float) $old->perDay, 1e-9);
    }
}
