<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Cooling;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What an item of a load may be, on both sides of each bound; and when it can be touched. */
final class BoundsTest extends TestCase
{
    private const USUAL = [
        'name' => 'arm', 'count' => 2, 'mass_kg' => 3.0, 'area_m2' => 0.4,
        'emissivity' => 0.9, 'view_factor' => 0.8, 'convection_w_per_m2k' => 16.0, 'start_c' => 20.0,
    ];

    /** @return list<array{string, mixed, mixed}> field, what is still taken, what is no longer */
    public static function bounds(): array
    {
        return [
            ['name', 'a', ''],
            ['name', str_repeat('ä', 200), str_repeat('ä', 201)],
            ['count', 1, 0],
            ['count', 10000, 10001],
            ['mass_kg', 1e-6, 0.0],
            ['mass_kg', 50000.0, 50000.1],
            ['area_m2', 1e-6, 0.0],
            ['area_m2', 2000.0, 2000.1],
            ['emissivity', 0.0, -0.01],
            ['emissivity', 1.0, 1.01],
            ['view_factor', 0.0, -0.01],
            ['view_factor', 1.0, 1.01],
            ['convection_w_per_m2k', 0.0, -0.1],
            ['convection_w_per_m2k', 1000.0, 1000.1],
        ];
    }

    #[DataProvider('bounds')]
    public function test_an_item_is_taken_up_to_its_bounds_and_no_further(string $field, mixed $in, mixed $out): void
    {
        self::item([$field => $in]);
        $this->expectException(InvalidInput::class);
        $this->expectExceptionMessageMatches("/^{$field}/");
        self::item([$field => $out]);
    }

    public function test_a_part_can_be_touched_at_45_and_in_a_hot_shop_a_little_over_its_air(): void
    {
        self::assertSame([45.0, 45.0, 46.0], array_map(Cooling::handleC(...), [20.0, 40.0, 41.0]));
        $item = self::item([]);
        self::assertSame(0.0, Cooling::minutes($item, 45, 20, 45));
        self::assertGreaterThan(0.0, Cooling::minutes($item, 45.1, 20, 45));
        self::assertEqualsWithDelta(
            Cooling::minutes($item, 200, 20, 45),
            Cooling::minutes(self::item(['count' => 9, 'emissivity' => 0.1, 'start_c' => 300.0]), 200, 20, 45),
            1e-9,
            'one piece in still air, whatever it was in the oven',
        );
        $this->expectException(InvalidInput::class);
        Cooling::minutes($item, 200, 45, 45);
    }

    /** @param  array<string, mixed>  $with */
    private static function item(array $with): LoadItem
    {
        $is = $with + self::USUAL;

        return LoadItem::of(
            $is['name'],
            $is['count'],
            MetalCatalog::get('carbon_steel'),
            $is['mass_kg'],
            $is['area_m2'],
            $is['emissivity'],
            $is['view_factor'],
            $is['convection_w_per_m2k'],
            null,
            $is['start_c'],
        );
    }
}
