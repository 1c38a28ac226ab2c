<?php

declare(strict_types=1);

namespace App\Intake\Commands;

use Aenum\Core\Trade\Station;
use App\Accounts\Models\User;
use App\Customers\Models\Customer;
use App\Intake\Models\Job;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\BatchEvent;
use Illuminate\Support\Facades\DB;

/** Creates or updates a job. */
final class SaveJob
{
    /** @param  array{customer: string, contact?: ?string, title: string, due_on?: ?string, notes?: ?string}  $facts */
    public function __invoke(?Job $job, User $by, array $facts): Job
    {
        return DB::transaction(function () use ($job, $by, $facts): Job {
            $customer = Customer::query()->firstOrCreate(['name' => trim($facts['customer'])]);
            if (($facts['contact'] ?? null) !== null) {
                $customer->update(['contact' => $facts['contact']]);
            }
            $written = [
                'customer_id' => $customer->id,
                'title' => $facts['title'],
                'due_on' => $facts['due_on'] ?? null,
                'notes' => $facts['notes'] ?? null,
            ];
            if ($job !== null) {
                $job->update($written);
                IndexJob::write($job);

                return $job;
            }
            $last = (int) Job::query()->lockForUpdate()->max('number');
            $job = Job::query()->create(
                $written + [
                    'number' => max(1000, $last) + 1,
                    'status' => 'open',
                    'created_by' => $by->id,
                ],
            );
            BatchEvent::query()->create([
                'job_id' => $job->id,
                'user_id' => $by->id,
                'kind' => 'taken_in',
                'from_station' => Station::Intake,
                'to_station' => Station::Intake,
                'at' => ShopClock::now(),
            ]);
            IndexJob::write($job);

            return $job;
        });
    }
}
