<?php

declare(strict_types=1);

namespace App\Actions\Mask;

use Aenum\Core\Hang\Rack;
use Aenum\Core\Hang\RackSetting;
use Aenum\Core\Job\JobFacts;
use Aenum\Core\Job\Plan;
use Aenum\Core\Rule\Finding;
use Aenum\Core\Rule\Moment;
use Aenum\Core\Rule\RuleBook;
use App\Actions\Intake\PartShapes;
use App\Actions\Route\PartRoute;
use App\Models\Part;
use App\Models\Rack as StoredRack;
use Illuminate\Support\Facades\DB;

/** How a part hangs: as it was set, or a usual rack for its size; and what the book says of it. */
final readonly class RackOfPart
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
            RuleBook::judge(new Plan($facts, $route->steps), Moment::MaskAndHang),
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
