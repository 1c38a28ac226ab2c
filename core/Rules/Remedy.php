<?php

declare(strict_types=1);

namespace Aenum\Core\Rules;

/** A way past a block, for the part it blocks: never a change of the shop's own limits. */
enum Remedy: string
{
    /** Changed on the spot. */
    case MoreHooks = 'more_hooks';
    case SmallerRack = 'smaller_rack';
    case TakenOff = 'taken_off';
    case Vented = 'vented';
    case AdvisedMedia = 'advised_media';
    case PlannedRouting = 'planned_routing';

    /** Changed on the page where the fact is kept. */
    case PickMetal = 'pick_metal';
    case PickPowder = 'pick_powder';
    case CoolerOven = 'cooler_oven';
    case TwoColors = 'two_colors';
    case CompareStripping = 'compare_stripping';
    case EnterTemper = 'enter_temper';
    case SweepAgain = 'sweep_again';
    case ReliefBake = 'relief_bake';
    case BakeOutAlone = 'bake_out_alone';
    case OtherMask = 'other_mask';
    case MeasureGround = 'measure_ground';
    case MeasureMetal = 'measure_metal';
    case CleanAgain = 'clean_again';
    case GasFree = 'gas_free';
    case ShopFacts = 'shop_facts';
    case LessPowder = 'less_powder';
    case SeeOvens = 'see_ovens';
    case FewerAtATime = 'fewer_at_a_time';
    case CheckSize = 'check_size';
    case Decline = 'decline';
    case ChangePart = 'change_part';

    /** What its button says. */
    public function label(): string
    {
        return match ($this) {
            self::MoreHooks => 'Hang each on more hooks',
            self::SmallerRack => 'Hang fewer per row',
            self::TakenOff => 'Taken off',
            self::Vented => 'Vent and drain drilled',
            self::AdvisedMedia => 'Use the advised media',
            self::PlannedRouting => 'Use the planned routing',
            self::PickMetal => 'Pick the metal',
            self::PickPowder => 'Pick another powder',
            self::CoolerOven => 'Set the oven cooler',
            self::TwoColors => 'Change the two-color method for this part',
            self::CompareStripping => 'Compare strip methods',
            self::EnterTemper => 'Enter the temper',
            self::SweepAgain => 'Sweep blast again',
            self::ReliefBake => 'Open the relief bake',
            self::BakeOutAlone => 'Bake it out on its own',
            self::OtherMask => 'Pick another mask',
            self::MeasureGround => 'Measure the ground again',
            self::MeasureMetal => 'Measure the metal',
            self::CleanAgain => 'Send it back to be cleaned',
            self::GasFree => 'Certified gas-free',
            self::ShopFacts => 'Open shop settings',
            self::LessPowder => 'Spray less powder a minute',
            self::SeeOvens => 'See the ovens',
            self::FewerAtATime => 'Hang fewer at a time',
            self::CheckSize => 'Check the size',
            self::Decline => 'Decline the job',
            self::ChangePart => 'Change the part',
        };
    }
}
