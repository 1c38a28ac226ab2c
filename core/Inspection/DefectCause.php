<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** What does a fault, and what would show that it did. */
enum DefectCause: string
{
    case OilLeft = 'oil_left';
    case RustLeft = 'rust_left';
    case OilyAir = 'oily_air';
    case OtherPowder = 'other_powder';
    case MetalGas = 'metal_gas';
    case DeepProfile = 'deep_profile';
    case Moisture = 'moisture';
    case Trapped = 'trapped';
    case HeavyFilm = 'heavy_film';
    case ThinFilm = 'thin_film';
    case WrongFilm = 'wrong_film';
    case MuchCharge = 'much_charge';
    case GunClose = 'gun_close';
    case PoorEarth = 'poor_earth';
    case OverFilm = 'over_film';
    case SlowHeat = 'slow_heat';
    case OldPowder = 'old_powder';
    case DampPowder = 'damp_powder';
    case GunAir = 'gun_air';
    case HotPart = 'hot_part';
    case SharpEdge = 'sharp_edge';
    case RecessLate = 'recess_late';
    case HighVoltage = 'high_voltage';
    case DeepRecess = 'deep_recess';
    case UnderCured = 'under_cured';
    case OverBaked = 'over_baked';
    case OvenFumes = 'oven_fumes';
    case PlatingUnder = 'plating_under';
    case NoTooth = 'no_tooth';
    case CuredUnder = 'cured_under';
    case BoothDirt = 'booth_dirt';
    case HookDirt = 'hook_dirt';
    case StoodBare = 'stood_bare';
    case DampAir = 'damp_air';
    case BathLong = 'bath_long';
    case NotRinsed = 'not_rinsed';
    case UnevenHand = 'uneven_hand';
    case NotFluidised = 'not_fluidised';
    case BlendedFlake = 'blended_flake';
    case OtherLot = 'other_lot';
    case ClearUnfit = 'clear_unfit';
    case NoPanel = 'no_panel';
    case HandledSoon = 'handled_soon';
    case NotCounted = 'not_counted';
    case NotWiped = 'not_wiped';
    case NotMasked = 'not_masked';
    case ClipNotMoved = 'clip_not_moved';
    case AgreedOn = 'agreed_on';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::OilLeft => 'oil or silicone left on the metal',
            self::RustLeft => 'rust left on the metal',
            self::OilyAir => 'oil or water in the supply air',
            self::OtherPowder => 'other powder in the booth',
            self::MetalGas => 'gas out of the metal or its zinc',
            self::DeepProfile => 'profile too deep for the film',
            self::Moisture => 'moisture',
            self::Trapped => 'media, water or grease trapped in a seam',
            self::HeavyFilm => 'film too thick',
            self::ThinFilm => 'film too thin',
            self::WrongFilm => 'film off its target',
            self::MuchCharge => 'too much charge',
            self::GunClose => 'gun too close',
            self::PoorEarth => 'poor earth',
            self::OverFilm => 'sprayed over a film that does not drain',
            self::SlowHeat => 'heat-up too slow',
            self::OldPowder => 'powder past its time',
            self::DampPowder => 'damp or lumpy powder',
            self::GunAir => 'air of the gun not set for it',
            self::HotPart => 'part too hot when sprayed',
            self::SharpEdge => 'sharp edge',
            self::RecessLate => 'recess not sprayed first',
            self::HighVoltage => 'voltage too high',
            self::DeepRecess => 'recess deeper than the gun reaches',
            self::UnderCured => 'under-cured',
            self::OverBaked => 'over-baked',
            self::OvenFumes => 'fumes of a gas-fired oven',
            self::PlatingUnder => 'plating under the film',
            self::NoTooth => 'no tooth: not blasted or pretreated',
            self::CuredUnder => 'fully cured coat below, not abraded',
            self::BoothDirt => 'dirt in the booth',
            self::HookDirt => 'dirt off hooks and rail',
            self::StoodBare => 'bare steel past its time',
            self::DampAir => 'damp air',
            self::BathLong => 'too long in the phosphate',
            self::NotRinsed => 'not rinsed clean',
            self::UnevenHand => 'uneven distance, mixed passes',
            self::NotFluidised => 'powder not fluidised',
            self::BlendedFlake => 'blended flake, parting in the gun',
            self::OtherLot => 'another lot of the powder',
            self::ClearUnfit => 'a clear its sheet does not allow',
            self::NoPanel => 'no panel was baked and signed first',
            self::HandledSoon => 'touched or stacked before it was hard',
            self::NotCounted => 'masks not counted off',
            self::NotWiped => 'powder not wiped out before the oven',
            self::NotMasked => 'not masked, or the mask came off',
            self::ClipNotMoved => 'clip not moved, its mark not dusted',
            self::AgreedOn => 'agreed on at the counter',
        };
    }
}
