<?php

declare(strict_types=1);

namespace App\Inspection\Queries;

use Aenum\Core\Preparation\Masking\PinKind;
use App\Application\Models\Spraying;
use App\Application\Models\SprayingZone;
use App\Intake\Models\Coat;
use App\Intake\Models\Part;
use App\Intake\Models\Pin;
use App\Routing\Queries\RoutingProgress;

/** Spots where the film of a part is read, with the film expected there. */
final class FilmSpots
{
    /** @return array<string, string> as it is kept => as it is called, the face first */
    public static function of(Part $part): array
    {
        $spots = ['face' => 'Faces', 'inside' => 'Edges and insides', 'far_side' => 'Far side'];
        foreach ($part->pins->where('kind', PinKind::Recess)->sortBy('number') as $pin) {
            $spots["pin-{$pin->number}"] = "Recess, pin {$pin->number}";
        }

        return $spots;
    }

    /** What a spot is called; a name of a gauge's own stays as it is. */
    public static function name(string $spot, Part $part): string
    {
        return self::of($part)[$spot] ?? ($spot === '' ? 'All over' : $spot);
    }

    /** The pin a spot is at; null where it is none. */
    public static function pin(string $spot, Part $part): ?Pin
    {
        return $part->pins->first(fn (Pin $pin): bool => "pin-{$pin->number}" === $spot);
    }

    /**
     * Film the coat bench expected on each spot, all coats together, µm; only where every coat was sprayed by its
     * plan.
     *
     * @return array<string, float>
     */
    public static function expected(FilmStack $stack, RoutingProgress $walk): array
    {
        $sum = [];
        foreach ($stack->coats->values() as $n => $coat) {
            $zones = self::zones($coat, $walk);
            foreach ($zones as $spot => $um) {
                if ($n === 0 || isset($sum[$spot])) {
                    $sum[$spot] = ($sum[$spot] ?? 0.0) + $um;
                }
            }
            $sum = array_intersect_key($sum, $zones);
        }

        return $sum;
    }

    /** @return array<string, float> */
    private static function zones(Coat $coat, RoutingProgress $walk): array
    {
        $spraying = DefectEvidence::sprayed($coat, $walk->batch);

        return $spraying instanceof Spraying
            ? $spraying->zones->mapWithKeys(fn (SprayingZone $one): array => [$one->zone => $one->film_um])->all()
            : [];
    }
}
