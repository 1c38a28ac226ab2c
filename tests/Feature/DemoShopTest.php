<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Models\Shop;

final class DemoShopTest extends ShopTestCase
{
    public function test_the_demo_clock_moves_only_in_the_demo(): void
    {
        config(['app.demo' => false]);
        $this->send('/demo-clock', ['minutes' => 5])->assertNotFound();
        config(['app.demo' => true]);
        $this->send('/demo-clock', ['minutes' => 5])->assertSessionHasNoErrors();
        self::assertSame(300, Shop::query()->firstOrFail()->clock_ahead_s);
        $this->send('/demo-clock', ['minutes' => -5])->assertSessionHasErrors('minutes');
    }
}
