<?php

declare(strict_types=1);

namespace Aenum\Core\Files;

use Aenum\Core\Curing\BakePreference;
use Aenum\Core\Curing\BakeRules;
use Aenum\Core\Curing\CureSheet;
use Aenum\Core\Curing\PeakLimit;
use Aenum\Core\Curing\TimingCriterion;
use Aenum\Core\Materials\HeatCapacity;
use Aenum\Core\Materials\Metal;
use Aenum\Core\Materials\MetalCatalog;
use Aenum\Core\Thermal\Door;
use Aenum\Core\Thermal\LoadItem;
use Aenum\Core\Thermal\Oven;
use Aenum\Core\Thermal\OvenSchedule;
use Aenum\Core\Thermal\RegionLinks;
use Aenum\Core\Thermal\Slab;
use Aenum\Core\Units\Check;
use Aenum\Core\Units\InvalidInput;

/** The aenum-load/1 format: an oven, what hangs in it, its powder and how it is run. */
final readonly class LoadFile
{
    public const FORMAT = 'aenum-load/1';

    public const MOST_ITEMS = 500;

    public const MOST_DOORS = 100;

    public const MOST_LINKS = 1000;

    public const MOST_READINGS = 100;

    private const READING_KEYS = ['item', 'at_min', 'c', 'display_c'];

    private const LINK_KEYS = ['between', 'w_per_k'];

    private const KEYS = [
        'format',
        'note',
        'ambient_c',
        'oven',
        'items',
        'powder',
        'doors',
        'run',
        'margin',
        'overbake_limit',
        'way',
        'links',
        'prefer',
        'readings',
    ];

    private const OVEN_KEYS = [
        'setpoint_c',
        'start_c',
        'start_shell_c',
        'heater_kw',
        'band_k',
        'air_kj_per_k',
        'shell_kj_per_k',
        'air_to_shell_w_per_k',
        'shell_loss_w_per_k',
        'vent_w_per_k',
        'door_w_per_k',
        'door_open_s',
        'convection_w_per_m2k',
        'max_c',
    ];

    private const ITEM_KEYS = [
        'name',
        'count',
        'material',
        'mass_kg',
        'area_m2',
        'emissivity',
        'view_factor',
        'convection_w_per_m2k',
        'slab',
        'start_c',
        'out_min',
        'peak_max_c',
    ];

    /**
     * @param  list<LoadItem>  $items
     * @param  list<?PeakLimit>  $limits  of each item, where it has one of its own
     * @param  list<array{item: int, second: float, c: float, display: ?float}>  $readings
     */
    private function __construct(
        public Oven $oven,
        /** Its setpoint stands only where the file gives one. */
        public OvenSchedule $schedule,
        public ?float $setpointC,
        public array $items,
        public ?CureSheet $powder,
        public ?float $runMinutes,
        public BakeRules $rules,
        public array $limits,
        public BakePreference $prefer,
        public array $readings,
        /** Seconds the door stands open on the load, from the run's beginning. */
        public float $doorOpenS,
    ) {
    }

    /** @throws InvalidInput naming the first place that cannot be taken */
    public static function parse(string $json): self
    {
        return self::read(Node::parse($json));
    }

    /** @throws InvalidInput */
    public static function read(Node $file): self
    {
        $file->object(self::KEYS);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $file->find('note')?->asText();
        $ovenNode = $file->need('oven', 'an object')->object(self::OVEN_KEYS);
        $oven = self::oven($ovenNode);
        $items = self::linked(
            self::items($file->need('items', 'a list of 1 to '.self::MOST_ITEMS)),
            $file->find('links')?->list(0, self::MOST_LINKS) ?? [],
        );
        $setpoint = $ovenNode->numberOr('setpoint_c', null);
        $ambient = $file->guard(fn (): float => Check::celsius('ambient_c', $file->number('ambient_c')));
        $schedule = $ovenNode->guard(
            fn (): OvenSchedule => OvenSchedule::of(
                $ambient,
                $setpoint ?? ($oven->maxC ?? 200.0),
                $ovenNode->numberOr('start_c', null),
                $ovenNode->numberOr('start_shell_c', null),
            ),
        );
        $openS = $ovenNode->guard(
            fn (): float => Check::between('door_open_s', $ovenNode->numberOr('door_open_s', 0.0) ?? 0.0, 0, 86400),
        );
        if ($openS > 0) {
            $schedule = $schedule->withDoor(Door::opened(0, $openS));
        }
        foreach ($file->find('doors')?->list(0, self::MOST_DOORS) ?? [] as $door) {
            $door->object(['at_min', 'open_s']);
            $schedule = $schedule->withDoor(
                $door->guard(fn (): Door => Door::opened($door->number('at_min'), $door->number('open_s'))),
            );
        }
        $run = $file->find('run')?->object(['minutes']);

        return new self(
            $oven,
            $schedule,
            $setpoint,
            $items,
            ($powder = $file->find('powder')) === null ? null : PowderFile::read($powder),
            $run?->guard(fn (): float => Check::above('minutes', $run->number('minutes'), 0, 10080)),
            $file->guard(
                fn (): BakeRules => BakeRules::of(
                    TimingCriterion::from(
                        $file->find('way')?->oneOf(array_column(TimingCriterion::cases(), 'value')) ?? 'window',
                    ),
                    $file->numberOr('margin', 0.1) ?? 0.1,
                    $file->numberOr('overbake_limit', 0.85) ?? 0.85,
                ),
            ),
            array_map(self::limit(...), $file->need('items', 'a list')->list(1, self::MOST_ITEMS)),
            $file->find('prefer')?->enum(BakePreference::class) ?? BakePreference::Shortest,
            self::readings($file->find('readings')?->list(0, self::MOST_READINGS) ?? [], $items),
            $openS,
        );
    }

    /** @throws InvalidInput */
    public static function oven(Node $node): Oven
    {
        return $node->guard(
            fn (): Oven => Oven::of(
                $node->number('heater_kw'),
                $node->number('band_k'),
                $node->number('air_kj_per_k'),
                $node->number('shell_kj_per_k'),
                $node->number('air_to_shell_w_per_k'),
                $node->number('shell_loss_w_per_k'),
                $node->number('vent_w_per_k'),
                $node->number('door_w_per_k'),
                $node->number('convection_w_per_m2k'),
                $node->numberOr('max_c', null),
            ),
        );
    }

    /** @return list<LoadItem> */
    private static function items(Node $list): array
    {
        $items = $seen = [];
        foreach ($list->list(1, self::MOST_ITEMS) as $i => $node) {
            $node->object(self::ITEM_KEYS);
            $items[] = $item = $node->guard(
                fn (): LoadItem => LoadItem::of(
                    $node->need('name', 'text of 1 to 200 characters')->asText(),
                    $node->find('count')?->asWhole() ?? 1,
                    $metal = self::metal($node->need('material', 'a metal\'s key or {"cp_j_per_kgk":[...]}')),
                    $node->number('mass_kg'),
                    $node->number('area_m2'),
                    $node->numberOr('emissivity', 0.9) ?? 0.9,
                    $node->numberOr('view_factor', 1.0) ?? 1.0,
                    $node->numberOr('convection_w_per_m2k', null),
                    self::slab($node->find('slab'), $metal),
                    $node->numberOr('start_c', null),
                )->outAt($node->numberOr('out_min', null)),
            );
            if (isset($seen[$item->name])) {
                throw InvalidInput::outside(
                    "{$node->place}.name",
                    $item->name,
                    "a name not used before (items[{$seen[$item->name]}] has it)",
                );
            }
            $seen[$item->name] = $i;
        }

        return $items;
    }

    /**
     * @param  list<LoadItem>  $items
     * @param  array<int, Node>  $links
     * @return list<LoadItem>
     */
    private static function linked(array $items, array $links): array
    {
        $place = array_flip(array_map(fn (LoadItem $item): string => $item->name, $items));
        foreach ($links as $node) {
            $node->object(self::LINK_KEYS);
            [$a, $b] = array_map(function (Node $name) use ($place, $items): int {
                $i = $place[$name->asText()] ?? throw InvalidInput::outside(
                    $name->place,
                    $name->asText(),
                    'the name of an item',
                );
                if ($items[$i]->slab !== null) {
                    throw InvalidInput::outside($name->place, $name->asText(), 'an item without a slab');
                }

                return $i;
            }, $node->need('between', 'two names')->list(2, 2));
            $node->guard(fn () => self::mayLink($node, $items, $a, $b));
            $items = $node->guard(fn (): array => RegionLinks::join($items, $a, $b, $node->number('w_per_k')));
        }

        return $items;
    }

    /**
     * @param  list<LoadItem>  $items
     *
     * @throws InvalidInput where two items cannot be regions of one piece
     */
    private static function mayLink(Node $node, array $items, int $a, int $b): void
    {
        [$one, $other] = [$items[$a], $items[$b]];
        $wrong = match (true) {
            $a === $b => 'two different items',
            $one->count !== $other->count => 'two items of equal count',
            $one->outS !== $other->outS => 'two items of equal out_min',
            isset($one->links[$other->name]) => 'a pair not linked before',
            default => null,
        };
        if ($wrong !== null) {
            throw InvalidInput::outside('between', [$one->name, $other->name], $wrong);
        }
    }

    /**
     * @param  array<int, Node>  $nodes
     * @param  list<LoadItem>  $items
     * @return list<array{item: int, second: float, c: float, display: ?float}>
     */
    private static function readings(array $nodes, array $items): array
    {
        $place = array_flip(array_map(fn (LoadItem $item): string => $item->name, $items));
        $readings = [];
        foreach ($nodes as $node) {
            $node->object(self::READING_KEYS);
            $name = $node->need('item', 'an item\'s name')->asText();
            $display = $node->numberOr('display_c', null);
            $readings[] = $node->guard(fn (): array => [
                'item' => $place[$name] ?? throw InvalidInput::outside('item', $name, 'the name of an item'),
                'second' => 60 * Check::above('at_min', $node->number('at_min'), 0, 10080),
                'c' => Check::celsius('c', $node->number('c')),
                'display' => $display === null ? null : Check::celsius('display_c', $display),
            ]);
        }

        return $readings;
    }

    /** @throws InvalidInput where readings stand in a file that is not to be corrected */
    public function withoutReadings(): self
    {
        return $this->readings === []
            ? $this
            : throw InvalidInput::outside('readings', 'given', 'nothing here; they are for correct');
    }

    private static function limit(Node $node): ?PeakLimit
    {
        $celsius = $node->numberOr('peak_max_c', null);

        return $celsius === null
            ? null
            : $node->guard(fn (): PeakLimit => new PeakLimit(Check::celsius('peak_max_c', $celsius), 'its own'));
    }

    /** The metal a node names, or one made of its own heat capacity. */
    public static function metal(Node $node): Metal
    {
        if ($node->isText()) {
            return $node->here(fn (): Metal => MetalCatalog::get($node->asText()));
        }
        $node->object(['cp_j_per_kgk']);

        return $node->guard(
            fn (): Metal => Metal::custom(
                HeatCapacity::polynomial(
                    array_map(
                        fn (Node $c): float => $c->asNumber(),
                        $node->need('cp_j_per_kgk', 'a list of 1 to 6 numbers')->list(1, HeatCapacity::DEGREE + 1),
                    ),
                ),
            ),
        );
    }

    private static function slab(?Node $node, Metal $metal): ?Slab
    {
        if ($node === null) {
            return null;
        }
        $node->object(['half_mm', 'k_w_per_mk']);

        return $node->guard(
            fn (): Slab => Slab::of(
                $node->number('half_mm'),
                $node->numberOr('k_w_per_mk', $metal->conductivityWPerMK) ??
                    throw InvalidInput::missing(
                        'k_w_per_mk',
                        'above 0, up to 2000, for a metal given by its specific heat',
                    ),
            ),
        );
    }
}
