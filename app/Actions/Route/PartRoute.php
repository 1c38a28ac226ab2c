<?php

declare(strict_types=1);

namespace App\Actions\Route;

use Aenum\Core\Format\RouteFile;
use Aenum\Core\Route\RoutePlanner;
use Aenum\Core\Route\Step;
use Aenum\Core\Route\StepKind;
use Aenum\Core\Rule\Facts\JobFacts;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Plan;
use Aenum\Core\Rule\RuleBook;
use Aenum\Core\Rule\Severity;
use App\Actions\Blast\BlastOfPart;
use App\Models\Coat;
use App\Models\Entry;
use App\Models\Oven;
use App\Models\Part;
use App\Models\Pin;
use App\Models\Shop;
use App\Support\ShopClock;

/** A part's route as it stands: what is known of it, the steps, and what the rules say. */
final readonly class PartRoute
{
    /**
     * @param  list<Step>  $steps
     * @param  list<Finding>  $findings
     */
    private function __construct(public Part $part, public JobFacts $facts, public array $steps, public array $findings, public bool $changed)
    {
    }

    public static function of(Part $part): self
    {
        $part->loadMissing(['job', 'coats.powder.rows', 'signatures', 'pins']);
        $file = RouteFile::parse(json_encode(self::file($part), JSON_THROW_ON_ERROR));
        $steps = $file->steps ?? RoutePlanner::lay($file->facts);

        if ($file->steps === null) {
            $steps = self::withTheShopSBlast($part, $file->facts, $steps);
        }

        return new self($part, $file->facts, $steps, RuleBook::judge(new Plan($file->facts, $steps)), $file->steps !== null);
    }

    /**
     * The blast takes what it takes with this shop's air and media: the same minutes as on the blast bench.
     *
     * @param  list<Step>  $steps
     * @return list<Step>
     */
    private static function withTheShopSBlast(Part $part, JobFacts $facts, array $steps): array
    {
        $main = $facts->part->metal === 'galvanised_steel' ? StepKind::SweepBlast : StepKind::Blast;
        if (! (new Plan($facts, $steps))->has($main)) {
            return $steps;
        }
        $minutes = BlastOfPart::of(new self($part, $facts, $steps, [], false))->plan->minutes;

        return array_map(fn (Step $step): Step => $step->kind === $main ? new Step($main, $minutes, $step->waitMinutes, $step->why, $step->celsius, $step->holdMinutes, $step->coat) : $step, $steps);
    }

    /** @return list<Finding> what keeps the job at Intake */
    public function holding(): array
    {
        return array_values(array_filter($this->findings, fn (Finding $finding): bool => $finding->holds()));
    }

    public function plan(): Plan
    {
        return new Plan($this->facts, $this->steps);
    }

    public function minutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->minutes, $this->steps));
    }

    public function waitMinutes(): float
    {
        return array_sum(array_map(fn (Step $step): float => $step->waitMinutes, $this->steps));
    }

    public function heaviest(): ?Severity
    {
        return $this->findings === [] ? null : $this->findings[0]->rule->severity();
    }

    /** @return array<string, mixed> the part as aenum-route/1 */
    public static function file(Part $part): array
    {
        $shop = Shop::current();
        $facts = $part->facts ?? [];
        $blast = $facts['blast'] ?? null;
        unset($facts['blast']);
        $pinned = array_filter($part->pins->map(fn (Pin $pin): ?string => $pin->kind->feature())->all());
        if ($pinned !== []) {
            $facts['features'] = array_values(array_unique([...$facts['features'] ?? [], ...$pinned]));
        }

        return [
            'format' => RouteFile::FORMAT,
            'part' => $facts + (isset($facts['box_mm']) || ! isset($part->mesh['box_mm']) ? [] : ['box_mm' => $part->mesh['box_mm']]) + ['name' => $part->name, 'metal' => $part->metal, 'count' => $part->count, 'mass_kg' => $part->mass_kg, 'area_m2' => $part->area_m2],
            'where' => $part->job->lives,
            'humidity_pct' => $shop->humidity_pct,
            'coats' => $part->coats->map(fn (Coat $coat): array => self::coat($coat, $part))->values()->all(),
            'equipment' => self::equipment($shop) + self::ground($part),
            'signed' => $part->signatures->map(fn ($signature): array => ['rule' => $signature->rule, 'by' => $signature->signed_by])->values()->all(),
        ] + (self::house($part, $shop) === [] ? [] : ['house' => self::house($part, $shop)]) + ($blast === null ? [] : ['blast' => $blast]) + ($part->route === null ? [] : ['steps' => $part->route]);
    }

    /** @return array<string, mixed> */
    private static function coat(Coat $coat, Part $part): array
    {
        $rows = $coat->powder->sheet()->rows;
        // A coat that is only to flow runs no hotter than its coolest row; what is to cure may run as hot as its hottest.
        $hottest = $coat->bake_to === 'flow' ? $rows[0] : $rows[count($rows) - 1];
        $below = $part->coats->firstWhere('position', $coat->position - 1);

        return [
            'role' => $coat->role, 'bake_c' => $hottest->pmtC, 'bake_min' => $hottest->minMinutes, 'film_um' => ($coat->powder->film_min_um + $coat->powder->film_max_um) / 2,
            'effect' => $coat->powder->effect, 'zinc_rich' => $coat->powder->zinc_rich, 'gas_tolerant' => $coat->powder->gas_tolerant, 'conductive' => $coat->powder->conductive,
            'over' => $below === null ? 'metal' : ($below->bake_to === 'flow' ? 'flowed' : 'cured'),
        ];
    }

    /** @return array<string, string> the house ways, with what was chosen for this part at the strip bench over them */
    private static function house(Part $part, Shop $shop): array
    {
        $strip = ['benzyl' => 'chemical', 'acid_stripper' => 'chemical', 'caustic' => 'caustic', 'burn_off' => 'burn_off', 'blast' => 'blast'][$part->prep['strip'] ?? ''] ?? null;

        return (($part->prep['strip'] ?? null) === 'converter' ? ['rust' => 'convert', 'strip' => 'chemical'] : []) + ($strip === null ? [] : ['strip' => $strip, 'rust' => 'blast']) + ($shop->house ?? []);
    }

    /** @return array<string, mixed> what was measured on the part's rack today */
    private static function ground(Part $part): array
    {
        $lines = Entry::of('ground');
        $lines->where('part_id', $part->id)->where('at', '>=', ShopClock::today()->utc()->format('Y-m-d H:i:s'))->orderByDesc('id');
        $measured = $lines->first();

        return $measured === null ? [] : ['ground_mohm' => min(1e6, (float) $measured->figures['ohm'] / 1e6), 'ground_measured_today' => true];
    }

    /** @return array<string, mixed> what the shop has; the largest oven speaks for the ovens */
    private static function equipment(Shop $shop): array
    {
        $equipment = array_filter($shop->equipment ?? [], fn (mixed $value): bool => $value !== null);
        $oven = once(self::largestOven(...));
        if ($oven !== null) {
            $equipment['oven_max_c'] = $oven->max_c;
            if (isset($oven->answers['width_m'])) {
                $equipment['oven_mm'] = array_map(fn (string $side): float => 1000 * $oven->answers[$side], ['width_m', 'height_m', 'depth_m']);
            }
        }

        return $equipment;
    }

    private static function largestOven(): ?Oven
    {
        $size = fn (Oven $oven): float => ($oven->answers['width_m'] ?? 0) * ($oven->answers['height_m'] ?? 0) * ($oven->answers['depth_m'] ?? 0);

        return Oven::all()->filter(fn (Oven $oven): bool => $oven->retired_at === null)->sortByDesc($size)->first();
    }
}
