<?php

declare(strict_types=1);

namespace Tests\Feature;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;
use Aenum\Core\Units\UnitSystem;
use App\Platform\Presentation\Units;
use App\Routing\Models\StepTimer;
use Carbon\CarbonImmutable;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class UnitsTest extends TestCase
{
    /** @return array<string, array{Message, string, string}> */
    public static function sentences(): array
    {
        $box = Message::of('{part} is {box}.', ['part' => 'Railing', 'box' => Quantity::sides(900, 450, 60)]);
        $air = Message::of('The nozzle takes {takes} at {bar}.', [
            'takes' => Quantity::airFlow(3.4),
            'bar' => Quantity::bar(6),
        ]);

        return [
            'one' => [
                Message::of('It stands {most}.', ['most' => Quantity::celsius(260)]),
                'It stands 260 °C.',
                'It stands 500 °F.',
            ],
            'a box' => [$box, 'Railing is 900 × 450 × 60 mm.', 'Railing is 35.4 × 17.7 × 2.36 in.'],
            'weights' => [
                Message::of('one piece is {mass}', ['mass' => Quantity::kg(6.3)]),
                'one piece is 6.3 kg',
                'one piece is 13.9 lb',
            ],
            'air' => [$air, 'The nozzle takes 3.4 m³/min at 6 bar.', 'The nozzle takes 120 cfm at 87 psi.'],
            'a difference of temperatures' => [
                Message::of('{by} over', ['by' => Quantity::kelvin(10)]),
                '10 K over',
                '18 °F over',
            ],
        ];
    }

    #[DataProvider('sentences')]
    public function test_what_the_core_says_is_said_in_a_person_s_units(
        Message $said,
        string $metric,
        string $us,
    ): void {
        self::assertSame($metric, (new Units(UnitSystem::Metric))->said($said));
        self::assertSame($us, (new Units(UnitSystem::Us))->said($said));
    }

    public function test_a_step_says_of_its_time_what_is_asked_of_it(): void
    {
        self::assertSame('20 min', Units::dwell(20, null, null));
        self::assertSame('20 min (max 30 min) · 2 min labor', Units::dwell(20, 30, 2));
        self::assertSame(' · 5 min labor', Units::dwell(0, null, 5));
        self::assertSame('', Units::dwell(0, 0, 0));
    }

    #[DataProvider('ends')]
    public function test_a_clock_that_is_done_says_how_it_missed_its_time(?int $doneS, ?int $lateS, ?string $said): void
    {
        $at = CarbonImmutable::parse('2026-07-14 09:00', 'UTC');
        $clock = new StepTimer();
        $clock->due_at = $at->addSeconds(600);
        $clock->late_at = $lateS === null ? null : $at->addSeconds($lateS);
        $clock->done_at = $doneS === null ? null : $at->addSeconds($doneS);

        self::assertSame($said, $clock->missed());
    }

    /** @return array<string, array{?int, ?int, ?string}> done, too long from, s; what is said */
    public static function ends(): array
    {
        return [
            'runs' => [null, 900, null],
            'a second early' => [599, 900, 'too short'],
            'just' => [600, 900, null],
            'just not late' => [900, 900, null],
            'a second late' => [901, 900, 'too long'],
            'nothing is too long for it' => [9000, null, null],
        ];
    }

    public function test_words_that_came_from_a_person_are_left_alone(): void
    {
        self::assertSame(
            'Chip of 30 mm, 12 barrels',
            (new Units(UnitSystem::Us))->said('Chip of 30 mm, 12 barrels'),
        );
        self::assertSame('', (new Units(UnitSystem::Us))->said(null));
    }
}
