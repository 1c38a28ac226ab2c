<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Customers\Models\Customer;
use App\Platform\Cache\RequestMemo;
use Illuminate\Support\Facades\DB;

/** What is worked out once for a request that writes: kept between reads, and never older than a write or a lock. */
final class RequestMemoTest extends ShopTestCase
{
    private int $worked = 0;

    private function ask(): int
    {
        return RequestMemo::once('customers', function (): int {
            $this->worked++;

            return Customer::query()->count();
        });
    }

    public function test_reads_in_between_are_spared(): void
    {
        self::assertFalse(RequestMemo::isLook());
        $count = $this->ask();
        Customer::query()->orderBy('name')->get();
        self::assertSame([$count, 1], [$this->ask(), $this->worked]);
    }

    public function test_a_write_is_seen_at_once(): void
    {
        $count = $this->ask();
        Customer::query()->create(['name' => 'Lake boating club']);
        self::assertSame($count + 1, $this->ask());
        Customer::query()->where('name', 'Lake boating club')->delete();
        self::assertSame($count, $this->ask());
        self::assertSame(3, $this->worked);
    }

    public function test_a_row_that_is_locked_makes_it_read_again_what_others_wrote_meanwhile(): void
    {
        $this->ask();
        Customer::query()->lockForUpdate()->first();
        $this->ask();
        self::assertSame(2, $this->worked);
        Customer::query()->sharedLock()->first();
        $this->ask();
        self::assertSame(3, $this->worked);
    }

    public function test_what_is_rolled_back_was_never_there(): void
    {
        $count = $this->ask();
        DB::beginTransaction();
        Customer::query()->create(['name' => 'Chapel keepers']);
        self::assertSame($count + 1, $this->ask());
        DB::rollBack();
        self::assertSame($count, $this->ask());
    }

    public function test_another_moment_is_worked_out_again_where_the_clock_is_moved(): void
    {
        $this->ask();
        $this->later(1);
        $this->ask();
        self::assertSame(2, $this->worked);
    }

    public function test_a_value_that_names_its_tables_is_kept_until_one_of_them_is_written(): void
    {
        $ask = fn (): int => RequestMemo::once('named', function (): int {
            $this->worked++;

            return Customer::query()->count();
        }, ['customers']);
        $count = $ask();
        DB::table('words')->insert(['word' => 'pier']);
        Customer::query()->lockForUpdate()->first();
        self::assertSame([$count, 1], [$ask(), $this->worked], 'another table, or a lock');
        Customer::query()->create(['name' => 'Lake boating club']);
        self::assertSame([$count + 1, 2], [$ask(), $this->worked]);
        DB::statement('update customers set name = concat(name, "s")');
        $ask();
        self::assertSame(3, $this->worked, 'written without quotes');
        DB::beginTransaction();
        Customer::query()->create(['name' => 'Chapel keepers']);
        self::assertSame($count + 2, $ask());
        DB::rollBack();
        self::assertSame($count + 1, $ask());
    }
}
