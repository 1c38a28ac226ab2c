<?php

declare(strict_types=1);

namespace Tests\Core\Materials;

use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Materials\MetalQuestions;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

final class MetalQuestionsTest extends TestCase
{
    public function test_it_knows_every_metal_of_the_rules_and_asks_something_useful_first(): void
    {
        $start = MetalQuestions::answer([]);
        $nonMetals = ['wood_board', 'glass', 'plastic'];
        self::assertEqualsCanonicalizing(array_diff(MetalCatalog::keys(), $nonMetals), $start->left);
        self::assertNotNull($start->next);
    }

    public function test_the_talk_at_the_counter_ends_at_one_metal(): void
    {
        self::assertSame(
            ['cast_iron'],
            MetalQuestions::answer([
                'magnet' => 'holds', 'surface' => 'brown_rust', 'body' => 'cast', 'chips' => 'dust',
            ])->left,
        );
        self::assertSame(
            ['galvanised_steel'],
            MetalQuestions::answer(['magnet' => 'holds', 'surface' => 'spangle'])->left,
        );
        self::assertSame(
            ['aluminium'],
            MetalQuestions::answer([
                'magnet' => 'slips', 'weight' => 'light', 'body' => 'rolled', 'vinegar' => 'quiet',
            ])->left,
        );
        self::assertSame([], MetalQuestions::answer(['magnet' => 'holds', 'colour' => 'red'])->left);
        self::assertNull(MetalQuestions::answer(['magnet' => 'holds', 'colour' => 'red'])->next);
    }

    public function test_answers_that_fit_several_metals_name_them_all(): void
    {
        $clean = ['magnet' => 'holds', 'surface' => 'clean', 'body' => 'rolled', 'scratch' => 'hardly'];
        $found = MetalQuestions::answer($clean);
        self::assertSame(['carbon_steel', 'galvanised_steel', 'stainless_steel'], $found->left);
        self::assertNotNull($found->next);
        self::assertNotContains('stainless_steel', MetalQuestions::answer($clean + ['wet' => 'rusts'])->left);
        self::assertNotContains('carbon_steel', MetalQuestions::answer($clean + ['wet' => 'bright'])->left);

        $light = ['magnet' => 'slips', 'weight' => 'light', 'body' => 'rolled'];
        self::assertSame(['aluminium', 'magnesium'], MetalQuestions::answer($light)->left);
        self::assertSame(['magnesium'], MetalQuestions::answer($light + ['vinegar' => 'fizzes'])->left);

        $cast = ['magnet' => 'holds', 'surface' => 'brown_rust', 'body' => 'cast'];
        self::assertSame(['carbon_steel', 'cast_iron'], MetalQuestions::answer($cast)->left);
    }

    public function test_what_takes_a_tool_or_a_night_is_asked_last(): void
    {
        self::assertNotContains(MetalQuestions::answer([])->next, ['chips', 'vinegar', 'wet']);
        $light = ['magnet' => 'slips', 'weight' => 'light', 'body' => 'rolled', 'surface' => 'clean'];
        self::assertSame('vinegar', MetalQuestions::answer($light + ['scratch' => 'little'])->next);
    }

    public function test_following_the_asked_questions_always_narrows_down_and_never_loses_the_true_metal(): void
    {
        foreach (
            array_filter(MetalCatalog::all(), fn (Metal $one): bool => $one->answers !== []) as $metal => $record
        ) {
            $gives = $record->answers;
            $answers = [];
            $found = MetalQuestions::answer([]);
            while ($found->next !== null) {
                $before = count($found->left);
                $answers[$found->next] = $gives[$found->next][0];
                $found = MetalQuestions::answer($answers);
                self::assertContains($metal, $found->left);
                self::assertLessThanOrEqual($before, count($found->left));
            }
            self::assertLessThanOrEqual(3, count($found->left), $metal);
        }
    }

    public function test_density_under_water_parts_light_from_heavy(): void
    {
        foreach (['aluminium', 'carbon_steel', 'copper'] as $key) {
            $density = (float) MetalCatalog::get($key)->densityKgPerM3;
            $found = MetalQuestions::answer([], 2.0, 2.0 * (1 - 998 / $density));
            self::assertContains($key, $found->left);
            self::assertEqualsWithDelta($density, (float) $found->densityKgM3, 1);
        }
        self::assertSame(['magnesium'], MetalQuestions::answer([], 1.0, 1 - 998 / 1810)->left);
        self::assertNotNull(MetalQuestions::warning('magnesium'));
        $this->expectException(InvalidInput::class);
        MetalQuestions::answer([], 1.0, 1.2);
    }
}
