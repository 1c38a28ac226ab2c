<?php

declare(strict_types=1);

namespace Tests\Core\Scheduling;

use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayPlan;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;

/** Days of a shop made up by chance: a blast, benches, a booth with colours, two ovens, people, racks. */
final class AnyDay
{
    public const DAY = 1440.0;

    private const SHUTS = 540.0;

    private const COLOURS = ['primer', 'white', 'green', 'black'];

    /** @var list<string> */
    private const CAN = ['blast', 'mask', 'spray', 'oven', 'pack'];

    /**
     * @param  array<string, float>  $means
     * @param  list<PlacedStep>  $begun
     * @param  list<PlacedStep>  $before
     */
    public static function of(
        int $seed,
        int $jobs,
        int $days,
        array $means = [],
        DayObjective $aim = DayObjective::Due,
        float $now = 0.0,
        array $begun = [],
        array $before = [],
        bool $withPeople = true,
    ): ShopDay {
        $random = new Randomizer(new Xoshiro256StarStar($seed));
        $all = [];
        for ($n = 1; $n <= $jobs; $n++) {
            $all[] = self::job($random, "L{$n}", $days, $means !== []);
        }
        $people = $withPeople ? self::people($days) : [];

        return ShopDay::of($aim, self::machines($days), $people, $all, $means, $now, $begun, $before);
    }

    /** The same day some time into a plan, when the last step that has begun takes so many minutes more. */
    public static function after(DayPlan $was, ShopDay $day, float $now, float $over): ShopDay
    {
        $begun = array_values(array_filter($was->steps, fn (PlacedStep $step): bool => $step->fromMin < $now));
        $slow = $begun[count($begun) - 1];
        $jobs = array_map(fn (DayJob $job): DayJob => $job->key !== $slow->job ? $job : DayJob::of(
            $job->key,
            array_map(fn (DayStep $step): DayStep => $step->key !== $slow->step ? $step : DayStep::of(
                $step->key,
                $step->on,
                $step->minutes + $over,
                $step->handsMin,
                $step->who,
                $step->waitMin,
                $step->waitMax,
                $step->colour,
                $step->family,
                $step->room,
                $step->takes,
            ), $job->steps),
            $job->readyMin,
            $job->dueMin,
            $job->weight,
        ), $day->jobs);

        return ShopDay::of($day->aim, $day->machines, $day->people, $jobs, $day->means, $now, $begun, $was->steps);
    }

    /** @return list<DayMachine> */
    public static function machines(int $days, float $longer = 0.0): array
    {
        $open = self::open($days, 0.0, self::SHUTS + $longer);
        $pairs = ['white>black' => 12.0, 'primer>black' => 12.0, 'primer>white' => 12.0];

        return [
            DayMachine::of('pot', open: $open),
            DayMachine::of('cabinet', open: $open),
            DayMachine::of('bench 1'),
            DayMachine::of('bench 2'),
            DayMachine::of('booth', open: $open, changeMin: 25.0, changePairs: $pairs),
            DayMachine::of('long oven', MachineKind::Oven, $open),
            DayMachine::of('bench oven', MachineKind::Oven, $open, 0.4),
        ];
    }

    /** @return list<DayPerson> */
    private static function people(int $days): array
    {
        $there = Spans::of([
            ...self::open($days, 0.0, 270.0)->open,
            ...self::open($days, 300.0, self::SHUTS)->open,
        ]);

        return [
            new DayPerson('ana', self::CAN, $there),
            new DayPerson('bo', ['spray', 'oven', 'mask'], $there),
            new DayPerson('cy', ['blast', 'pack', 'mask'], $there),
        ];
    }

    private static function open(int $days, float $from, float $to): Spans
    {
        $spans = [];
        for ($day = 0; $day < 3 * $days + 4; $day++) {
            $spans[] = [$day * self::DAY + $from, $day * self::DAY + $to];
        }

        return Spans::of($spans);
    }

    private static function job(Randomizer $random, string $key, int $days, bool $takesRacks): DayJob
    {
        $rack = $takesRacks ? ['rack' => 1.0 + $random->getInt(0, 1)] : [];
        $room = [0.1, 0.2, 0.35, 0.5, 0.8][$random->getInt(0, 4)];
        $ovens = $room <= 0.4 ? ['long oven', 'bench oven'] : ['long oven'];
        $pot = [['pot'], ['pot', 'cabinet'], ['cabinet']][$random->getInt(0, 2)];
        $window = $random->getInt(0, 1) === 0 ? 240.0 : null;
        $steps = [DayStep::of('blast', $pot, 10.0 + 10 * $random->getInt(0, 7), who: 'blast', waitMax: $window)];
        $benches = ['bench 1', 'bench 2'];
        $mask = 5.0 + 10 * $random->getInt(0, 4);
        $steps[] = DayStep::of('mask', $benches, $mask, who: 'mask', waitMax: 120.0, takes: $rack);
        $coats = 1 + $random->getInt(0, 2);
        for ($n = 1; $n <= $coats; $n++) {
            $isLast = $n === $coats;
            $colour = self::COLOURS[$isLast ? 1 + $random->getInt(0, 2) : 0];
            $steps[] = DayStep::of(
                "coat {$n}",
                ['booth'],
                8.0 + 3 * $random->getInt(0, 6),
                who: 'spray',
                waitMax: 60.0,
                colour: $colour,
                takes: $rack,
            );
            $steps[] = DayStep::of(
                "cure {$n}",
                $ovens,
                $isLast ? 28.0 + 7 * $random->getInt(0, 2) : 15.0,
                6.0,
                'oven',
                25.0,
                family: $isLast ? ['180', '200'][$random->getInt(0, 1)] : 'flow',
                room: $room,
                takes: $rack,
            );
        }
        $steps[] = DayStep::of('pack', ['bench 1', 'bench 2'], 5.0 + 5 * $random->getInt(0, 2), who: 'pack');
        $due = self::SHUTS + self::DAY * $random->getInt(0, $days - 1);

        return DayJob::of($key, $steps, 0.0, $due, 1.0 + $random->getInt(0, 3));
    }
}
