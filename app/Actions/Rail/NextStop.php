<?php

declare(strict_types=1);

namespace App\Actions\Rail;

use Aenum\Core\Word\Station;
use App\Models\Coat;
use App\Models\Job;

/** Where a job goes from the oven, and why. */
final class NextStop
{
    /** @return array{to: ?Station, why: string} */
    public static function afterBake(Job $job): array
    {
        $job->loadMissing('parts.coats.results', 'parts.coats.powder', 'parts.coats.part');
        $coats = $job->parts->flatMap(fn ($part) => $part->coats);
        $open = $coats->filter(fn (Coat $coat): bool => ! $coat->isDone());
        $again = $open->first(fn (Coat $coat): bool => $coat->results->where('fresh', true)->isNotEmpty());
        if ($again !== null) {
            return ['to' => null, 'why' => "{$again->role} on {$again->part->name} is not done; it goes back in."];
        }
        $next = $open->first();

        return match (true) {
            ! $job->isOpen() || $job->station !== Station::Cure => [
                'to' => null,
                'why' => $job->isOpen() ? "hangs at {$job->station->label()}." : "{$job->status}.",
            ],
            $next === null => [
                'to' => Station::Inspect,
                'why' => 'every coat is done; inspect it when it is cool.',
            ],
            $next->position > 1 => [
                'to' => Station::Coat,
                'why' => "next is the {$next->role} on {$next->part->name}.",
            ],
            default => ['to' => null, 'why' => "{$next->part->name} still waits for the oven."],
        };
    }
}
