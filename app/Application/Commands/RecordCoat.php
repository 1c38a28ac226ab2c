<?php

declare(strict_types=1);

namespace App\Application\Commands;

use Aenum\Core\Trade\Station;
use Aenum\Core\Trade\StepKind;
use App\Accounts\Models\User;
use App\Intake\Models\Batch;
use App\Intake\Models\Coat;
use App\Platform\Errors\Refused;
use App\Preparation\Commands\BareSteelTimer;
use App\Routing\Commands\CompleteStep;
use App\Routing\Commands\SplitBatch;
use App\Routing\Commands\WriteLog;
use App\Routing\Models\LogLine;
use App\Routing\Queries\RoutingProgress;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;

/** Records that powder is on: which coat, which powder lot, how many pieces. */
final class RecordCoat
{
    public const KIND = 'coat';

    /**
     * @param  string|null  $makersLot  as it stands on the box
     * @return Batch the lot that is coated now: the one it was, or, where pieces stay bare, a new one
     *
     * @throws Refused where the coat is not due on the lot
     */
    public function __invoke(Batch $batch, Coat $coat, int $pieces, ?string $makersLot, ?string $note, User $by): Batch
    {
        return DB::transaction(function () use ($batch, $coat, $pieces, $makersLot, $note, $by): Batch {
            $held = Batch::findLocked($batch->id);
            $held->mustBeOpen();
            $walk = RoutingProgress::of($held);
            $isDue = $walk->coatDue()?->id === $coat->id && ! $walk->isCoated($coat);
            if ($held->station !== Station::Coat || ! $isDue) {
                $why = "{$coat->powder->name} is not the coat that is due on {$held->partName()} at Coat.";
                throw Refused::because(['coat' => $why]);
            }
            if ($pieces < 1 || $pieces > $held->count) {
                throw Refused::because([
                    'pieces' => "Pieces is {$pieces}; allowed: 1 to {$held->count}.",
                ]);
            }
            $coated = $pieces === $held->count ? $held : (new SplitBatch())($held, $pieces, $by);
            $named = $coat->powder->name.($makersLot === null ? '' : ", lot {$makersLot}");
            WriteLog::line(
                self::KIND,
                mb_substr($named, 0, 80),
                ['coat' => (float) $coat->position, 'pieces' => (float) $pieces],
                $by,
                $coated->part,
                $note,
                batch: $coated,
            );
            CompleteStep::logged($coated, $by, $coat->position, StepKind::Coat);
            (new BareSteelTimer())->covered($coated, $by);

            return $coated;
        });
    }

    /** @return Collection<int, LogLine> what went on as a coat, the latest first */
    public static function of(Coat $coat): Collection
    {
        return LogLine::of(self::KIND)->with('user')->where('part_id', $coat->part_id)->orderByDesc('id')->get()
            ->filter(fn (LogLine $line): bool => (int) $line->figure('coat') === $coat->position);
    }
}
