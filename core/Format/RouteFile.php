<?php

declare(strict_types=1);

namespace Aenum\Core\Format;

use Aenum\Core\Blast\MediaCatalogue;
use Aenum\Core\Route\RoutePlanner;
use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Facts\BlastFacts;
use Aenum\Core\Rule\Facts\CoatFacts;
use Aenum\Core\Rule\Facts\EquipmentFacts;
use Aenum\Core\Rule\Facts\HouseWays;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Rule\Facts\PartFacts;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Unit\Check;
use Aenum\Core\Unit\InvalidQuantity;

/** The aenum-route/1 format: what is known of a job, and, where a person has reordered them, its steps. */
final readonly class RouteFile
{
    public const FORMAT = 'aenum-route/1';

    public const PLAN_FORMAT = 'aenum-route-plan/1';

    public const MOST_STEPS = 100;

    /** @param  list<Step>|null  $steps null for as laid out */
    private function __construct(public JobFacts $facts, public ?array $steps)
    {
    }

    /** @throws InvalidQuantity */
    public static function parse(string $json): self
    {
        $file = Node::parse($json)->object(['format', 'note', 'part', 'where', 'humidity_pct', 'coats', 'blast', 'equipment', 'house', 'signed', 'steps']);
        $file->need('format', '"'.self::FORMAT.'"')->oneOf([self::FORMAT]);
        $house = self::house($file->find('house'));
        $coats = [];
        foreach ($file->find('coats')?->list(0, 10) ?? [] as $n => $node) {
            $coats[] = self::coat($node, $n, $house);
        }
        $facts = new JobFacts(
            self::part($file->need('part', 'an object')),
            $file->find('where')?->oneOf(JobFacts::WHERE) ?? 'indoors',
            $coats,
            self::blast($file->find('blast')),
            self::equipment($file->find('equipment')),
            $house,
            $file->guard(fn (): float => Check::between('humidity_pct', $file->numberOr('humidity_pct', 50.0) ?? 50.0, 0, 100)),
            self::signed($file->find('signed')),
        );
        $steps = $file->find('steps')?->list(0, self::MOST_STEPS);

        return new self($facts, $steps === null ? null : array_map(self::step(...), $steps));
    }

    /** @return array<string, mixed> */
    public function answer(): array
    {
        $steps = $this->steps ?? RoutePlanner::lay($this->facts);
        $findings = RuleBook::judge(new Plan($this->facts, $steps));

        return [
            'format' => self::PLAN_FORMAT,
            'may_go_on' => array_filter($findings, fn (Finding $finding): bool => $finding->holds()) === [],
            'minutes' => round(array_sum(array_map(fn (Step $step): float => $step->minutes, $steps)), 1),
            'wait_min' => round(array_sum(array_map(fn (Step $step): float => $step->waitMinutes, $steps)), 1),
            'steps' => array_map(fn (Step $step): array => $step->told(), $steps),
            'findings' => array_map(fn (Finding $finding): array => $finding->told(), $findings),
        ];
    }

    private static function part(Node $node): PartFacts
    {
        $node->object(['name', 'metal', 'count', 'mass_kg', 'area_m2', 'box_mm', 'made', 'on_it', 'features', 'duty', 'hardened', 'temper_c', 'heat_treated', 'metal_minutes_so_far', 'vented', 'plating_new', 'paint_tested', 'oily']);

        return $node->guard(fn (): PartFacts => new PartFacts(
            $node->find('name')?->asText() ?? 'part',
            $node->need('metal', 'one of '.implode(', ', PartFacts::METALS))->oneOf(PartFacts::METALS),
            (int) Check::between('count', $node->find('count')?->asWhole() ?? 1, 1, 10000),
            ($mass = $node->numberOr('mass_kg', null)) === null ? null : Check::above('mass_kg', $mass, 0, 50000),
            ($area = $node->numberOr('area_m2', null)) === null ? null : Check::above('area_m2', $area, 0, 2000),
            self::box($node->find('box_mm')),
            $node->find('made')?->oneOf(PartFacts::MADE) ?? 'sheet',
            self::words($node->find('on_it'), PartFacts::ON_IT),
            self::words($node->find('features'), PartFacts::FEATURES),
            $node->find('duty')?->oneOf(PartFacts::DUTIES) ?? 'none',
            $node->find('hardened')?->asFlag() ?? false,
            ($temper = $node->numberOr('temper_c', null)) === null ? null : Check::celsius('temper_c', $temper),
            $node->find('heat_treated')?->asFlag() ?? false,
            Check::between('metal_minutes_so_far', $node->numberOr('metal_minutes_so_far', 0.0) ?? 0.0, 0, 1e6),
            $node->find('vented')?->asFlag() ?? false,
            $node->find('plating_new')?->asFlag() ?? false,
            $node->find('paint_tested')?->asFlag() ?? false,
            $node->find('oily')?->asFlag() ?? false,
        ));
    }

    private static function coat(Node $node, int $n, HouseWays $house): CoatFacts
    {
        $node->object(['role', 'bake_c', 'bake_min', 'film_um', 'effect', 'zinc_rich', 'gas_tolerant', 'conductive', 'over']);
        $usual = $n === 0 ? 'metal' : ($house->way('between') === 'full' ? 'cured' : 'flowed');

        return $node->guard(fn (): CoatFacts => new CoatFacts(
            $node->find('role')?->oneOf(['primer', 'base', 'mid', 'clear']) ?? 'base',
            Check::celsius('bake_c', $node->number('bake_c')),
            Check::above('bake_min', $node->numberOr('bake_min', 10.0) ?? 10.0, 0, 10080),
            Check::above('film_um', $node->numberOr('film_um', 75.0) ?? 75.0, 0, 2000),
            $node->find('effect')?->oneOf(CoatFacts::EFFECTS) ?? 'plain',
            $node->find('zinc_rich')?->asFlag() ?? false,
            $node->find('gas_tolerant')?->asFlag() ?? false,
            $node->find('conductive')?->asFlag() ?? false,
            $node->find('over')?->oneOf(CoatFacts::OVER) ?? $usual,
        ));
    }

    private static function blast(?Node $node): ?BlastFacts
    {
        $node?->object(['media', 'pressure_bar', 'rz_um']);

        return $node?->guard(fn (): BlastFacts => new BlastFacts(
            $node->need('media', 'one of '.implode(', ', MediaCatalogue::keys()))->oneOf(MediaCatalogue::keys()),
            Check::between('pressure_bar', $node->numberOr('pressure_bar', 7.0) ?? 7.0, 0.9, 20),
            ($rz = $node->numberOr('rz_um', null)) === null ? null : Check::between('rz_um', $rz, 0, 500),
        ));
    }

    private static function equipment(?Node $node): EquipmentFacts
    {
        if ($node === null) {
            return new EquipmentFacts(null, null, null, null, null, null, true, false, null, null, null, false, null, null, null);
        }
        $node->object(['booth_mm', 'oven_mm', 'door_mm', 'rail_kg', 'hook_kg', 'oven_max_c', 'oven_vent_on', 'oven_used_for_food', 'compressor_m3_min', 'nozzle_mm', 'ground_mohm', 'ground_measured_today', 'spray_g_min', 'booth_air_m3_min', 'lel_g_m3']);
        $positive = fn (string $key, float $most): ?float => ($v = $node->numberOr($key, null)) === null ? null : Check::above($key, $v, 0, $most);

        return $node->guard(fn (): EquipmentFacts => new EquipmentFacts(
            self::box($node->find('booth_mm')), self::box($node->find('oven_mm')), self::door($node->find('door_mm')),
            $positive('rail_kg', 1e5), $positive('hook_kg', 1e5), $positive('oven_max_c', 700),
            $node->find('oven_vent_on')?->asFlag() ?? true, $node->find('oven_used_for_food')?->asFlag() ?? false,
            $positive('compressor_m3_min', 1000), $positive('nozzle_mm', 50),
            ($ohms = $node->numberOr('ground_mohm', null)) === null ? null : Check::between('ground_mohm', $ohms, 0, 1e6),
            $node->find('ground_measured_today')?->asFlag() ?? false,
            $positive('spray_g_min', 10000), $positive('booth_air_m3_min', 1e5), $positive('lel_g_m3', 1000),
        ));
    }

    private static function house(?Node $node): HouseWays
    {
        $node?->object(array_keys(HouseWays::CHOICES));
        $ways = [];
        foreach (HouseWays::CHOICES as $question => $choices) {
            $way = $node?->find($question)?->oneOf($choices);
            if ($way !== null) {
                $ways[$question] = $way;
            }
        }

        return HouseWays::of($ways);
    }

    private static function step(Node $node): Step
    {
        $node->object(['step', 'minutes', 'wait_min', 'pmt_c', 'hold_min', 'coat', 'why', 'station', 'name']);
        $kinds = array_column(StepKind::cases(), 'value');

        return $node->guard(fn (): Step => new Step(
            StepKind::from($node->need('step', 'one of '.implode(', ', $kinds))->oneOf($kinds)),
            Check::between('minutes', $node->numberOr('minutes', 0.0) ?? 0.0, 0, 1e5),
            Check::between('wait_min', $node->numberOr('wait_min', 0.0) ?? 0.0, 0, 1e5),
            $node->find('why')?->asText() ?? 'as given',
            ($c = $node->numberOr('pmt_c', null)) === null ? null : Check::celsius('pmt_c', $c),
            ($hold = $node->numberOr('hold_min', null)) === null ? null : Check::between('hold_min', $hold, 0, 10080),
            $node->find('coat')?->asWhole(),
        ));
    }

    /** @return array<string, string> */
    private static function signed(?Node $node): array
    {
        $signed = [];
        foreach ($node?->list(0, 100) ?? [] as $entry) {
            $entry->object(['rule', 'by']);
            $signed[$entry->need('rule', 'a rule\'s key')->asText()] = $entry->need('by', 'a name')->asText();
        }

        return $signed;
    }

    /** @return array{float, float, float}|null */
    private static function box(?Node $node): ?array
    {
        $sides = array_map(fn (Node $side): float => $side->asNumber(), $node?->list(3, 3) ?? []);

        return $node === null ? null : [$sides[0], $sides[1], $sides[2]];
    }

    /** @return array{float, float}|null */
    private static function door(?Node $node): ?array
    {
        $sides = array_map(fn (Node $side): float => $side->asNumber(), $node?->list(2, 2) ?? []);

        return $node === null ? null : [$sides[0], $sides[1]];
    }

    /**
     * @param  list<string>  $known
     * @return list<string>
     */
    private static function words(?Node $node, array $known): array
    {
        return array_map(fn (Node $word): string => $word->oneOf($known), $node?->list(0, 30) ?? []);
    }
}
