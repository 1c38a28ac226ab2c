<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/**
 * What a job's record can say for or against a cause.
 *
 * Each is a figure or a yes and no of the record, by the name it has in the file; what is missing is unknown and weighs
 * nothing.
 */
enum Evidence: string
{
    case Degreased = 'degreased';
    case Blasted = 'blasted';
    case BakedOut = 'baked_out';
    case Gasses = 'metal_gasses';
    case Rinsed = 'rinsed';
    case Dried = 'dried';
    case BlownOut = 'blown_out';
    case HasSeams = 'has_seams';
    case Plated = 'plated';
    case Rusty = 'was_rusty';
    case EdgesBroken = 'edges_broken';
    case OilyMedia = 'oily_media';
    case AirDry = 'air_dry';
    case BoothCleaned = 'booth_cleaned';
    case HooksClean = 'hooks_clean';
    case BareOver = 'bare_over_min';
    case Humidity = 'humidity_pct';
    case BathOver = 'bath_over_min';
    case GroundMeasured = 'ground_measured';
    case Ground = 'ground_ohm';
    case ChargeIndex = 'charge_index';
    case RecessVoltage = 'recess_kv';
    case Away = 'away_mm';
    case RecessRatio = 'recess_ratio';
    case RecessFirst = 'recess_first';
    case FilmShare = 'film_share';
    case Profile = 'profile_um';
    case PartTemperature = 'part_c';
    case IsRecoat = 'is_recoat';
    case Abraded = 'cured_under_abraded';
    case PastDate = 'past_date';
    case Fluidised = 'fluidised';
    case Bonded = 'bonded';
    case EvenHand = 'even_hand';
    case OneLot = 'one_lot';
    case PanelSigned = 'panel_signed';
    case ClearAllowed = 'clear_allowed';
    case HeatUp = 'heat_up_min';
    case Dose = 'dose';
    case Overbake = 'overbake';
    case Rub = 'rub_rating';
    case GasFired = 'gas_fired';
    case HandledHot = 'handled_hot';
    case MasksCounted = 'masks_counted';
    case Wiped = 'wiped';
    case Masked = 'masked';
    case ClipMoved = 'clip_moved';
    case Agreed = 'agreed';
    case SameLot = 'same_lot_jobs';
    case SameGun = 'same_gun_jobs';
    case SamePerson = 'same_person_jobs';
    case SameRack = 'same_rack_jobs';

    /** Whether it is a yes or no rather than a figure. */
    public function isFlag(): bool
    {
        return $this->scale() === null;
    }

    /**
     * How a figure is weighed: fully for where it reaches the first, fully against where it reaches the second,
     * straight between; null for a yes or no. House figures where 03 and the physics do not give them.
     *
     * @return array{float, float}|null
     */
    public function scale(): ?array
    {
        return match ($this) {
            self::BareOver => [20.0, -10.0],
            self::Humidity => [80.0, 50.0],
            self::BathOver => [3.0, -1.0],
            // Decades of ohms: a tenth of the limit is plainly good, ten times it plainly bad.
            self::Ground => [1e7, 1e5],
            self::ChargeIndex => [1.15, 0.7],
            self::RecessVoltage => [80.0, 50.0],
            self::Away => [130.0, 220.0],
            self::RecessRatio => [0.15, 0.5],
            // Film as a share of the middle of its band, both ways.
            self::FilmShare => [1.5, 0.5],
            self::Profile => [90.0, 40.0],
            self::PartTemperature => [60.0, 30.0],
            self::HeatUp => [35.0, 12.0],
            self::Dose => [0.7, 1.1],
            self::Overbake => [1.2, 0.7],
            self::Rub => [1.0, 5.0],
            self::SameLot, self::SameGun, self::SamePerson, self::SameRack => [3.0, 0.0],
            default => null,
        };
    }

