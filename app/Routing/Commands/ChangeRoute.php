<?php

declare(strict_types=1);

namespace App\Routing\Commands;

use Aenum\Core\Routing\RoutePlanner;
use Aenum\Core\Routing\Step;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\Rule;
use Aenum\Core\Rules\RuleBook;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\Message;
use App\Accounts\Models\User;
use App\Intake\Models\Part;
use App\Platform\Clock\ShopClock;
use App\Platform\Errors\Refused;
use App\Platform\Presentation\Units;
use App\Routing\Models\PartStep;
use App\Routing\Models\Signature;
use App\Routing\Queries\PartRoute;
use Illuminate\Support\Facades\DB;

/** Reorders, adds and removes steps, and records signatures under rules. */
final class ChangeRoute
{
    /**
     * @param  string  $how up, down, drop, add or anew
     *
     * @throws Refused where the step is not there any more, or none is picked
     */
    public function __invoke(Part $part, string $how, ?int $at, ?StepKind $kind): void
    {
        $steps = PartRoute::of($part)->steps;
        $last = count($steps) - 1;
        if ($how !== 'anew' && ($at === null || $at < 0 || $at > $last)) {
            throw Refused::because(['at' => 'That step is not on the route any more; look again.']);
        }
        if ($how === 'add' && $kind === null) {
            throw Refused::because(['kind' => 'Step to add is not picked.']);
        }
        $at = (int) $at;
        self::write($part, match ($how) {
            'up' => $this->swap($steps, $at, max(0, $at - 1)),
            'down' => $this->swap($steps, $at, min($last, $at + 1)),
            'drop' => array_values(array_diff_key($steps, [$at => true])),
            'add' => self::insert($steps, $at + 1, RoutePlanner::fresh($kind ?? StepKind::Degrease)),
            default => [],
        });
    }

    /**
     * Keeps a route as a person has put it; none for as it is laid out.
     *
     * @param  list<Step>  $steps
     */
    public static function write(Part $part, array $steps): void
    {
        DB::transaction(function () use ($part, $steps): void {
            foreach ($part->steps()->get()->where('position', '>=', count($steps)) as $gone) {
                $gone->delete();
            }
            foreach ($steps as $position => $step) {
                $part->steps()->updateOrCreate(
                    ['position' => $position],
                    PartStep::kept($step, Units::current()->said($step->why)),
                );
            }
        });
        $part->unsetRelation('steps');
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    public static function insert(array $steps, int $at, Step $step): array
    {
        return [...array_slice($steps, 0, $at), $step, ...array_slice($steps, $at)];
    }

    /**
     * @param  list<Finding>  $atTheDoor  what came up on top of the route, as the part hangs in an oven
     *
     * @throws Refused where nothing came up under that rule, or it cannot be signed away
     */
    public function sign(Part $part, string $key, string $name, User $by, array $atTheDoor = []): Signature
    {
        $rule = RuleBook::find($key);
        $fired = array_values(array_filter(
            [...$atTheDoor, ...PartRoute::of($part)->findings],
            fn (Finding $finding): bool => $finding->rule->signedUnder() === $key,
        ))[0] ?? null;
        if ($rule === null || $rule->severity !== Severity::Sign || $fired === null) {
            $why = 'That cannot be signed for: it did not come up, or it is a stop.';
            throw Refused::because(['rule' => $why]);
        }

        return DB::transaction(fn (): Signature => Signature::query()->create([
            'part_id' => $part->id,
            'rule' => $rule->key,
            'wording' => mb_substr(Units::current()->said(self::wording($rule, $fired)), 0, 500),
            'signed_by' => $name,
            'user_id' => $by->id,
            'at' => ShopClock::now(),
        ]));
    }

    /** What is signed: what came up, and what the rule signed under says of it. */
    private static function wording(Rule $rule, Finding $fired): Message
    {
        return Message::all([$fired->evidence->asSentence(), $rule->reason, $rule->wayOut]);
    }

    /**
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private function swap(array $steps, int $a, int $b): array
    {
        [$steps[$a], $steps[$b]] = [$steps[$b], $steps[$a]];

        return array_values($steps);
    }
}
