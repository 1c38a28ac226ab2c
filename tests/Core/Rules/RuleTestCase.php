<?php

declare(strict_types=1);

namespace Tests\Core\Rules;

use Aenum\Core\Rules\Rule;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One rule, on both sides of each of its edges. Its test is named after the rule's class. */
abstract class RuleTestCase extends TestCase
{
    use BuildsPlans;

    protected const STEEL = ['metal' => 'carbon_steel'];

    protected const ALUMINUM = ['metal' => 'aluminium'];

    protected const COAT = ['role' => 'base', 'bake_c' => 200];

    protected const BAKE = ['step' => 'bake', 'pmt_c' => 200, 'hold_min' => 10];

    /** @return array<string, array{bool, array<string, mixed>}> name of the case => [whether it fires, facts] */
    abstract public static function cases(): array;

    /** The rule under test. */
    public static function rule(): Rule
    {
        /** @var class-string<Rule> $class */
        $class = 'Aenum\\Core\\Rules\\Catalog\\'.preg_replace('/^.*\\\\|Test$/', '', static::class);

        return new $class;
    }

    /** @param  array<string, mixed>  $facts */
    #[DataProvider('cases')]
    public function test_it_fires_on_its_side_of_the_edge_only(bool $fires, array $facts): void
    {
        $rule = static::rule();
        self::assertSame($fires, in_array($rule->key, self::fired($facts, ...$rule->askedAt), true));
    }

    /**
     * Facts with steps in order.
     *
     * @param  array<string, mixed>  $part
     * @return array<string, mixed>
     */
    protected static function routed(array $part, string ...$kinds): array
    {
        $steps = array_map(fn (string $kind): array => ['step' => $kind], array_values($kinds));

        return ['part' => $part + self::STEEL, 'steps' => $steps];
    }
}
