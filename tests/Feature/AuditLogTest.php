<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Customers\Models\Customer;
use App\Platform\Audit\AuditEntry;
use Illuminate\Support\Facades\DB;
use RuntimeException;

/** Entries stand exactly where what they tell of stands, and are written with one statement a transaction. */
final class AuditLogTest extends ShopTestCase
{
    /** @return list<string> names of customers whose entries were written since */
    private function told(): array
    {
        $rows = AuditEntry::query()->where('row_table', 'customers')->orderBy('id')->pluck('row_id')->all();

        return Customer::query()->whereIn('id', $rows)->orderBy('id')->pluck('name')->all();
    }

    public function test_a_transaction_writes_all_its_entries_with_one_statement(): void
    {
        DB::flushQueryLog();
        DB::enableQueryLog();
        DB::transaction(function (): void {
            foreach (['Pier', 'Mole', 'Quay'] as $name) {
                Customer::query()->create(['name' => $name]);
            }
        });
        $isEntry = fn (array $one): bool => str_contains($one['query'], 'audit_entries');
        $writes = array_filter(DB::getQueryLog(), $isEntry);
        self::assertCount(1, $writes);
        self::assertSame(['Pier', 'Mole', 'Quay'], $this->told());
    }

    public function test_what_is_rolled_back_within_a_transaction_leaves_no_entry_and_the_rest_does(): void
    {
        DB::transaction(function (): void {
            Customer::query()->create(['name' => 'Pier']);
            DB::transaction(fn () => Customer::query()->create(['name' => 'Mole']));
            try {
                DB::transaction(function (): never {
                    Customer::query()->create(['name' => 'Gone']);
                    throw new RuntimeException('power cut');
                });
            } catch (RuntimeException) {
                // It is given up alone.
            }
            Customer::query()->create(['name' => 'Quay']);
        });
        self::assertSame(['Pier', 'Mole', 'Quay'], $this->told());
        self::assertSame(3, AuditEntry::query()->where('row_table', 'customers')->count());
    }

    public function test_a_transaction_that_is_given_up_leaves_none_for_the_next(): void
    {
        try {
            DB::transaction(function (): never {
                Customer::query()->create(['name' => 'Gone']);
                throw new RuntimeException('power cut');
            });
        } catch (RuntimeException) {
            // Nothing of it is there.
        }
        DB::transaction(fn () => Customer::query()->create(['name' => 'Quay']));
        self::assertSame(1, AuditEntry::query()->where('row_table', 'customers')->count());
        self::assertSame(['Quay'], $this->told());
    }

    public function test_an_entry_tells_the_job_without_asking_twice(): void
    {
        $part = $this->part($this->job());
        DB::flushQueryLog();
        DB::enableQueryLog();
        DB::transaction(function () use ($part): void {
            foreach ([1.5, 2.5, 3.5] as $kg) {
                $part->coats()->first()?->update(['share' => $kg / 10]);
            }
        });
        $asked = array_filter(
            DB::getQueryLog(),
            fn (array $one): bool => str_starts_with($one['query'], 'select `job_id` from `parts`'),
        );
        self::assertLessThanOrEqual(1, count($asked));
        $entries = AuditEntry::query()->where('row_table', 'coats')->where('what', 'updated');
        self::assertSame([$part->job_id], $entries->pluck('job_id')->unique()->values()->all());
    }
}
