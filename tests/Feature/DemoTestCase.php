<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Accounts\Models\User;
use Carbon\CarbonImmutable;
use Illuminate\Foundation\Testing\DatabaseTransactions;

/** The demo shop as it was opened; whatever a test changes is undone after it. */
abstract class DemoTestCase extends AppTestCase
{
    use DatabaseTransactions;

    protected User $mara;

    protected function refreshApplication(): void
    {
        parent::refreshApplication();
        TestDatabase::useDemo();
    }

    protected function setUp(): void
    {
        parent::setUp();
        CarbonImmutable::setTestNow(TestDatabase::DEMO_OPENED);
        $this->mara = User::query()->where('role', 'owner')->firstOrFail();
    }

    protected function usualSender(): User
    {
        return $this->mara;
    }
}
