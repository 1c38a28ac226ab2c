<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Inspection\DefectCause as C;

/** A quick look or try that tells causes apart. */
enum SettlingCheck: string
{
    case Rub = 'rub';
    case BreakOpen = 'break_open';
    case WhiteCloth = 'white_cloth';
    case BlowOnPaper = 'blow_on_paper';
    case ThickThere = 'thick_there';
    case ThinThere = 'thin_there';
    case Earth = 'earth';
    case Loupe = 'loupe';
    case BreakGrain = 'break_grain';
    case BakeBare = 'bake_bare';
    case SprayPanel = 'spray_panel';
    case FeelEdge = 'feel_edge';
    case FileCorner = 'file_corner';
    case BackOfFlake = 'back_of_flake';
    case LookAtHooks = 'look_at_hooks';
    case Thermometer = 'thermometer';
    case Hopper = 'hopper';
    case ThickAndThin = 'thick_and_thin';
    case WetTheVeil = 'wet_the_veil';
    case ProfileTape = 'profile_tape';
    case ComparePieces = 'compare_pieces';
    case EdgeOfTape = 'edge_of_tape';

    /** A check answers rightly so often. House figure, unverified. */
    private const RIGHT = 0.9;

    /** What is done, and what is asked of it. */
    public function asks(): string
    {
        return match ($this) {
            self::Rub => 'Rub it with solvent: does it come off or stay soft?',
            self::BreakOpen => 'Break one open: does the hole go to metal?',
            self::WhiteCloth => 'Wipe the opened place with solvent and a white cloth: does it stain?',
            self::BlowOnPaper => 'Blow the supply air on white paper for a minute: does it spot?',
            self::ThickThere => 'Measure the film beside it: is it above its band?',
            self::ThinThere => 'Measure the film beside it: is it below its band?',
            self::Earth => 'Measure part to earth on the same hooks: is it over the limit?',
            self::Loupe => 'Look at it under a loupe: is a grain of another colour in it?',
            self::BreakGrain => 'Break a grain out: is it blast media or rust?',
            self::BakeBare => 'Bake a stripped piece bare for half an hour: does it sweat or stain?',
            self::SprayPanel => 'Spray and bake a clean panel from the same box: is it there too?',
            self::FeelEdge => 'Feel a bare edge with the nail: is it sharp?',
            self::FileCorner => 'File a corner: is there another metal over the metal?',
            self::BackOfFlake => 'Look at the back of what came off: is it smooth against a film?',
            self::LookAtHooks => 'Look at the hooks: do crumbs of old film hang from them?',
            self::Thermometer => 'Point the thermometer at the next part before it is sprayed: is it over 40 °C?',
            self::Hopper => 'Look into the hopper: are there lumps, or does it boil unevenly?',
            self::ThickAndThin => 'Look at heavy and light pieces of the load: are both the same?',
            self::WetTheVeil => 'Wet the veil where it lies open: does it go away with water?',
            self::ProfileTape => 'Take the profile on a bared place: is it over a third of the film?',
            self::ComparePieces => 'Lay the thinnest and the thickest film side by side: do they differ so?',
            self::EdgeOfTape => 'Look at the rim of the place: does the film end in a tape edge?',
        };
    }

    /** @return list<C> of which the answer is yes */
    public function yesOf(): array
    {
        return match ($this) {
            self::Rub => [C::UnderCured],
            self::BreakOpen => [
                C::OilLeft, C::RustLeft, C::MetalGas, C::DeepProfile, C::Trapped, C::Moisture, C::PlatingUnder,
            ],
            self::WhiteCloth => [C::OilLeft],
            self::BlowOnPaper => [C::OilyAir],
            self::ThickThere => [C::HeavyFilm, C::GunClose],
            self::ThinThere => [C::ThinFilm, C::RecessLate, C::HighVoltage, C::DeepRecess, C::SharpEdge],
            self::Earth => [C::PoorEarth],
            self::Loupe => [C::OtherPowder, C::BoothDirt],
            self::BreakGrain => [C::Trapped],
            self::BakeBare => [C::MetalGas, C::OilLeft, C::Trapped],
            self::SprayPanel => [
                C::OldPowder, C::DampPowder, C::OtherLot, C::BlendedFlake, C::OilyAir, C::GunAir, C::OtherPowder,
                C::ClearUnfit,
            ],
            self::FeelEdge => [C::SharpEdge],
            self::FileCorner => [C::PlatingUnder],
            self::BackOfFlake => [C::CuredUnder],
            self::LookAtHooks => [C::HookDirt, C::PoorEarth],
            self::Thermometer => [C::HotPart],
            self::Hopper => [C::DampPowder, C::NotFluidised, C::OldPowder],
            self::ThickAndThin => [C::OvenFumes],
            self::WetTheVeil => [C::NotRinsed],
            self::ProfileTape => [C::DeepProfile],
            self::ComparePieces => [C::WrongFilm],
            self::EdgeOfTape => [C::NotWiped],
        };
    }

    /**
     * Bits it is expected to tell about which cause it is.
     *
     * @param  array<string, float>  $shares  of the causes, and of what is not listed under ''; they sum to 1
     */
    public function bits(array $shares): float
    {
        $yesOf = array_map(fn (C $cause): string => $cause->value, $this->yesOf());
        $told = 0.0;
        foreach ([true, false] as $answer) {
            $joint = [];
            foreach ($shares as $cause => $share) {
                $isYes = in_array($cause, $yesOf, true) === $answer;
                $joint[] = $share * ($isYes ? self::RIGHT : 1 - self::RIGHT);
            }
            $chance = array_sum($joint);
            $after = array_map(fn (float $one): float => $chance > 0.0 ? $one / $chance : 0.0, $joint);
            $told += $chance * self::entropy($after);
        }

        return max(0.0, self::entropy(array_values($shares)) - $told);
    }

    /** @param  list<float>  $shares */
    private static function entropy(array $shares): float
    {
        return array_sum(array_map(fn (float $one): float => $one > 0.0 ? -$one * log($one, 2) : 0.0, $shares));
    }
}
