<?php

declare(strict_types=1);

namespace App\Release\Commands;

use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Release\Models\Release;
use App\Release\Queries\BatchRecord;
use App\Release\Queries\ReleaseCheck;
use App\ShopFloor\Commands\MoveBatch;
use Illuminate\Support\Facades\DB;

/** Releases a batch: signed, with its record as of that moment. */
final class ReleaseBatch
{
    /**
     * @param  string|null  $takenBy  who took it, where somebody did
     * @param  string|null  $signature  as drawn
     *
     * @throws Refused where something stops it, or is open and nobody says why it may leave
     */
    public function __invoke(Batch $batch, User $by, ?string $note, ?string $takenBy, ?string $signature): Release
    {
        return DB::transaction(function () use ($batch, $by, $note, $takenBy, $signature): Release {
            $check = ReleaseCheck::of($batch);
            if ($check->stops !== []) {
                throw Refused::because(['release' => 'Not released: '.implode(' ', $check->stops)]);
            }
            if ($check->doubts !== [] && trim((string) $note) === '') {
                throw Refused::because([
                    'note' => 'Note is empty; there are open points, so write why it may leave.',
                ]);
            }
            (new MoveBatch())->release($batch, $by, $note);
            $at = ShopClock::now();
            $gone = Batch::query()->findOrFail($batch->id);
            $document = json_encode(BatchRecord::build($gone, [
                'at' => $at->utc()->format('Y-m-d\TH:i:s\Z'),
                'by' => $by->name,
                'taken_by' => $takenBy,
                'signed' => $signature !== null,
                'note' => trim((string) $note) === '' ? null : trim((string) $note),
                'let_go' => $check->doubts,
            ]), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

            return Release::query()->create([
                'job_id' => $gone->part->job_id,
                'batch_id' => $gone->id,
                'document' => $document,
                'digest' => hash('sha256', $document),
                'taken_by' => $takenBy,
                'signature' => $signature,
                'user_id' => $by->id,
                'at' => $at,
            ]);
        });
    }
}
