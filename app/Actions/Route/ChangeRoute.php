<?php

declare(strict_types=1);

namespace App\Actions\Route;

use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\RuleBook;
use App\Models\Part;
use App\Models\Signature;
use App\Models\User;
use App\Support\ShopClock;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Reorders, adds and drops steps, and takes signatures under rules. */
final class ChangeRoute
{
    /** Two coats, and the converter's day. */
    private const CONVERTER_MIN = 1480.0;

    private const USUAL = ['bake_out' => [210.0, 45.0], 'relief_bake' => [200.0, 240.0], 'dry_off' => [120.0, 20.0], 'bake' => [200.0, 10.0]];

    /** @param  string  $how up, down, drop, add or anew */
    public function __invoke(Part $part, string $how, ?int $at, ?StepKind $kind): void
    {
        $steps = PartRoute::of($part)->steps;
        $last = count($steps) - 1;
        if ($how !== 'anew' && ($at === null || $at < 0 || $at > $last)) {
            throw ValidationException::withMessages(['at' => 'That step is not on the route any more; look again.']);
        }
        if ($how === 'add' && $kind === null) {
            throw ValidationException::withMessages(['kind' => 'Step to add is not picked.']);
        }
        $steps = match ($how) {
            'up' => $this->swap($steps, (int) $at, max(0, (int) $at - 1)),
            'down' => $this->swap($steps, (int) $at, min($last, (int) $at + 1)),
            'drop' => array_values(array_diff_key($steps, [$at => true])),
            'add' => [...array_slice($steps, 0, (int) $at + 1), $this->fresh($kind ?? StepKind::Degrease), ...array_slice($steps, (int) $at + 1)],
            default => null,
        };
        $part->update(['route' => $steps === null ? null : array_map(fn (Step $step): array => $step->told(), $steps)]);
    }

    /** @throws ValidationException where the rule did not fire, or cannot be signed away */
    public function sign(Part $part, string $rule, string $name, User $by): Signature
    {
        $waivable = $rule === 'plating-adhesion';
        foreach (RuleBook::all() as $known) {
            $fired = array_filter(PartRoute::of($part)->findings, fn ($finding): bool => $finding->rule->key() === $rule);
            if ($known->key() === $rule && ($known->severity()->value === 'sign') && ($fired !== [] || $waivable)) {
                $evidence = $fired === [] ? $known->reason() : array_values($fired)[0]->evidence.'. '.$known->reason();

                return DB::transaction(fn (): Signature => Signature::query()->create([
                    'part_id' => $part->id, 'rule' => $rule, 'wording' => mb_substr(ucfirst($evidence).' '.$known->wayOut(), 0, 500), 'signed_by' => $name, 'user_id' => $by->id, 'at' => ShopClock::now(),
                ]));
            }
        }

        throw ValidationException::withMessages(['rule' => 'That cannot be signed for: it did not come up, or it is a stop.']);
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

    private function fresh(StepKind $kind): Step
    {
        [$celsius, $hold] = self::USUAL[$kind->value] ?? [null, null];

        return new Step($kind, 5, $kind === StepKind::RustConvert ? self::CONVERTER_MIN : ($hold === null ? 0 : $hold + 25), 'Added by hand.', $celsius, $hold);
    }
}
