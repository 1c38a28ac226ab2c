<?php

declare(strict_types=1);

namespace Aenum\Core\Rule;

/** Every rule there is: the classes in Rules/. */
final class RuleBook
{
    /** @return list<Rule> by group, the heaviest first */
    public static function all(): array
    {
        static $rules = null;
        if ($rules === null) {
            $rules = [];
            foreach (glob(__DIR__.'/Rules/*.php') ?: [] as $file) {
                /** @var class-string<Rule> $class */
                $class = __NAMESPACE__.'\\Rules\\'.basename($file, '.php');
                $rules[] = new $class;
            }
            $groups = array_column(Group::cases(), 'value');
            usort($rules, fn (Rule $a, Rule $b): int => [array_search($a->group()->value, $groups, true), $a->severity()->rank(), $a->key()] <=> [array_search($b->group()->value, $groups, true), $b->severity()->rank(), $b->key()]);
        }

        /** @var list<Rule> */
        return $rules;
    }

    /** @return list<Finding> the heaviest first */
    public static function judge(Plan $plan): array
    {
        $findings = [];
        foreach (self::all() as $rule) {
            $evidence = $rule->applies($plan);
            if ($evidence !== null) {
                $findings[] = new Finding($rule, $evidence, $plan->facts->signed[$rule->key()] ?? null);
            }
        }
        usort($findings, fn (Finding $a, Finding $b): int => $a->rule->severity()->rank() <=> $b->rule->severity()->rank());

        return $findings;
    }
}
