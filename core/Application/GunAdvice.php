<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

use Aenum\Core\Trade\VoltagePolicy;

/**
 * What a gun should be set to for a place on a part: as low as it accepts, by the house's way.
 *
 * General practice of the trade; the gun maker's and the powder's sheets come first.
 */
final readonly class GunAdvice
{
    /** kV and µA from, to; air against usual; mm away from, to. General practice of the trade. */
    public const FLAT = ['kv' => [60.0, 90.0], 'ua' => [40.0, 80.0], 'air' => 1.0, 'away' => [200.0, 250.0]];

    public const RECESS = ['kv' => [40.0, 60.0], 'ua' => [20.0, 30.0], 'air' => 0.7, 'away' => [200.0, 250.0]];

    public const RECOAT = ['kv' => [40.0, 60.0], 'ua' => [10.0, 20.0], 'air' => 0.8, 'away' => [200.0, 300.0]];

    /** Aluminium takes so much more, kV. General practice of the trade. */
    public const LIGHT_ALLOY_KV = 10.0;

    /** Where in a band the two ways set it. House figures. */
    private const LOW = 0.25;

    private const HIGH = 0.75;

    private function __construct(public GunSetting $setting, public string $why)
    {
    }

    /** The setting for a place on a part with this gun. */
    public static function for(Gun $gun, ZoneKind $zone, bool $recoat, bool $lightAlloy, VoltagePolicy $way): self
    {
        $deep = $zone === ZoneKind::Recess;
        $row = match (true) {
            $recoat => self::RECOAT,
            $deep => self::RECESS,
            default => self::FLAT,
        };
        $share = $way === VoltagePolicy::HighOnFlats && ! $deep && ! $recoat ? self::HIGH : self::LOW;
        $kv = self::within($row['kv'], $share) + ($lightAlloy ? self::LIGHT_ALLOY_KV : 0.0);
        $kv = $gun->kv($kv, $deep || $recoat);
        $ua = $gun->microAmps(self::within($row['ua'], $share), $kv);
        $tip = $deep ? $gun->tip(Nozzle::Round, Nozzle::Cross, Nozzle::Slot) : $gun->tip(Nozzle::Slot);

        return new self(
            GunSetting::of($kv, $ua, $row['air'], $tip, self::within($row['away'], $share)),
            self::why($zone, $recoat, $lightAlloy),
        );
    }

    /** @param  array{float, float}  $band */
    private static function within(array $band, float $share): float
    {
        return $band[0] + $share * ($band[1] - $band[0]);
    }

    private static function why(ZoneKind $zone, bool $recoat, bool $lightAlloy): string
    {
        return match (true) {
            $recoat => 'Low over a film: it charges up and throws powder off.',
            $zone === ZoneKind::Recess => 'Low and gentle: field lines end at the mouth, and air blows powder out.',
            $lightAlloy => 'A little higher on aluminium.',
            default => 'As low as it accepts.',
        };
    }
}
