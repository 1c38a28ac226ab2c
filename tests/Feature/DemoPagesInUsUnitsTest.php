<?php

declare(strict_types=1);

namespace Tests\Feature;

/** Every page of the demo shop for a reader of US units; a class of its own, so that it runs beside the metric one. */
final class DemoPagesInUsUnitsTest extends DemoTestCase
{
    use EveryPageInOneSystem;

    public function test_the_demo_shop_opens_every_page_in_us_units(): void
    {
        $this->opensEveryPageIn('us', '°C|mm|kg|bar|µm|m²|m³\/min');
    }
}
