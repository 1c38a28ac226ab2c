<?php

declare(strict_types=1);

namespace Tests\Core\Advice;

use Aenum\Core\Advice\WashLine;
use Aenum\Core\Advice\WashStage;
use Aenum\Core\Preparation\Pretreatment\Bath;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Units\UnitSystem;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The wash lines stage by stage: which bath, how long at the least and at the most, and which step each closes. */
final class WashLineTest extends TestCase
{
    private const STEEL = ['metal' => 'carbon_steel'];

    /**
     * @param  array<string, mixed>  $part
     * @param  array<string, mixed>  $more
     */
    private static function line(array $part, string $where, array $more = []): WashLine
    {
        return WashLine::for(AdviceJob::of($part, $more + ['where' => $where]));
    }

    /** @return list<array{string, ?string, float, ?float}> key, bath, least and most minutes */
    private static function stages(WashLine $line): array
    {
        return array_map(
            fn (WashStage $one): array => [$one->key, $one->bath?->key, $one->least, $one->most],
            $line->clocks(),
        );
    }

    /** @return array<string, array{array<string, mixed>, string, list<array{string, ?string, float, ?float}>}> */
    public static function lines(): array
    {
        $dry = ['dry', null, 20.0, null];
        $last = fn (int $n): array => ["rinse-{$n}", 'last_rinse', 1.0, 5.0];

        return [
            'Iron phosphate line' => [self::STEEL, 'outdoors', [
                ['clean', 'alkaline_cleaner', 3.0, 10.0],
                ['rinse-1', 'rinse', 1.0, 5.0],
                ['phosphate', 'iron_phosphate', 2.0, 6.0],
                $last(2),
                $dry,
            ]],
            'Conversion line for light metal' => [['metal' => 'aluminium'], 'outdoors', [
                ['clean', 'alkaline_cleaner', 3.0, 10.0],
                ['rinse-1', 'rinse', 1.0, 5.0],
                ['deoxidise', 'deoxidiser', 1.0, 3.0],
                ['rinse-2', 'rinse', 1.0, 5.0],
                ['convert', 'zirconium', 1.0, 3.0],
                $last(3),
                $dry,
            ]],
            'Conversion line for zinc' => [['metal' => 'galvanised_steel'], 'outdoors', [
                ['clean', 'alkaline_cleaner', 3.0, 3.0],
                ['rinse-1', 'rinse', 1.0, 5.0],
                ['convert', 'zinc_conversion', 1.0, 3.0],
                $last(2),
                $dry,
            ]],
            'Blow off and solvent wipe' => [self::STEEL, 'indoors', [
                ['blow', null, 1.0, null],
                ['wipe', null, 2.0, null],
                ['flash', null, 5.0, null],
            ]],
        ];
    }

    /**
     * @param  array<string, mixed>  $part
     * @param  list<array{string, ?string, float, ?float}>  $stages
     */
    #[DataProvider('lines')]
    public function test_each_line_has_its_baths_and_times(array $part, string $where, array $stages): void
    {
        $line = self::line($part, $where);
        self::assertSame($this->dataName(), $line->name);
        self::assertSame($stages, self::stages($line));
        self::assertSame(array_sum(array_column($stages, 2)), $line->minutes());
        self::assertSame(in_array('dry', array_column($stages, 0), true) ? 120.0 : null, $line->dryC);
        foreach ($line->clocks() as $stage) {
            self::assertNotSame('', $stage->why);
            self::assertSame($stage->most === null, $stage->tooLong === '', $stage->key);
        }
    }

    public function test_a_wash_that_builds_nothing_is_mild_on_zinc(): void
    {
        $washed = ['steps' => [['step' => 'wash'], ['step' => 'rinse'], ['step' => 'dry_off'], ['step' => 'coat']]];
        $zinc = self::line(['metal' => 'zinc_die_cast'], 'indoors', $washed);
        $steel = self::line(self::STEEL, 'indoors', $washed);
        self::assertSame(['Detergent wash', 'Detergent wash'], [$zinc->name, $steel->name]);
        self::assertSame([3.0, 10.0], [$zinc->stages[0]->most, $steel->stages[0]->most]);
        self::assertSame(['clean', 'rinse-1', 'rinse-2'], array_column($steel->stages, 'key'));
        self::assertStringContainsString('strong alkali bites zinc', $zinc->why);
        self::assertStringContainsString('nothing built up', $steel->why);
    }

    public function test_seams_and_the_route_s_own_dry_off_take_longer(): void
    {
        self::assertSame(45.0, self::line(self::STEEL + ['features' => ['seams']], 'outdoors')->dryMinutes);
        $dry = fn (array $step): WashLine => self::line(self::STEEL, 'outdoors', [
            'steps' => [['step' => 'phosphate'], $step + ['step' => 'dry_off'], ['step' => 'coat', 'coat' => 1]],
        ]);
        self::assertSame([120.0, 20.0], [$dry([])->dryC, $dry([])->dryMinutes]);
        $hot = $dry(['pmt_c' => 140, 'hold_min' => 30]);
        self::assertSame([140.0, 30.0], [$hot->dryC, $hot->dryMinutes]);
        self::assertSame(20.0, $dry(['pmt_c' => 140, 'hold_min' => 5])->dryMinutes, 'no shorter than water asks');
    }

    public function test_a_spray_line_is_shorter_in_every_bath_and_says_so(): void
    {
        $line = self::line(self::STEEL, 'outdoors', ['house' => ['wash' => 'spray']]);
        self::assertSame('Iron phosphate line, sprayed', $line->name);
        foreach ($line->stages as $stage) {
            self::assertSame([0.5, 2.0], [$stage->least, $stage->most], $stage->key);
        }
        $quick = new WashStage('dip', 'Dip', Bath::get('rinse'), 0.2, 1.0, 'why');
        self::assertSame(0.2, $quick->sprayed()->least, 'what asks less is not held longer');
        $air = new WashStage('blow', 'Blow off', null, 1, null, 'why');
        self::assertSame($air, $air->sprayed());
    }

    public function test_a_stage_names_its_bath_s_strength_where_it_has_one(): void
    {
        $does = fn (?Bath $bath): string => (new WashStage(
            'x', 'Do it', $bath, 1, 2, '',
        ))->does()->in(UnitSystem::Metric);
        self::assertSame('Do it, 3 % at 45 °C', $does(Bath::get('iron_phosphate')));
        self::assertSame('Do it', $does(Bath::get('rinse')));
        self::assertSame('Do it', $does(null));
    }

    public function test_a_clock_that_ends_closes_its_step_and_the_last_rinse_the_rinse(): void
    {
        $closes = fn (WashLine $line): array => array_map(
            fn (WashStage $stage): ?StepKind => $line->closes($stage->key),
            $line->clocks(),
        );
        self::assertSame(
            [StepKind::Wash, null, StepKind::Phosphate, StepKind::Rinse, StepKind::DryOff],
            $closes(self::line(self::STEEL, 'outdoors')),
        );
        self::assertSame(
            [StepKind::Wash, null, null, null, StepKind::Conversion, StepKind::Rinse, StepKind::DryOff],
            $closes(self::line(['metal' => 'aluminium'], 'outdoors')),
        );
        self::assertSame([null, null, StepKind::SolventWipe], $closes(self::line(self::STEEL, 'indoors')));
        self::assertNull(self::line(self::STEEL, 'indoors')->closes('rinse-1'), 'it has none');
    }
}
