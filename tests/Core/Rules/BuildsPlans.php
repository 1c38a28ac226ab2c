<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Aenum\Core\Files\RouteFile;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Routing\EquipmentFacts;
use Aenum\Core\Routing\FloorConditions;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;

/** Builds the plan a rule is asked about from a few facts. */
trait BuildsPlans
{
    /** @param  array<string, mixed>  $facts  as aenum-route/1, with what it has no words for beside */
    protected static function plan(array $facts): PartRouting
    {
        $more = array_intersect_key($facts, ['floor' => 0, 'rack' => 0, 'unknown' => 0, 'oven' => 0]);
        $facts = array_diff_key($facts, $more);
        $facts += ['format' => 'aenum-route/1', 'part' => ['metal' => 'carbon_steel'], 'steps' => []];
        $plan = RouteFile::parse(
            json_encode(
                array_filter($facts, fn (mixed $v): bool => $v !== []) + ['steps' => []],
                JSON_THROW_ON_ERROR,
            ),
        )->plan();
        $part = isset($more['unknown'])
            ? new PartFacts('thing', Metal::unknown($more['unknown']))
            : $plan->facts->part;
        $all = get_object_vars($plan->facts);
        $equipment = new EquipmentFacts(...['oven' => $more['oven'] ?? null] + get_object_vars($all['equipment']));

        return new PartRouting(
            new JobFacts(...['part' => $part, 'rack' => $more['rack'] ?? null, 'equipment' => $equipment] + $all),
            $plan->steps,
            $more['floor'] ?? new FloorConditions(),
        );
    }

    /** @return list<string> keys of the rules that fired */
    protected static function fired(array $facts, Checkpoint ...$at): array
    {
        $findings = RuleBook::judge(self::plan($facts), ...$at ?: Checkpoint::cases());

        return array_map(fn (Finding $finding): string => $finding->rule->key, $findings);
    }
}
