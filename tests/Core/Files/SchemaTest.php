<?php

declare(strict_types=1);

namespace Tests\Core\Files;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Blasting\Media;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Quoting\LineKind;
use Aenum\Core\Quoting\Policy;
use Aenum\Core\Routing\ShopPolicies;
use Aenum\Core\Rules\Severity;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Trade\Alloy;
use Aenum\Core\Trade\ArrivalCondition;
use Aenum\Core\Trade\BeforeClear;
use Aenum\Core\Trade\CoatBase;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Fabrication;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\PaintTest;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\SafetyRole;
use Aenum\Core\Trade\ServiceEnvironment;
use Aenum\Core\Trade\StepKind;
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
        foreach (PartFlag::cases() as $mark) {
            self::assertSame(['type' => 'boolean'], $schema['properties']['part']['properties'][$mark->value] ?? null);
        }
    }

    /** @return array<string, list<string>> by the key a format has for it */
    private static function known(): array
    {
        return [
            'metal' => MetalCatalog::keys(),
            'media' => Media::keys(),
            'agent' => Agents::keys(),
            'made' => self::words(Fabrication::cases()),
            'on_it' => self::words(ArrivalCondition::cases()),
            'features' => self::words(Feature::cases()),
            'duty' => self::words(SafetyRole::cases()),
            'alloy' => self::words(Alloy::cases()),
            'paint_test' => self::words(PaintTest::cases()),
            'where' => self::words(ServiceEnvironment::cases()),
            'role' => self::words(Role::cases()),
            'effect' => self::words(Effect::cases()),
            'over' => self::words(CoatBase::cases()),
            'before_clear' => self::words(BeforeClear::cases()),
            'step' => self::words(StepKind::cases()),
            'severity' => self::words(Severity::cases()),
            'line' => self::words(LineKind::cases()),
            'aim' => self::words(DayObjective::cases()),
        ] + ShopPolicies::choices();
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