    /** Counts that are only ever for a cause: none of them is no proof of the contrary. */
    public function isOnlyFor(): bool
    {
        return in_array($this, [self::SameLot, self::SameGun, self::SamePerson, self::SameRack], true);
    }

    /**
     * The ranges a figure may have.
     *
     * @return array{float, float}|null null for a yes or no
     */
    public function range(): ?array
    {
        return match ($this) {
            self::BareOver, self::BathOver => [-10080.0, 10080.0],
            self::Humidity => [0.0, 100.0],
            self::Ground => [0.0, 1e12],
            self::ChargeIndex, self::Dose, self::Overbake => [0.0, 100.0],
            self::RecessVoltage => [0.0, 200.0],
            self::Away => [1.0, 2000.0],
            self::RecessRatio => [0.0, 3.0],
            self::FilmShare => [0.0, 100.0],
            self::Profile => [0.0, 1000.0],
            self::PartTemperature => [-40.0, 300.0],
            self::HeatUp => [0.0, 10080.0],
            self::Rub => [1.0, 5.0],
            self::SameLot, self::SameGun, self::SamePerson, self::SameRack => [0.0, 100000.0],
            default => null,
        };
    }

    /** What it says where it is yes, in lower case; for a figure what the figure is of. */
    public function says(): string
    {
        return match ($this) {
            self::Degreased => 'degreased',
            self::Blasted => 'blasted or abraded',
            self::BakedOut => 'baked out',
            self::Gasses => 'a metal that gasses',
            self::Rinsed => 'rinsed',
            self::Dried => 'dried hot after the last water',
            self::BlownOut => 'seams and threads blown out',
            self::HasSeams => 'it has seams',
            self::Plated => 'plating on it when it came',
            self::Rusty => 'rust on it when it came',
            self::EdgesBroken => 'edges broken',
            self::OilyMedia => 'oil was found in the media',
            self::AirDry => 'supply air drained and dry',
            self::BoothCleaned => 'booth and gun cleaned before this colour',
            self::HooksClean => 'hooks clean',
            self::BareOver => 'bare steel past its time',
            self::Humidity => 'humidity when it was sprayed',
            self::BathOver => 'in the phosphate past its time',
            self::GroundMeasured => 'earth measured',
            self::Ground => 'part to earth',
            self::ChargeIndex => 'charge index',
            self::RecessVoltage => 'voltage in the recess',
            self::Away => 'gun away',
            self::RecessRatio => 'a recess gets of the face',
            self::RecessFirst => 'recess sprayed first',
            self::FilmShare => 'film against the middle of its band',
            self::Profile => 'blast profile',
            self::PartTemperature => 'part when it was sprayed',
            self::IsRecoat => 'sprayed over a film',
            self::Abraded => 'the cured coat below was abraded',
            self::PastDate => 'powder past its date',
            self::Fluidised => 'powder fluidised before use',
            self::Bonded => 'flake bonded',
            self::EvenHand => 'every zone ticked in turn, one distance',
            self::OneLot => 'all of it from one lot of powder',
            self::PanelSigned => 'a panel signed first',
            self::ClearAllowed => 'its sheet allows the clear',
            self::HeatUp => 'heat-up to its window',
            self::Dose => 'dose',
            self::Overbake => 'over-bake',
            self::Rub => 'solvent rub',
            self::GasFired => 'gas-fired oven',
            self::HandledHot => 'moved on before it was cold',
            self::MasksCounted => 'masks counted off',
            self::Wiped => 'seats and bores wiped before the oven',
            self::Masked => 'the place was masked',
            self::ClipMoved => 'clip moved and its mark dusted',
            self::Agreed => 'agreed on and signed',
            self::SameLot => 'other jobs with it from this powder lot',
            self::SameGun => 'other jobs with it from this gun',
            self::SamePerson => 'other jobs with it from this person',
            self::SameRack => 'other jobs with it from these hooks',
        };
    }
}
