<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Routing\Models\LogLine;
use Illuminate\Support\Facades\DB;

/** Appends an entry to the shop's logbook. */
final class WriteLog
{
    /** @param  array<string, float>  $figures  by name, the unit in it */
    public static function line(
        string $kind,
        ?string $subject,
        array $figures,
        User $by,
        ?Part $part = null,
        ?string $note = null,
        ?string $event = null,
        ?Batch $batch = null,
    ): LogLine {
        return DB::transaction(function () use (
            $kind,
            $subject,
            $figures,
            $by,
            $part,
            $note,
            $event,
            $batch,
        ): LogLine {
            $line = LogLine::query()->create([
                'kind' => $kind,
                'subject' => $subject,
                'event' => $event,
                'part_id' => $part?->id,
                'batch_id' => $batch?->id,
                'note' => trim((string) $note) === '' ? null : trim((string) $note),
                'user_id' => $by->id,
                'at' => ShopClock::now(),
            ]);
            $named = fn (string $name, float $value): array => ['name' => $name, 'value' => $value];
            $part?->unsetRelation('logLines');
            $line->figures()->createMany(array_map($named, array_keys($figures), array_values($figures)));

            return $line;
        });
    }
}
