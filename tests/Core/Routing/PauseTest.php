<?php

declare(strict_types=1);

namespace Tests\Core\Routing;

use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Preparation\Stripping\Agents;
use Aenum\Core\Routing\PartFacts;
use Aenum\Core\Routing\Pause;
use Aenum\Core\Routing\Step;
use Aenum\Core\Routing\StepKey;
use Aenum\Core\Routing\StepProgress;
use Aenum\Core\Trade\BakeTo;
use Aenum\Core\Trade\PartFlag;
use Aenum\Core\Trade\StepKind;
use Aenum\Core\Trade\StepOutcome;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Waits have a least and a most, each on both sides. */
final class PauseTest extends TestCase
{
    /** @return iterable<string, array{Step, StepKind, float, bool}> step, the next, minutes since, whether it waits */
    public static function leasts(): iterable
    {
        $converter = new Step(StepKind::RustConvert, 5, 0, 'x');
        yield 'converter, its day not over' => [$converter, StepKind::Coat, 1439, true];
        yield 'converter, its day over' => [$converter, StepKind::Coat, 1440, false];
        $wipe = new Step(StepKind::SolventWipe, 5, 0, 'x');
        yield 'wipe, wet' => [$wipe, StepKind::Coat, 4.9, true];
        yield 'wipe, wet, into the oven' => [$wipe, StepKind::BakeOut, 4.9, true];
        yield 'wipe, flashed off' => [$wipe, StepKind::Coat, 5, false];
        yield 'wipe, wet, on the hook' => [$wipe, StepKind::Hang, 1, false];
        $sealer = new Step(StepKind::SealSeams, 5, 0, 'x');
        yield 'sealer, soft' => [$sealer, StepKind::Coat, 29, true];
        yield 'sealer, skinned' => [$sealer, StepKind::Coat, 30, false];
        yield 'burn-off, hot' => [
            new Step(StepKind::BurnOff, 5, 0, 'x', agent: Agents::get('burn_off')), StepKind::Blast, 59, true,
        ];
    }

    #[DataProvider('leasts')]
    public function test_a_least_wait(Step $step, StepKind $next, float $ago, bool $waits): void
    {
        $pause = self::pause([$step, new Step($next, 5, 0, 'x')], [0 => $ago]);
        self::assertSame($waits, $pause->waitMinutes > 0);
        self::assertSame($waits, $pause->waitWhy !== null);
    }

    /** @return iterable<string, array{StepKind, StepKind, float}> step, what it presses for, minutes at most */
    public static function mosts(): iterable
    {
        yield 'phosphate' => [StepKind::Phosphate, StepKind::Coat, 960];
        yield 'conversion' => [StepKind::Conversion, StepKind::Coat, 960];
        yield 'sprayed' => [StepKind::Coat, StepKind::Bake, 240];
        yield 'flowed' => [StepKind::Bake, StepKind::Coat, 1440];
        yield 'acid on hard steel' => [StepKind::Acid, StepKind::ReliefBake, 240];
    }

    #[DataProvider('mosts')]
    public function test_a_most_wait(StepKind $kind, StepKind $until, float $most): void
    {
        $route = [
            new Step($kind, 5, 0, 'x', coat: 1), new Step(StepKind::Rinse, 5, 0, 'x'),
            new Step($until, 5, 0, 'x', coat: $kind === StepKind::Bake ? 2 : 1),
        ];
        self::assertFalse(self::pause($route, [0 => $most - 1])->isLate());
        self::assertTrue(self::pause($route, [0 => $most + 1])->isLate());
        self::assertNull(self::pause($route, [0 => $most + 1], done: [0, 1, 2])->leftMinutes);
        self::assertNull(self::pause($route, [0 => 0], done: [])->leftMinutes);
    }

    public function test_what_was_sprayed_on_wet_metal_waits_for_nothing_any_more(): void
    {
        $route = [
            new Step(StepKind::SolventWipe, 5, 0, 'x'), new Step(StepKind::Coat, 5, 0, 'x', coat: 1),
            new Step(StepKind::Bake, 5, 0, 'x', coat: 1),
        ];
        self::assertGreaterThan(0, self::pause($route, [0 => 2])->waitMinutes);
        self::assertSame(0.0, self::pause($route, [0 => 2, 1 => 1], done: [0, 1])->waitMinutes);
    }

    public function test_soft_steel_waits_for_no_relief_bake_and_a_cured_coat_for_nothing(): void
    {
        $acid = [new Step(StepKind::Acid, 5, 0, 'x'), new Step(StepKind::ReliefBake, 5, 0, 'x')];
        self::assertNull(self::pause($acid, [0 => 999], marks: [])->leftMinutes);
        $cured = [new Step(StepKind::Bake, 5, 0, 'x', coat: 1), new Step(StepKind::Coat, 5, 0, 'x', coat: 2)];
        self::assertNull(self::pause($cured, [0 => 9999], to: BakeTo::Full)->leftMinutes);
    }

    /**
     * @param  list<Step>  $route
     * @param  array<int, float>  $ago
     * @param  list<int>  $done
     * @param  list<PartFlag>  $marks
     */
    private static function pause(
        array $route,
        array $ago,
        array $done = [0],
        array $marks = [PartFlag::Hardened],
        BakeTo $to = BakeTo::Flow,
    ): Pause {
        $keys = StepKey::all($route);
        $outcomes = [];
        foreach ($done as $n) {
            $outcomes[$keys[$n]->text()] = StepOutcome::Done;
        }
        $part = new PartFacts('cleat', MetalCatalog::get('carbon_steel'), marks: $marks);

        return Pause::of(new StepProgress($route, $outcomes), $part, $ago, [1 => $to]);
    }
}
