<?php

declare(strict_types=1);

namespace Tests\Core\Thermal;

use Aenum\Core\Curing\CureMeter;
use Aenum\Core\Curing\Judgement;
use Aenum\Core\Files\LoadFile;
use Aenum\Core\Thermal\Simulation;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Loads;

/** Figures of an independent high-accuracy solver. */
final class ReferenceCasesTest extends TestCase
{
    /** @return list<array{string}> */
    public static function runs(): array
    {
        return Loads::caseFiles('0*');
    }

    #[DataProvider('runs')]
    public function test_every_figure_holds(string $path): void
    {
        $file = LoadFile::parse((string) file_get_contents($path));
        $want = json_decode((string) file_get_contents(str_replace('.load.', '.expected.', $path)), true)[
            'expected'
        ];
        $run = (new Simulation($file->oven, $file->items, $file->schedule))->run(60 * (float) $file->runMinutes);

        foreach ($want['at_min'] as $n => $minute) {
            self::assertEqualsWithDelta($want['air_c'][$n], $run->airC(60 * $minute), 0.05, "air at {$minute}");
            self::assertEqualsWithDelta(
                $want['shell_c'][$n],
                $run->shellC(60 * $minute),
                0.05,
                "shell at {$minute}",
            );
        }
        self::assertEqualsWithDelta(
            $want['energy_kwh'],
            $run->energyKwh($run->endS()),
            max(0.002, 0.0005 * $want['energy_kwh']),
        );
        foreach ($want['items'] as $i => $item) {
            foreach ($want['at_min'] as $n => $minute) {
                self::assertEqualsWithDelta(
                    $item['core_c'][$n],
                    $run->coreC($i, 60 * $minute),
                    0.05,
                    "{$item['name']} core at {$minute}",
                );
                self::assertEqualsWithDelta(
                    $item['surface_c'][$n],
                    $run->surfaceC($i, 60 * $minute),
                    0.05,
                    "{$item['name']} surface at {$minute}",
                );
            }
            $judged = Judgement::of(
                (new CureMeter($file->powder))->along($run->coreCourse($i)),
                (new CureMeter($file->powder))->along($run->surfaceCourse($i)),
            );
            self::assertEqualsWithDelta($item['dose'], $judged->dose, max(0.005, 0.005 * $item['dose']));
            self::assertEqualsWithDelta($item['window_min'], $judged->windowMinutes, 0.2);
            if ($item['overbake'] === null) {
                self::assertNull($judged->overbake);
            } else {
                self::assertEqualsWithDelta(
                    $item['overbake'],
                    $judged->overbake,
                    max(0.005, 0.005 * $item['overbake']),
                );
            }
            if ($item['reaches_min'] === null) {
                self::assertNull($judged->reachesMinutes);
            } else {
                self::assertEqualsWithDelta($item['reaches_min'], $judged->reachesMinutes, 0.05);
            }
        }
    }
}
