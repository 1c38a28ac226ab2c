<?php

declare(strict_types=1);

namespace App\Preparation\Commands;

use Aenum\Core\Preparation\Racking\Rack;
use Aenum\Core\Preparation\Racking\RackSetting;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Routing\PartRouting;
use Aenum\Core\Rules\Checkpoint;
use Aenum\Core\Rules\Finding;
use Aenum\Core\Rules\RuleBook;
use App\Intake\Commands\PartShapes;
use App\Intake\Models\Part;
use App\Preparation\Models\Rack as StoredRack;
use App\Routing\Queries\PartRoute;
use Illuminate\Support\Facades\DB;

/** Sets how a part hangs; without a setting, a usual rack for its size. */
final readonly class SetRack
{
    /** A rack is drawn for a piece of this mass until it is weighed, kg. */
    private const UNWEIGHED_KG = 1.0;

    /** @param  list<Finding>  $findings */
    private function __construct(public Rack $rack, public bool $guessed, public array $findings)
    {
    }

    public static function of(Part $part, ?PartRoute $route = null): self
    {
        $route ??= PartRoute::of($part);
        $rack = $route->facts->rack ?? Rack::of(self::usual($part, $route), $part->mass_kg ?? 0.0);
        $facts = new JobFacts(...['rack' => $rack] + get_object_vars($route->facts));

        return new self(
            $rack,
            $route->facts->rack === null,
            RuleBook::judge(PartRoute::shared(new PartRouting($facts, $route->steps)), Checkpoint::MaskAndHang),
        );
    }

    /** @return array<string, array{string, float}> field => what it is, and its mm */
    public function lengths(): array
    {
        $set = $this->rack->set;

        return [
            'pitch' => ['Pitch', $set->pitchMm],
            'drop' => ['Row to row', $set->dropMm],
            'along' => ['Along the rail', $set->boxMm[0]],
            'up' => ['Up', $set->boxMm[1]],
            'deep' => ['Deep', $set->boxMm[2]],
        ];
    }

    public static function save(Part $part, RackSetting $set): void
    {
        DB::transaction(function () use ($part, $set): void {
            StoredRack::query()->updateOrCreate(['part_id' => $part->id], StoredRack::columns($set));
            $part->update(['view_factor' => round(Rack::of($set, $part->mass_kg ?? 0.0)->viewFactor, 3)]);
        });
        $part->unsetRelation('rack');
    }

    private static function usual(Part $part, PartRoute $route): RackSetting
    {
        $box = $route->facts->part->boxMm;
        foreach (PartShapes::of($part)->pieces as $piece) {
            $box ??= $piece['shape']->extent->boxMm;
        }

        $kg = $part->mass_kg ?? self::UNWEIGHED_KG;

        $density = $part->metalKind()->densityKgPerM3;
        $oven = $route->facts->equipment->ovenMm;

        return $oven === null
            ? RackSetting::usual($box, $kg, $density, $part->count)
            : RackSetting::usual($box, $kg, $density, $part->count, max($oven[0], $oven[2]));
    }
}
