<?php

declare(strict_types=1);

namespace Tests\Core\Application;

use Aenum\Core\Application\UncuredGauge;
use Aenum\Core\Application\UncuredReading;
use Aenum\Core\Units\InvalidInput;
use PHPUnit\Framework\TestCase;

/** A comb and an ultrasonic gauge read different things on uncured powder, each with an uncertainty that holds. */
final class UncuredReadingTest extends TestCase
{
    private const TEETH_UM = 25.0;

    public function test_a_comb_reads_between_its_last_marked_and_first_unmarked_tooth(): void
    {
        $comb = UncuredReading::comb(125, 150, 0.55);
        self::assertEqualsWithDelta(0.55 * 137.5, $comb->curedUm, 1e-9);
        self::assertEqualsWithDelta(0.55 * 25 / sqrt(12), $comb->sdUm, 1e-9);
        self::assertSame(UncuredGauge::Comb, $comb->gauge);
        foreach ([[150, 150, 0.55], [150, 125, 0.55], [-1, 25, 0.55], [125, 5001, 0.55], [125, 150, 0]] as $wrong) {
            try {
                UncuredReading::comb(...$wrong);
                self::fail('took '.implode(', ', $wrong));
            } catch (InvalidInput) {
            }
        }
    }

    public function test_an_ultrasonic_gauge_predicts_the_cured_film_itself(): void
    {
        $gauge = UncuredReading::ultrasonic(72);
        self::assertSame([72.0, 7.2], [$gauge->curedUm, round($gauge->sdUm, 9)]);
        $this->expectException(InvalidInput::class);
        UncuredReading::ultrasonic(0);
    }

    public function test_more_readings_do_not_make_the_gauge_itself_better(): void
    {
        $same = array_fill(0, 5, UncuredReading::comb(125, 150, 0.55));
        self::assertEqualsWithDelta($same[0]->sdUm, UncuredReading::mean($same)[1], 1e-9);
        self::assertSame($same[0]->sdUm, UncuredReading::mean([$same[0]])[1]);
        [$mean, $sd] = UncuredReading::mean([UncuredReading::ultrasonic(60), UncuredReading::ultrasonic(80)]);
        self::assertEqualsWithDelta(70, $mean, 1e-9);
        self::assertEqualsWithDelta(sqrt(7 ** 2 + 200 / 2), $sd, 1e-9);
    }

    /** What a page shows behind ± holds the true film about two times in three, over invented parts. */
    public function test_the_true_film_lies_within_the_uncertainty_shown(): void
    {
        mt_srand(11);
        $any = fn (): float => mt_rand(1, 1_000_000) / 1_000_000;
        $normal = fn (): float => sqrt(-2 * log($any())) * cos(2 * M_PI * $any());
        $held = ['comb' => 0, 'ultrasonic' => 0];
        $rounds = 3000;
        for ($n = 0; $n < $rounds; $n++) {
            $true = mt_rand(5500, 9500) / 100;
            $bias = 1 + UncuredReading::ULTRASONIC_SHARE * $normal();
            [$comb, $ultrasonic] = [[], []];
            for ($spot = 0; $spot < 4; $spot++) {
                $here = $true * (1 + 0.05 * $normal());
                $marked = self::TEETH_UM * floor($here / 0.55 / self::TEETH_UM);
                $comb[] = UncuredReading::comb($marked, $marked + self::TEETH_UM, 0.55);
                $ultrasonic[] = UncuredReading::ultrasonic($here * $bias);
            }
            foreach (['comb' => $comb, 'ultrasonic' => $ultrasonic] as $kind => $readings) {
                [$mean, $sd] = UncuredReading::mean($readings);
                $held[$kind] += abs($mean - $true) <= $sd ? 1 : 0;
            }
        }
        foreach ($held as $kind => $count) {
            self::assertGreaterThan(0.58, $count / $rounds, $kind);
            self::assertLessThan(0.85, $count / $rounds, $kind);
        }
    }
}
