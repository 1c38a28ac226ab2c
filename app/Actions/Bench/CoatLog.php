<?php

declare(strict_types=1);

namespace App\Actions\Bench;

use Aenum\Core\Word\Station;
use Aenum\Core\Word\StepKind;
use App\Actions\Log\WriteLog;
use App\Actions\Lot\LotWalk;
use App\Actions\Lot\SplitLot;
use App\Actions\Lot\TickStep;
use App\Models\Coat;
use App\Models\LogLine;
use App\Models\Lot;
use App\Models\User;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Powder is on: which powder, of which lot of the maker's, on how many pieces. */
final class CoatLog
{
    public const KIND = 'coat';

    /**
     * @param  string|null  $makersLot  as it stands on the box
     * @return Lot the lot that is coated now: the one it was, or, where pieces stay bare, a new one
     *
     * @throws ValidationException where the coat is not due on the lot
     */
    public function __invoke(Lot $lot, Coat $coat, int $pieces, ?string $makersLot, ?string $note, User $by): Lot
    {
        return DB::transaction(function () use ($lot, $coat, $pieces, $makersLot, $note, $by): Lot {
            $held = Lot::held($lot->id);
            $held->mustBeOpen();
            $walk = LotWalk::of($held);
            $isDue = $walk->coatDue()?->id === $coat->id && ! $walk->isCoated($coat);
            if ($held->station !== Station::Coat || ! $isDue) {
                $why = "{$coat->powder->name} is not the coat that is due on {$held->partName()} at Coat.";
                throw ValidationException::withMessages(['coat' => $why]);
            }
            if ($pieces < 1 || $pieces > $held->count) {
                throw ValidationException::withMessages([
                    'pieces' => "Pieces is {$pieces}; allowed: 1 to {$held->count}.",
                ]);
            }
            $coated = $pieces === $held->count ? $held : (new SplitLot())($held, $pieces, $by);
            $named = $coat->powder->name.($makersLot === null ? '' : ", lot {$makersLot}");
            WriteLog::line(
                self::KIND,
                mb_substr($named, 0, 80),
                ['coat' => (float) $coat->position, 'pieces' => (float) $pieces],
                $by,
                $coated->part,
                $note,
                lot: $coated,
            );
            TickStep::logged($coated, $by, $coat->position, StepKind::Coat);
            (new BareSteelWatch())->covered($coated, $by);

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
