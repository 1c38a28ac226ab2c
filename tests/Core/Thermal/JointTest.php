<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Materials\HeatCapacity;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Joint;
use Aenum\Core\Thermal\LoadItem;
use PHPUnit\Framework\TestCase;

/** Necks by hand. */
final class JointTest extends TestCase
{
    public function test_necks_are_k_times_area_over_length(): void
    {
        $metal = MetalCatalog::get('aluminium');
        $hub = LoadItem::of('hub', 1, $metal, 4, 0.1);
        $rim = LoadItem::of('rim', 1, $metal, 5.5, 0.45);
        $k = (float) $metal->conductivityWPerMK;
        // The rim is the thinner: 2 x 5.5 / (2700 x 0.45) = 9.05 mm; 0.7025 m round the hub; 0.349 m from one to other.
        $wall = 2 * 5.5 / ((float) $metal->densityKgPerM3 * 0.45);
        self::assertEqualsWithDelta($k * $wall * 0.70248 / 0.34898, Joint::Casting->wPerK($hub, $rim), 0.01);
        self::assertSame(Joint::Casting->wPerK($hub, $rim), Joint::Casting->wPerK($rim, $hub));
        // Five spokes of 12 mm, 100 mm long: 5 x 113.1 mm2 over 100 mm.
        self::assertEqualsWithDelta($k * 5 * 113.097e-6 / 0.1, Joint::Spokes->wPerK($hub, $rim, 5, 12, 100), 1e-3);
        self::assertEqualsWithDelta($k * $wall * 0.2 / 0.34898, Joint::Weld->wPerK($hub, $rim, 1, null, 200), 0.01);
        self::assertSame(1.0, Joint::Bolted->wPerK($hub, $rim));
        self::assertNull(Joint::Apart->wPerK($hub, $rim));
        self::assertNull(Joint::Spokes->wPerK($hub, $rim, 5));
        $unknown = LoadItem::of('x', 1, Metal::custom(HeatCapacity::polynomial([460.0])), 1, 1);
        self::assertNull(Joint::Casting->wPerK($unknown, $unknown));
    }
}
