<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Inspection\DefectCause as C;
use Aenum\Core\Inspection\Evidence as E;

/**
 * How usual each cause of a fault is, and how much each piece of evidence moves it: the one place of the weights.
 *
 * Weights are natural log-odds, for the evidence fully there and fully absent: 0.7 doubles the odds, −0.7 halves them.
 * House figures, ordered by general practice; what a shop confirms moves how usual a cause is taken to be.
 */
final class DefectCatalog
{
    /** A cause is taken to be so much less usual than the one named before it. */
    private const NEXT_USUAL = 0.55;

    /** Share kept for what the list does not name. */
    public const OTHER = 0.08;

    /** Confirmed causes count against so many imagined ones spread as the list has them. */
    private const IMAGINED = 8;

    /** Evidence for a cause, [fully there, fully absent]. */
    private const WEIGHTS = [
        C::OilLeft->value => [
            E::Degreased->value => [-0.8, 1.8], E::OilyMedia->value => [1.4, -0.1], E::BakedOut->value => [-0.5, 0.3],
        ],
        C::RustLeft->value => [E::Rusty->value => [0.7, -1.0], E::Blasted->value => [-1.0, 1.4]],
        C::OilyAir->value => [E::AirDry->value => [-1.2, 1.8], E::SameGun->value => [1.2, 0.0]],
        C::OtherPowder->value => [E::BoothCleaned->value => [-1.2, 1.8]],
        C::MetalGas->value => [E::Gasses->value => [0.8, -1.8], E::BakedOut->value => [-1.2, 1.6]],
        C::DeepProfile->value => [E::Profile->value => [1.8, -0.8]],
        C::Moisture->value => [E::Dried->value => [-0.8, 1.6], E::Humidity->value => [0.8, -0.3]],
        C::Trapped->value => [
            E::HasSeams->value => [0.7, -0.8], E::BlownOut->value => [-0.8, 1.6], E::Dried->value => [-0.3, 0.3],
        ],
        C::HeavyFilm->value => [E::FilmShare->value => [2.0, -1.6]],
        C::ThinFilm->value => [E::FilmShare->value => [-1.6, 2.0]],
        C::WrongFilm->value => [E::FilmShare->value => [1.6, 1.6]],
        C::MuchCharge->value => [E::ChargeIndex->value => [1.8, -1.2]],
        C::GunClose->value => [E::Away->value => [1.8, -0.8], E::SamePerson->value => [0.8, 0.0]],
        C::PoorEarth->value => [
            E::Ground->value => [2.0, -1.2], E::GroundMeasured->value => [-0.3, 1.2], E::SameRack->value => [0.8, 0.0],
        ],
        C::OverFilm->value => [E::IsRecoat->value => [2.2, -1.8]],
        C::SlowHeat->value => [E::HeatUp->value => [1.8, -0.8]],
        C::OldPowder->value => [E::PastDate->value => [2.0, -0.7], E::SameLot->value => [1.2, 0.0]],
        C::DampPowder->value => [
            E::Humidity->value => [1.2, -0.6], E::Fluidised->value => [-0.4, 0.7], E::SameLot->value => [0.5, 0.0],
        ],
        C::GunAir->value => [E::SameGun->value => [1.6, 0.0], E::Humidity->value => [-0.3, 0.3]],
        C::HotPart->value => [E::PartTemperature->value => [2.0, -1.0]],
        C::SharpEdge->value => [E::EdgesBroken->value => [-1.6, 1.4]],
        C::RecessLate->value => [E::RecessFirst->value => [-1.4, 1.8]],
        C::HighVoltage->value => [E::RecessVoltage->value => [1.8, -0.9]],
        C::DeepRecess->value => [E::RecessRatio->value => [1.8, -1.0]],
        C::UnderCured->value => [E::Dose->value => [2.0, -1.4], E::Rub->value => [2.2, -2.0]],
        C::OverBaked->value => [E::Overbake->value => [2.0, -1.4]],
        C::OvenFumes->value => [E::GasFired->value => [1.6, -2.5]],
        C::PlatingUnder->value => [E::Plated->value => [1.8, -2.2]],
        C::NoTooth->value => [E::Blasted->value => [-1.4, 1.8]],
        C::CuredUnder->value => [E::Abraded->value => [-1.2, 2.2], E::IsRecoat->value => [0.4, -2.0]],
        C::BoothDirt->value => [E::BoothCleaned->value => [-0.9, 1.4]],
        C::HookDirt->value => [E::HooksClean->value => [-1.0, 1.7], E::SameRack->value => [1.0, 0.0]],
        C::StoodBare->value => [E::BareOver->value => [2.0, -1.4]],
        C::DampAir->value => [E::Humidity->value => [1.6, -0.8]],
        C::BathLong->value => [E::BathOver->value => [1.8, -1.2]],
        C::NotRinsed->value => [E::Rinsed->value => [-1.0, 1.8]],
        C::UnevenHand->value => [E::EvenHand->value => [-1.2, 1.4], E::SamePerson->value => [1.0, 0.0]],
        C::NotFluidised->value => [E::Fluidised->value => [-1.0, 1.8]],
        C::BlendedFlake->value => [E::Bonded->value => [-2.0, 1.4], E::SameLot->value => [0.6, 0.0]],
        C::OtherLot->value => [E::OneLot->value => [-1.4, 2.0]],
        C::ClearUnfit->value => [E::ClearAllowed->value => [-1.6, 2.2]],
        C::NoPanel->value => [E::PanelSigned->value => [-1.4, 1.4]],
        C::HandledSoon->value => [E::HandledHot->value => [1.8, -0.9]],
        C::NotCounted->value => [E::MasksCounted->value => [-1.0, 1.6]],
        C::NotWiped->value => [E::Wiped->value => [-1.2, 1.6]],
        C::NotMasked->value => [E::Masked->value => [-1.2, 1.8]],
        C::ClipNotMoved->value => [E::ClipMoved->value => [-1.0, 1.5]],
        C::AgreedOn->value => [E::Agreed->value => [1.5, -2.5]],
    ];

    /**
     * How usual each cause of a fault is, as shares of 1 with that kept for others.
     *
     * @param  array<string, int>  $confirmed  cause => how often it was confirmed of this fault
     * @return array<string, float> by cause, in the order of the list
     */
    public static function usual(DefectKind $defect, array $confirmed = []): array
    {
        $shares = [];
        foreach ($defect->causes() as $n => $cause) {
            $shares[$cause->value] = self::NEXT_USUAL ** $n;
        }
        $sum = array_sum($shares);
        $known = array_intersect_key($confirmed, $shares);
        $all = self::IMAGINED + array_sum($known);
        foreach ($shares as $cause => $share) {
            $of = (self::IMAGINED * $share / $sum + ($known[$cause] ?? 0)) / $all;
            $shares[$cause] = (1 - self::OTHER) * $of;
        }

        return $shares;
    }

    /** @return array<string, array{float, float}> evidence => weight where it is there, where it is not */
    public static function weights(C $cause): array
    {
        return self::WEIGHTS[$cause->value];
    }

    /**
     * What bears on a fault at all.
     *
     * @return list<E>
     */
    public static function asks(DefectKind $defect): array
    {
        $asked = [];
        foreach ($defect->causes() as $cause) {
            $asked += self::WEIGHTS[$cause->value];
        }

        return array_map(fn (string $key): E => E::from($key), array_keys($asked));
    }
}
