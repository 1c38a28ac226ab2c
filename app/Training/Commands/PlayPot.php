<?php

declare(strict_types=1);

namespace App\Training\Commands;

use Aenum\Core\Training\Exercise;
use Aenum\Core\Training\Flow;
use Aenum\Core\Training\Hazard;
use Aenum\Core\Training\Pot;
use Aenum\Core\Training\PotMove;
use App\Accounts\Models\User;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Training\Models\PracticeRun;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;

/** A person's run at the blast pot exercise. Only the moves are stored; the state is computed from them. */
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

    /** @throws Refused where it is over */
    public function move(Exercise $exercise, User $by, PotMove $move): void
    {
        DB::transaction(function () use ($exercise, $by, $move): void {
            $last = PracticeRun::lastOf($by, $exercise->key);
            $run = PracticeRun::findLocked(
                $last === null || $last->ended_at !== null ? $this->start($exercise, $by)->id : $last->id,
            );
            if (count($run->moves) >= self::MOST_MOVES) {
                throw Refused::because([
                    'move' => 'That is '.self::MOST_MOVES.' moves; begin again.',
                ]);
            }
            $moves = [...$run->moves, $move->value];
            $played = array_map(PotMove::from(...), $moves);
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
     *     pot: Pot, flow: Flow, moves: list<PotMove>, hazards: list<list<Hazard>>,
     *     score: ?int, best: int, over: bool,
     * }
     */
    public static function table(Exercise $exercise, ?PracticeRun $run): array
    {
        $moves = array_map(PotMove::from(...), $run->moves ?? []);
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

    /** @return array<string, array{exercise: Exercise, moves: list<PotMove>}> */
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
     * @return list<PotMove>
     */
    private static function shortest(Exercise $exercise): array
    {
        $found = Cache::rememberForever(
            "pot-way-{$exercise->key}-".md5($exercise->start->key()),
            fn (): array => array_map(fn (PotMove $move): string => $move->value, $exercise->shortest()),
        );

        return array_map(PotMove::from(...), $found);
    }
}
