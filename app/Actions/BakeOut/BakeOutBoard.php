<?php

declare(strict_types=1);

namespace App\Actions\BakeOut;

use Aenum\Core\Cure\BakeOut;
use Aenum\Core\Cure\MetalAgeing;
use Aenum\Core\Heat\Conduct;
use Aenum\Core\Heat\Door;
use Aenum\Core\Heat\LoadItem;
use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Rule\Severity;
use App\Actions\Route\PartRoute;
use App\Models\BakeOutItem;
use App\Models\BakeOutLoad;
use App\Models\BakeResult;
use App\Models\Part;
use App\Support\ShopClock;

/** A bake-out as it is set: the curve of every bare part, when to pull, and what the heat does to metal and masks. */
final readonly class BakeOutBoard
{
    /** The rules that look at what the part is asked to reach, and at what must not be in an oven at all. */
    private const AIM_RULES = ['bake-out-too-cool', 'bake-out-margin', 'bake-out-too-short', 'oven-limit', 'sealed-hollow', 'soft-parts-on', 'low-melting', 'magnesium', 'galvanised-fume'];

    /** The rules that look at how hot it gets, which is more. */
    private const PEAK_RULES = ['zinc-hot', 'zinc-too-hot', 'above-temper', 'light-alloy-heat', 'light-alloy-heat-much'];

    /**
     * @param  list<BakeOutItem>  $items
     * @param  list<array{part: Part, says: string, stop: bool}>  $findings
     */
    private function __construct(public BakeOutLoad $load, public BakeOut $plan, public array $items, public array $findings)
    {
    }

    public static function of(BakeOutLoad $load): self
    {
        $load->loadMissing(['oven', 'items.part.job', 'items.part.coats.powder.rows', 'items.part.coats.results', 'items.part.pins.fittings.mask', 'items.part.signatures']);
        $items = array_values($load->items->all());
        $pull = $load->status === 'pulled' && $load->shut_at !== null && $load->pulled_at !== null
            ? $load->door_open_s / 60 + $load->shut_at->diffInMilliseconds($load->pulled_at) / 60000
            : $load->minutes + $load->door_open_s / 60;
        $plan = BakeOut::plan($load->oven->model(), self::core($items), self::conduct($load), $load->target_c, $load->hold_min, $pull);

        return new self($load, $plan, $items, array_merge(...array_map(fn (BakeOutItem $item, int $n): array => self::heat($load, $item->part, $plan->items[$n]), $items, array_keys($items))));
    }

    /** Minutes from the door shut to the soonest pull that holds everything long enough; null where it never gets there. */
    public static function soonest(BakeOutLoad $load): ?float
    {
        $asked = clone $load;
        $asked->minutes = 700;
        $done = array_column(self::of($asked)->plan->items, 'done');

        return in_array(null, $done, true) || $done === [] ? null : max(array_filter($done, is_float(...))) - $load->door_open_s / 60;
    }

    /** The setpoint to begin with: as cool as costs little time. */
    public static function usualSetpoint(BakeOutLoad $load): float
    {
        $load->loadMissing(['oven', 'items.part.job']);

        return BakeOut::setpointFor($load->oven->model(), self::core(array_values($load->items->all())), self::conduct($load), $load->target_c);
    }

    /**
     * @param  list<BakeOutItem>  $items
     * @return non-empty-list<LoadItem>
     */
    private static function core(array $items): array
    {
        $load = array_map(fn (BakeOutItem $item): LoadItem => LoadItem::of(mb_substr($item->part->name, 0, 200), $item->count, $item->part->metalKind(), $item->part->mass_kg, $item->part->area_m2, $item->part->metalKind()->bareEmissivity, $item->part->view_factor), $items);

        return $load ?: throw new \LogicException('a load has parts');
    }

    private static function conduct(BakeOutLoad $load): Conduct
    {
        $conduct = Conduct::of($load->ambient_c, $load->setpoint_c);

        return $load->door_open_s > 0 ? $conduct->withDoor(Door::opened(0, $load->door_open_s)) : $conduct;
    }

    public function stops(): bool
    {
        return array_filter($this->findings, fn (array $finding): bool => $finding['stop']) !== [];
    }

    /** Minutes after the door shut of a minute of the run. */
    public function sinceShut(?float $runMinutes): ?float
    {
        return $runMinutes === null ? null : max(0.0, $runMinutes - $this->load->door_open_s / 60);
    }

    /** Equivalent minutes at 200 °C a part's metal has had: in bakes, and in earlier bake-outs. */
    public static function metalMinutesSoFar(Part $part): float
    {
        $bakes = $part->coats->flatMap(fn ($coat) => $coat->results)->unique(fn (BakeResult $result): int => $result->bake_id)->sum('metal_minutes');

        return (float) $bakes + BakeOutLoad::metalMinutes($part);
    }

    /**
     * @param  array{reaches: ?float, done: ?float, peakC: float, metalMinutes: float}  $item
     * @return list<array{part: Part, says: string, stop: bool}>
     */
    private static function heat(BakeOutLoad $load, Part $part, array $item): array
    {
        $route = PartRoute::of($part);
        $says = [];
        foreach ([[$load->target_c, self::AIM_RULES], [round($item['peakC']), self::PEAK_RULES]] as [$celsius, $rules]) {
            foreach (RuleBook::judge(new Plan($route->facts, self::stepsAt($route, $celsius, $load->hold_min))) as $finding) {
                if (in_array($finding->rule->key(), $rules, true) && $finding->signedBy === null) {
                    $says[] = ['part' => $part, 'says' => self::words($finding), 'stop' => $finding->rule->severity() === Severity::Stop];
                }
            }
        }
        foreach ($part->pins as $pin) {
            foreach ($pin->fittings as $fitting) {
                if (! $fitting->isOff() && $fitting->mask !== null && ($fitting->mask->rated_c === null || $fitting->mask->rated_c < $item['peakC'])) {
                    $says[] = ['part' => $part, 'says' => sprintf('Pin %d wears %s, which stands %s; the part peaks at %.0f °C. Take it off first.', $pin->number, $fitting->mask->name, $fitting->mask->rated_c === null ? 'no oven' : sprintf('%.0f °C', $fitting->mask->rated_c), $item['peakC']), 'stop' => true];
                }
            }
        }
        if ($part->metalKind()->ageHardens) {
            $sum = self::metalMinutesSoFar($part) + ($load->status === 'pulled' ? 0.0 : $item['metalMinutes']);
            $says[] = ['part' => $part, 'says' => sprintf('Its metal has %.0f equivalent minutes at 200 °C after this; worth a word past %.0f, a name past %.0f. The maker\'s limit comes first.', $sum, MetalAgeing::WARN_MINUTES, MetalAgeing::SIGN_MINUTES), 'stop' => false];
        }

        return $says;
    }

    /** @return list<Step> the part's route with its bake-out as hot and as long as this one */
    private static function stepsAt(PartRoute $route, float $celsius, float $hold): array
    {
        $others = array_filter($route->steps, fn (Step $step): bool => $step->kind !== StepKind::BakeOut);

        return [new Step(StepKind::BakeOut, 3, $hold, 'As set.', $celsius, $hold), ...array_values($others)];
    }

    private static function words(Finding $finding): string
    {
        return ucfirst($finding->evidence).'. '.$finding->rule->reason().' '.$finding->rule->wayOut();
    }

    /** Minutes from now to the pull that is set; null unless it runs. */
    public function pullAt(): ?\Carbon\CarbonImmutable
    {
        return $this->load->status === 'running' ? ($this->load->shut_at ?? ShopClock::now())->addMilliseconds((int) round(60000 * $this->load->minutes)) : null;
    }
}
