<?php

declare(strict_types=1);

namespace App\Actions\Inspect;

use Aenum\Core\Mask\PinKind;
use App\Actions\Lot\LotWalk;
use App\Models\Coat;
use App\Models\Part;
use App\Models\Pin;
use App\Models\Spraying;
use App\Models\SprayingZone;

/** Where on a part film is read: as the gun went over it, recess by recess, and what was to come on there. */
final class Spots
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
    public static function expected(Stack $stack, LotWalk $walk): array
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
    private static function zones(Coat $coat, LotWalk $walk): array
    {
        $spraying = RecordOfFault::sprayed($coat, $walk->lot);

        return $spraying instanceof Spraying
            ? $spraying->zones->mapWithKeys(fn (SprayingZone $one): array => [$one->zone => $one->film_um])->all()
            : [];
    }
}
