<?php

declare(strict_types=1);

namespace App\Actions\Release;

use App\Actions\Rail\MoveLot;
use App\Models\Lot;
use App\Models\Release;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A lot leaves: signed, and its record kept as it is at that moment. */
final class HandOver
{
    /**
     * @param  string|null  $takenBy  who took it, where somebody did
     * @param  string|null  $signature  as drawn
     *
     * @throws ValidationException where something stops it, or is open and nobody says why it may leave
     */
    public function __invoke(Lot $lot, User $by, ?string $note, ?string $takenBy, ?string $signature): Release
    {
        return DB::transaction(function () use ($lot, $by, $note, $takenBy, $signature): Release {
            $check = ReleaseCheck::of($lot);
            if ($check->stops !== []) {
                throw ValidationException::withMessages(['release' => 'Not released: '.implode(' ', $check->stops)]);
            }
            if ($check->doubts !== [] && trim((string) $note) === '') {
                throw ValidationException::withMessages([
                    'note' => 'Note is empty; there are open points, so write why it may leave.',
                ]);
            }
            (new MoveLot())->release($lot, $by, $note);
            $at = ShopClock::now();
            $gone = Lot::query()->findOrFail($lot->id);
            $document = json_encode(RecordOfLot::build($gone, [
                'at' => $at->utc()->format('Y-m-d\TH:i:s\Z'),
                'by' => $by->name,
                'taken_by' => $takenBy,
                'signed' => $signature !== null,
                'note' => trim((string) $note) === '' ? null : trim((string) $note),
                'let_go' => $check->doubts,
            ]), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRESERVE_ZERO_FRACTION | JSON_THROW_ON_ERROR);

            return Release::query()->create([
                'job_id' => $gone->part->job_id,
                'lot_id' => $gone->id,
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
