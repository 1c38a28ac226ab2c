<?php

declare(strict_types=1);

namespace App\Actions\Practice;

use Aenum\Core\Practice\Exercise;
use Aenum\Core\Practice\Flow;
use Aenum\Core\Practice\Hazard;
use Aenum\Core\Practice\Move;
use Aenum\Core\Practice\Pot;
use App\Models\PracticeRun;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A person's go at the practice pot. Only the moves are kept; the pot is played from them. */
final class PlayPot
{
    private const MOST_MOVES = 80;

    /** What the real pot's checklist is drawn from. */
    private const CHECKLIST = ['start_up', 'plug', 'lower', 'refill', 'shut_down'];

    public function start(Exercise $exercise, User $by): PracticeRun
    {
        return DB::transaction(function () use ($exercise, $by): PracticeRun {
            PracticeRun::query()
                ->where('user_id', $by->id)
                ->where('exercise', $exercise->key)
                ->whereNull('ended_at')
                ->update(['ended_at' => ShopClock::now()->format('Y-m-d H:i:s.v')]);

            return PracticeRun::query()->create([
                'user_id' => $by->id,
                'exercise' => $exercise->key,
                'moves' => [],
                'started_at' => ShopClock::now(),
            ]);
        });
    }

    /** @throws ValidationException where it is over */
    public function move(Exercise $exercise, User $by, Move $move): void
    {
        DB::transaction(function () use ($exercise, $by, $move): void {
            $last = PracticeRun::lastOf($by, $exercise->key);
            $run = PracticeRun::held(
                $last === null || $last->ended_at !== null ? $this->start($exercise, $by)->id : $last->id,
            );
            if (count($run->moves) >= self::MOST_MOVES) {
                throw ValidationException::withMessages([
                    'move' => 'That is '.self::MOST_MOVES.' moves; begin again.',
                ]);
            }
            $moves = [...$run->moves, $move->value];
            $played = array_map(Move::from(...), $moves);
            [$pot] = $exercise->play($played);
            $reached = $exercise->reached($pot);
            $run->update(
                ['moves' => $moves] +
                    ($reached ? ['score' => $exercise->score($played), 'ended_at' => ShopClock::now()] : []),
            );
        });
    }

    /**
     * What lies on the practice table.
     *
     * @return array{
     *     pot: Pot, flow: Flow, moves: list<Move>, hazards: list<list<Hazard>>,
     *     score: ?int, best: int, over: bool,
     * }
     */
    public static function table(Exercise $exercise, ?PracticeRun $run): array
    {
        $moves = array_map(Move::from(...), $run->moves ?? []);
        [$pot, $hazards] = $exercise->play($moves);

        return [
            'pot' => $pot,
            'flow' => $pot->flow(),
            'moves' => $moves,
            'hazards' => $hazards,
            'score' => $run?->score,
            'best' => count(self::shortest($exercise)),
            'over' => $run?->score !== null,
        ];
    }

    /** @return array<string, array{exercise: Exercise, moves: list<Move>}> */
    public static function checklists(): array
    {
        $lists = [];
        foreach (self::CHECKLIST as $key) {
            $exercise = Exercise::all()[$key];
            $lists[$key] = ['exercise' => $exercise, 'moves' => self::shortest($exercise)];
        }

        return $lists;
    }

    /**
     * Found by trying; the pot does not change from one look to the next.
     *
     * @return list<Move>
     */
    private static function shortest(Exercise $exercise): array
    {
        $found = Cache::rememberForever(
            "pot-way-{$exercise->key}-".md5($exercise->start->key()),
            fn (): array => array_map(fn (Move $move): string => $move->value, $exercise->shortest()),
        );

        return array_map(Move::from(...), $found);
    }
}
