<?php

declare(strict_types=1);

namespace Tests\Core\Format;

use Aenum\Core\Blast\Media;
use Aenum\Core\Job\HouseWays;
use Aenum\Core\Metal\Metals;
use Aenum\Core\Plan\DayAim;
use Aenum\Core\Quote\LineKind;
use Aenum\Core\Quote\Policy;
use Aenum\Core\Rule\Severity;
use Aenum\Core\Strip\Agents;
use Aenum\Core\Word\Alloy;
use Aenum\Core\Word\BeforeClear;
use Aenum\Core\Word\Duty;
use Aenum\Core\Word\Effect;
use Aenum\Core\Word\Feature;
use Aenum\Core\Word\Lives;
use Aenum\Core\Word\Made;
use Aenum\Core\Word\Mark;
use Aenum\Core\Word\OnIt;
use Aenum\Core\Word\Over;
use Aenum\Core\Word\PaintTest;
use Aenum\Core\Word\Role;
use Aenum\Core\Word\StepKind;
use BackedEnum;
use PHPUnit\Framework\TestCase;

/** The published schemas know the words the code knows, no more and no fewer. */
final class SchemaTest extends TestCase
{
    private const SCHEMAS = __DIR__.'/../../../docs/schemas/';

    public function test_every_list_of_words_is_one_the_code_has(): void
    {
        $known = self::known();
        $checked = [];
        foreach (glob(self::SCHEMAS.'*.json') ?: [] as $file) {
            $schema = json_decode((string) file_get_contents($file), true, flags: JSON_THROW_ON_ERROR);
            foreach (self::lists($schema, '') as $place => $words) {
                $key = (string) preg_replace('~^.*/~', '', (string) preg_replace('~/items$~', '', $place));
                if (isset($known[$key])) {
                    self::assertSame([], array_diff($words, $known[$key]), basename($file).$place);
                    $checked[$key] = array_merge($checked[$key] ?? [], $words);
                }
            }
        }
        foreach ($known as $key => $words) {
            self::assertEqualsCanonicalizing($words, array_values(array_unique($checked[$key] ?? [])), "all of {$key}");
        }
    }

    public function test_every_policy_of_quoting_has_its_key(): void
    {
        $schema = json_decode((string) file_get_contents(self::SCHEMAS.'aenum-quote-1.schema.json'), true);
        $policies = array_keys($schema['properties']['policies']['properties']);
        self::assertSame(self::words(Policy::cases()), $policies);
    }

    public function test_every_mark_of_a_part_may_be_ticked(): void
    {
        $schema = json_decode((string) file_get_contents(self::SCHEMAS.'aenum-route-1.schema.json'), true);
        foreach (Mark::cases() as $mark) {
            self::assertSame(['type' => 'boolean'], $schema['properties']['part']['properties'][$mark->value] ?? null);
        }
    }

    /** @return array<string, list<string>> by the key a format has for it */
    private static function known(): array
    {
        return [
            'metal' => Metals::keys(),
            'media' => Media::keys(),
            'agent' => Agents::keys(),
            'made' => self::words(Made::cases()),
            'on_it' => self::words(OnIt::cases()),
            'features' => self::words(Feature::cases()),
            'duty' => self::words(Duty::cases()),
            'alloy' => self::words(Alloy::cases()),
            'paint_test' => self::words(PaintTest::cases()),
            'where' => self::words(Lives::cases()),
            'role' => self::words(Role::cases()),
            'effect' => self::words(Effect::cases()),
            'over' => self::words(Over::cases()),
            'before_clear' => self::words(BeforeClear::cases()),
            'step' => self::words(StepKind::cases()),
            'severity' => self::words(Severity::cases()),
            'line' => self::words(LineKind::cases()),
            'aim' => self::words(DayAim::cases()),
        ] + HouseWays::choices();
    }

    /**
     * @param  list<BackedEnum>  $cases
     * @return list<string>
     */
    private static function words(array $cases): array
    {
        return array_map(fn (BackedEnum $case): string => (string) $case->value, $cases);
    }

    /**
     * @param  array<mixed>  $schema
     * @return array<string, list<string>> place in the schema => the words allowed there
     */
    private static function lists(array $schema, string $place): array
    {
        $found = [];
        foreach ($schema as $key => $inner) {
            if ($key === 'enum' && is_array($inner)) {
                $found[$place] = array_values(array_filter($inner, is_string(...)));
            } elseif (is_array($inner)) {
                $found += self::lists($inner, "{$place}/{$key}");
            }
        }

        return $found;
    }
}
