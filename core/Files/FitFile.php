<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\LoggedRun;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenFigure;
use Aenum\Core\Thermal\ThermocoupleLog;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** The aenum-fit/1 format: an oven, and runs a logger sat in. */
final readonly class FitFile
{
    public const FORMAT = 'aenum-fit/1';

    public const MOST_RUNS = 12;

    public const MOST_COLUMNS = 16;

    public const MOST_SAMPLES = 50000;

    private const AIR = 'air';

    /** What an oven may have here beside its eight figures. */
    private const OVEN_KEYS = ['band_k', 'max_c', 'door_open_s'];

    /**
     * @param  array<string, float>  $given  the oven's keys as they stand in the file
     * @param  list<LoggedRun>  $runs
     */
    private function __construct(public Oven $oven, public array $given, public array $runs)
    {
    }

    /** @throws InvalidInput naming the first place that cannot be taken */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object(['format', 'note', 'oven', 'runs']);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $file->find('note')?->asText();
        $keys = [...array_column(OvenFigure::cases(), 'value'), ...self::OVEN_KEYS];
        $ovenNode = $file->need('oven', 'an object')->object($keys);
        $oven = LoadFile::oven($ovenNode);
        $ovenNode->guard(fn () => Check::between('door_open_s', $ovenNode->numberOr('door_open_s', 0) ?? 0, 0, 86400));
        $given = [];
        foreach ($keys as $key) {
            if ($ovenNode->has($key)) {
                $given[$key] = $ovenNode->number($key);
            }
        }
        $runs = array_map(
            self::run(...),
            $file->need('runs', 'a list of 1 to '.self::MOST_RUNS)->list(1, self::MOST_RUNS),
        );

        return new self($oven, $given, $runs);
    }

    private static function run(Node $node): LoggedRun
    {
        $node->object(['load', 'log']);
        $loadNode = $node->need('load', 'an object, aenum-load/1 without powder');
        $load = LoadFile::read($loadNode);
        $loadNode->guard(function () use ($load): void {
            $load->withoutReadings();
            if ($load->powder !== null) {
                throw InvalidInput::outside('powder', 'given', 'nothing here; a fit looks at the metal');
            }
            if ($load->setpointC === null) {
                throw InvalidInput::missing('oven.setpoint_c', '-40 to 700');
            }
        });
        $names = array_map(fn (LoadItem $item): string => $item->name, $load->items);
        $air = array_search(self::AIR, $names, true);
        if ($air !== false) {
            throw InvalidInput::outside(
                "{$loadNode->place}.items[{$air}].name",
                self::AIR,
                'another name; a column of that name is the oven\'s air',
            );
        }
        $log = $node->need('log', 'an object')->object(['t_s', 'columns']);
        $seconds = self::seconds($log->need('t_s', 'a list of seconds'));
        $couples = array_map(
            fn (Node $column): ThermocoupleLog => self::couple($column, $seconds, $names, $load->doorOpenS),
            $log->need('columns', 'a list of 1 to '.self::MOST_COLUMNS)->list(1, self::MOST_COLUMNS),
        );

        return new LoggedRun($load->items, $load->schedule, $couples);
    }

    /** @return list<float> s since the door shut */
    private static function seconds(Node $list): array
    {
        $seconds = [];
        foreach ($list->list(1, self::MOST_SAMPLES) as $n => $node) {
            $second = $node->asNumber();
            $after = $n === 0 ? -86400.0 : $seconds[$n - 1];
            if ($second > 604800 || $second < -86400 || ($n > 0 && $second <= $after)) {
                throw InvalidInput::outside(
                    $node->place,
                    $second,
                    $n === 0 ? '-86400 to 604800' : "above {$after}, the second before it, up to 604800",
                );
            }
            $seconds[] = $second;
        }

        return $seconds;
    }

    /**
     * @param  list<float>  $seconds
     * @param  list<string>  $names
     */
    private static function couple(Node $node, array $seconds, array $names, float $doorOpenS): ThermocoupleLog
    {
        $node->object(['of', 'c']);
        $of = $node->need('of', '"air" or an item\'s name')->asText();
        $item = $of === self::AIR ? ThermocoupleLog::AIR : array_search($of, $names, true);
        if ($item === false) {
            throw InvalidInput::outside("{$node->place}.of", $of, '"air" or the name of an item of this run');
        }
        $cells = $node->need('c', 'a list as long as t_s')->list(1, self::MOST_SAMPLES);
        if (count($cells) !== count($seconds)) {
            throw InvalidInput::unreadable(
                "{$node->place}.c",
                'has '.count($cells).' entries',
                count($seconds).' entries, as t_s has',
            );
        }
        $samples = [];
        foreach ($cells as $n => $cell) {
            $second = $seconds[$n] + $doorOpenS;
            if (! $cell->isNull()) {
                $c = $cell->here(fn (): float => Check::celsius('c', $cell->asNumber()));
                if ($second >= 0) {
                    $samples[] = [$second, $c];
                }
            }
        }
        if ($samples === []) {
            throw InvalidInput::unreadable(
                "{$node->place}.c",
                'holds nothing but gaps while the load is in',
                'at least one reading',
            );
        }

        return ThermocoupleLog::of($item, $samples);
    }
}
