<?php

declare(strict_types=1);

namespace Tests\Core\Curing;

use Aenum\Core\Curing\CureState;
use Aenum\Core\Curing\CureStatus;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What is measured outranks what is computed; what is told comes last. */
final class CureStatusTest extends TestCase
{
    /** @return array<string, array{CureStatus, bool, bool, bool, bool, string}> done, back in, over, closes, words */
    public static function coats(): array
    {
        $of = fn (?CureState $state, bool $served, ?bool $measured = null, bool $told = false, float $dose = 1.2) => (
            new CureStatus($state, $served, $measured, $told, $dose, null)
        );

        return [
            'nothing logged' => [CureStatus::raw(), false, false, false, false, 'not baked'],
            'told only' => [$of(null, false, told: true), true, false, false, true, 'baked as told, no bake logged'],
            'cured' => [$of(CureState::Cured, true), true, false, false, true, 'fully cured, 120 % of cure'],
            'flowed as meant' => [
                $of(CureState::Flowed, true, dose: 0.3), true, false, false, true, 'flowed, 30 % of cure',
            ],
            'short' => [
                $of(CureState::PartCured, false, dose: 0.8), false, true, false, false, 'part cured, 80 % of cure',
            ],
            'rub fails' => [
                $of(CureState::Cured, true, false), false, true, false, false,
                'undercured by test, predicted 120 % of cure',
            ],
            'rub passes what was computed short' => [
                $of(CureState::PartCured, false, true, dose: 0.9), true, false, false, true,
                'cured by test, predicted 90 % of cure',
            ],
            'rub confirms' => [
                $of(CureState::Cured, true, true), true, false, false, true,
                'cured, confirmed by test, predicted 120 % of cure',
            ],
            'over-baked' => [$of(CureState::Overbaked, true), false, false, true, true, 'over-baked, 120 % of cure'],
            'over-baked, said the model; soft, says the rub' => [
                $of(CureState::Overbaked, true, false), false, true, false, false,
                'undercured by test, predicted 120 % of cure',
            ],
            'told, and the rub fails' => [
                $of(null, false, false, true), false, true, false, false, 'undercured by test, predicted 120 % of cure',
            ],
        ];
    }

    #[DataProvider('coats')]
    public function test_one_truth_about_a_coat(
        CureStatus $coat,
        bool $done,
        bool $backIn,
        bool $over,
        bool $closes,
        string $words,
    ): void {
        self::assertSame($done, $coat->isDone());
        self::assertSame($backIn, $coat->goesBackIn());
        self::assertSame($over, $coat->isOverbaked());
        self::assertSame($closes, $coat->closesBake());
        self::assertSame($words, strtr($coat->words()->words, self::placed($coat->words()->with)));
    }

    public function test_of_pieces_with_different_pasts_the_worst_speaks(): void
    {
        $raw = CureStatus::raw();
        $cured = new CureStatus(CureState::Cured, true, null, false, 1.3, null);
        $less = new CureStatus(CureState::Cured, true, null, false, 1.1, null);
        $soft = new CureStatus(CureState::Cured, true, false, false, 1.2, null);
        $short = new CureStatus(CureState::PartCured, false, null, false, 0.7, null);
        $over = new CureStatus(CureState::Overbaked, true, null, false, 3.0, 1.2);
        self::assertSame($raw, CureStatus::worst([$cured, $raw]));
        self::assertSame($soft, CureStatus::worst([$raw, $soft, $cured]));
        self::assertSame($short, CureStatus::worst([$over, $short, $cured]));
        self::assertSame($over, CureStatus::worst([$cured, $over]));
        self::assertSame($less, CureStatus::worst([$cured, $less]));
    }

    /**
     * @param  array<string, mixed>  $with
     * @return array<string, string>
     */
    private static function placed(array $with): array
    {
        $placed = [];
        foreach ($with as $place => $value) {
            $placed['{'.$place.'}'] = is_scalar($value) ? (string) $value : '';
        }

        return $placed;
    }
}
