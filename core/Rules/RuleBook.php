<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Units\Message;
use Aenum\Core\Units\ObjectMemo;
use Closure;

/** Every rule there is: the classes in Catalog/. A plan is judged here and nowhere else. */
final class RuleBook
{
    /** What each rule that was asked found in a plan. */
    private static ?ObjectMemo $found = null;

    /** @var (Closure(PartRouting): void)|null */
    private static ?Closure $observer = null;

    /**
     * Is called with every plan that begins to be evaluated, for a test that counts; null for nobody.
     *
     * @param  (Closure(PartRouting): void)|null  $observer
     */
    public static function observe(?Closure $observer): void
    {
        self::$observer = $observer;
    }

    /** @return list<Rule> by group, the heaviest first */
    public static function all(): array
    {
        static $rules = null;
        if ($rules === null) {
            $rules = [];
            foreach (glob(__DIR__.'/Catalog/*.php') ?: [] as $file) {
                /** @var class-string<Rule> $class */
                $class = __NAMESPACE__.'\\Catalog\\'.basename($file, '.php');
                $rule = new $class;
                $rules[self::order($rule)] = $rule;
            }
            ksort($rules, SORT_STRING);
            $rules = array_values($rules);
        }

        /** @var list<Rule> */
        return $rules;
    }

    /** The rule of a key; null where there is none. */
    public static function find(string $key): ?Rule
    {
        foreach (self::all() as $rule) {
            if ($rule->key === $key) {
                return $rule;
            }
        }

        return null;
    }

    /**
     * What the rules say of a plan at a moment, the heaviest first.
     *
     * @return list<Finding>
     */
    public static function judge(PartRouting $plan, Checkpoint ...$at): array
    {
        $findings = [];
        foreach (self::askedAt(...$at) as $rule) {
            $finding = self::finding($plan, $rule);
            if ($finding !== null) {
                $findings[] = $finding;
            }
        }
        usort($findings, fn (Finding $a, Finding $b): int => $a->rule->severity->rank() <=> $b->rule->severity->rank());

        return $findings;
    }

    /**
     * What keeps a plan from going on at a moment.
     *
     * @return list<Finding>
     */
    public static function holding(PartRouting $plan, Checkpoint ...$at): array
    {
        return array_values(array_filter(self::judge($plan, ...$at), fn (Finding $finding): bool => $finding->holds()));
    }

    /** @return list<Rule> those asked at any of these moments */
    private static function askedAt(Checkpoint ...$at): array
    {
        /** @var array<string, list<Rule>> $known */
        static $known = [];
        $key = implode(' ', array_map(fn (Checkpoint $moment): string => $moment->value, $at));

        return $known[$key] ??= array_values(
            array_filter(self::all(), fn (Rule $rule): bool => $rule->isAskedAt(...$at)),
        );
    }

    /** What a rule finds in a plan: asked once, however often and at however many checkpoints the plan is judged. */
    private static function finding(PartRouting $plan, Rule $rule): ?Finding
    {
        $memo = self::$found ??= new ObjectMemo;
        if (self::$observer !== null && ! $memo->knows($plan)) {
            (self::$observer)($plan);
        }

        return $memo->get($plan, $rule->key, function () use ($plan, $rule): ?Finding {
            $evidence = $rule->applies($plan);

            return $evidence === null
                ? null
                : new Finding($rule, Message::from($evidence), self::signedBy($plan, $rule));
        });
    }

    private static function signedBy(PartRouting $plan, Rule $rule): ?string
    {
        return $plan->facts->signed[$rule->key] ?? null;
    }

    /** By group, then by weight, then by name. */
    private static function order(Rule $rule): string
    {
        /** @var array<string, int>|null $groups */
        static $groups = null;
        $groups ??= array_flip(array_column(Group::cases(), 'value'));

        return sprintf('%02d %d %s', $groups[$rule->group->value], $rule->severity->rank(), $rule->key);
    }
}
