<?php

declare(strict_types=1);

namespace Tests\Core\Rule;

use Aenum\Core\Format\RouteFile;
use Aenum\Core\Job\EquipmentFacts;
use Aenum\Core\Job\Floor;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Job\PartFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Metal\Metal;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\RuleBook;

/** Builds the plan a rule is asked about from a few facts. */
trait BuildsPlans
{
    /** @param  array<string, mixed>  $facts  as aenum-route/1, with what it has no words for beside */
    protected static function plan(array $facts): Plan
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

        return new Plan(
            new JobFacts(...['part' => $part, 'rack' => $more['rack'] ?? null, 'equipment' => $equipment] + $all),
            $plan->steps,
            $more['floor'] ?? new Floor(),
        );
    }

    /** @return list<string> keys of the rules that fired */
    protected static function fired(array $facts, Moment ...$at): array
    {
        $findings = RuleBook::judge(self::plan($facts), ...$at ?: Moment::cases());

        return array_map(fn (Finding $finding): string => $finding->rule->key, $findings);
    }
}
