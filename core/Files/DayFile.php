<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Scheduling\DayJob;
use Aenum\Core\Scheduling\DayMachine;
use Aenum\Core\Scheduling\DayObjective;
use Aenum\Core\Scheduling\DayPerson;
use Aenum\Core\Scheduling\DayStep;
use Aenum\Core\Scheduling\MachineKind;
use Aenum\Core\Scheduling\PlacedStep;
use Aenum\Core\Scheduling\ShopDay;
use Aenum\Core\Scheduling\Spans;
use Aenum\Core\Units\InvalidInput;

/** `aenum-day/1`: machines, people, jobs and what has begun. */
final readonly class DayFile
{
    public const FORMAT = 'aenum-day/1';

    public const MOST_JOBS = 2000;

    public const MOST_STEPS = 60;

    private const MOST_SPANS = 800;

    private const MOST_ENTRIES = 20000;

    private const MOST_BYTES = 16_000_000;

    /** @throws InvalidInput naming the place */
    public static function parse(string $json): ShopDay
    {
        $file = Node::parse($json, self::MOST_BYTES)->object([
            'format', 'aim', 'machines', 'people', 'jobs', 'means', 'now_min', 'begun', 'before',
        ]);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $jobs = $file->need('jobs', 'a list of jobs')->list(1, self::MOST_JOBS);
        $machines = $file->need('machines', 'a list of machines')->list(1, 500);

        return ShopDay::of(
            $file->find('aim')?->enum(DayObjective::class) ?? DayObjective::Due,
            array_map(self::machine(...), $machines),
            array_map(self::person(...), $file->find('people')?->list(0, 500) ?? []),
            array_map(self::job(...), $jobs),
            self::counts($file->find('means')),
            $file->numberOr('now_min', 0.0) ?? 0.0,
            array_map(self::placing(...), $file->find('begun')?->list(0, self::MOST_ENTRIES) ?? []),
            array_map(self::placing(...), $file->find('before')?->list(0, self::MOST_ENTRIES) ?? []),
        );
    }

    private static function machine(Node $in): DayMachine
    {
        $in->object(['key', 'kind', 'open', 'room', 'change_min']);
        $change = $in->find('change_min')?->object(['default', 'pairs']);

        return $in->guard(fn (): DayMachine => DayMachine::of(
            self::key($in),
            $in->find('kind')?->enum(MachineKind::class) ?? MachineKind::One,
            self::open($in),
            $in->numberOr('room', 1.0) ?? 1.0,
            $change?->numberOr('default', 0.0) ?? 0.0,
            self::counts($change?->find('pairs')),
        ));
    }

    private static function person(Node $in): DayPerson
    {
        $in->object(['key', 'can', 'open']);
        $can = $in->need('can', 'a list of what the person can do')->list(0, 200);

        return new DayPerson(
            self::key($in),
            array_map(fn (Node $one): string => $one->asText(), $can),
            self::open($in),
        );
    }

    private static function job(Node $in): DayJob
    {
        $in->object(['key', 'ready_min', 'due_min', 'weight', 'steps']);
        $steps = array_map(self::step(...), $in->need('steps', 'a list of steps')->list(1, self::MOST_STEPS));

        return $in->guard(fn (): DayJob => DayJob::of(
            self::key($in),
            $steps,
            $in->numberOr('ready_min', 0.0) ?? 0.0,
            self::maybe($in, 'due_min'),
            $in->numberOr('weight', 1.0) ?? 1.0,
        ));
    }

    private static function step(Node $in): DayStep
    {
        $in->object([
            'key', 'on', 'minutes', 'hands_min', 'who', 'wait_min', 'wait_max', 'colour', 'family', 'room', 'takes',
        ]);
        $on = $in->need('on', 'a list of machines')->list(1, 100);

        return $in->guard(fn (): DayStep => DayStep::of(
            self::key($in),
            array_map(fn (Node $one): string => $one->asText(), $on),
            $in->number('minutes'),
            self::maybe($in, 'hands_min'),
            self::word($in, 'who'),
            $in->numberOr('wait_min', 0.0) ?? 0.0,
            self::maybe($in, 'wait_max'),
            self::word($in, 'colour'),
            self::word($in, 'family'),
            $in->numberOr('room', 1.0) ?? 1.0,
            self::counts($in->find('takes')),
        ));
    }

    private static function placing(Node $in): PlacedStep
    {
        $in->object(['job', 'step', 'on', 'who', 'from_min', 'to_min']);
        $from = $in->number('from_min');

        return new PlacedStep(
            self::key($in, 'job'),
            self::key($in, 'step'),
            self::key($in, 'on'),
            self::word($in, 'who'),
            $from,
            $in->numberOr('to_min', $from) ?? $from,
        );
    }

    private static function key(Node $in, string $key = 'key'): string
    {
        $text = $in->need($key, 'text')->asText();

        return $text === ''
            ? throw InvalidInput::outside("{$in->place}.{$key}", '', 'text that is not empty')
            : $text;
    }

    private static function word(Node $in, string $key): ?string
    {
        $node = $in->find($key);

        return $node === null || $node->isNull() ? null : $node->asText();
    }

    private static function maybe(Node $in, string $key): ?float
    {
        $node = $in->find($key);

        return $node === null || $node->isNull() ? null : $node->asNumber();
    }

    private static function open(Node $in): Spans
    {
        $spans = [];
        foreach ($in->find('open')?->list(0, self::MOST_SPANS) ?? [] as $span) {
            [$from, $to] = $span->list(2, 2);
            $spans[] = [$from->asNumber(), $to->asNumber()];
        }

        return Spans::of($spans);
    }

    /** @return array<string, float> */
    private static function counts(?Node $in): array
    {
        $counts = [];
        foreach ($in?->keys() ?? [] as $key) {
            $counts[$key] = $in?->number($key) ?? 0.0;
        }

        return $counts;
    }
}
