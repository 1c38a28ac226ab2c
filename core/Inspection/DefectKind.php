<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

/** What can be wrong with a film: how it looks, what to do now and next time. General practice of the trade. */
enum DefectKind: string
{
    case Fisheye = 'fisheye';
    case Crater = 'crater';
    case Pinhole = 'pinhole';
    case Blister = 'blister';
    case SeamBubbles = 'seam_bubbles';
    case CornerBubble = 'corner_bubble';
    case Stars = 'stars';
    case OrangePeel = 'orange_peel';
    case Sag = 'sag';
    case ThinEdge = 'thin_edge';
    case ThinRecess = 'thin_recess';
    case Rough = 'rough';
    case Seeds = 'seeds';
    case Crazing = 'crazing';
    case SoftFilm = 'soft_film';
    case Yellowing = 'yellowing';
    case Peeling = 'peeling';
    case FlashRust = 'flash_rust';
    case WhiteBloom = 'white_bloom';
    case Cloudy = 'cloudy';
    case ColourOff = 'colour_off';
    case EffectSpoiled = 'effect_spoiled';
    case SetUnmatched = 'set_unmatched';
    case Scratched = 'scratched';
    case MaskLeft = 'mask_left';
    case PowderInSeat = 'powder_in_seat';
    case ClipMark = 'clip_mark';
    case AgreedPits = 'agreed_pits';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::SeamBubbles => 'bubbles at a seam',
            self::CornerBubble => 'bubble in a tight corner',
            self::Stars => 'stars of back-ionisation',
            self::Sag => 'sag or drip',
            self::ThinEdge => 'thin edge, bare corner',
            self::ThinRecess => 'thin in a recess',
            self::Rough => 'rough, spat on',
            self::Seeds => 'seeds, dirt',
            self::Yellowing => 'yellow, dull or brittle',
            self::Peeling => 'peels off',
            self::FlashRust => 'flash-rust bloom',
            self::WhiteBloom => 'white bloom under the film',
            self::Cloudy => 'cloudy or striped metallic',
            self::ColourOff => 'colour not as the panel',
            self::EffectSpoiled => 'effect spoiled by its clear',
            self::SetUnmatched => 'parts of a set not matched',
            self::Scratched => 'scratched before it was hard',
            self::MaskLeft => 'tape or plug left on',
            self::PowderInSeat => 'powder in a seat or bore',
            self::AgreedPits => 'pits, as agreed',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** How it looks. */
    public function looks(): string
    {
        return match ($this) {
            self::Fisheye => 'a small ring with a hole in it, down to metal',
            self::Crater => 'a round dimple that does not reach metal',
            self::Pinhole => 'a hole as of a needle, down to metal',
            self::Blister => 'a closed bubble in the film',
            self::SeamBubbles => 'a row of bubbles along a seam or weld',
            self::CornerBubble => 'one bubble in a tight inner corner, often over plating',
            self::Stars => 'small pocks, like stars; seen in the powder already',
            self::OrangePeel => 'an even ripple, as of a fruit\'s skin',
            self::Sag => 'a curtain or a drip at the lower edge',
            self::ThinEdge => 'metal shows along an edge or at a corner',
            self::ThinRecess => 'metal or the coat below shows at the bottom of a recess',
            self::Rough => 'lumps and spit marks, rough to the hand',
            self::Seeds => 'single grains in the film',
            self::Crazing => 'fine cracks in a clear, hours to days later',
            self::SoftFilm => 'a nail or solvent marks it',
            self::Yellowing => 'colour shifted, gloss gone, chips when bent; thin metal first',
            self::Peeling => 'comes off in sheets, clean metal or a smooth film beneath',
            self::FlashRust => 'brown shadow under a clear or a light colour',
            self::WhiteBloom => 'a chalky veil under the film',
            self::Cloudy => 'flake uneven: clouds, or stripes the way the gun went',
            self::ColourOff => 'another shade than the panel or the master',
            self::EffectSpoiled => 'the effect went dull or vanished under its clear',
            self::SetUnmatched => 'pieces that belong together differ side by side',
            self::Scratched => 'a score or a finger mark, its edges drawn up',
            self::MaskLeft => 'tape, disc or plug still there after the bake',
            self::PowderInSeat => 'film where a bearing, seal or bolt has to sit',
            self::ClipMark => 'a bare spot where hook or clamp sat',
            self::AgreedPits => 'old pits and gouges that show through, as was said at the counter',
        };
    }

    /** What is done about it now. */
    public function remedy(): string
    {
        return match ($this) {
            self::Fisheye, self::Peeling, self::FlashRust, self::WhiteBloom => 'strip and start again',
            self::Blister, self::SeamBubbles, self::CornerBubble => 'open it, look for metal, clean; strip where it '
                .'goes to metal, sand and recoat where it does not',
            self::Stars => 'blow off while it is raw; baked, sand and recoat',
            self::Sag => 'sand flat, recoat thin',
            self::Crazing, self::SoftFilm => 'back in the oven to full cure',
            self::MaskLeft => 'take it off now; what it leaves is cut clean',
            self::PowderInSeat => 'clean the seat to metal before anything is fitted',
            self::AgreedPits => 'nothing: it is no fault',
            self::Scratched, self::ClipMark => 'touch up by agreement, or sand and recoat',
            default => 'sand and recoat',
        };
    }

    /** What keeps it from coming again. */
    public function nextTime(): string
    {
        return match ($this) {
            self::Fisheye => 'degrease before the blast, bake out',
            self::Crater => 'dry the air, clean the booth',
            self::Pinhole => 'bake out, gas-tolerant primer, thinner, in two coats',
            self::Blister, self::SeamBubbles => 'hot dry, blow out the seams, seal them',
            self::CornerBubble => 'no plating under powder; a hot dry into the corner',
            self::Stars => 'ground, distance, fewer microamps, let it drain',
            self::OrangePeel => 'passes to the sheet\'s film, faster heat-up, fresh powder',
            self::Sag => 'fewer passes, cooler metal',
            self::ThinEdge => 'break the edges, lower voltage',
            self::ThinRecess => 'recesses first, voltage down, torch before the oven',
            self::Rough => 'dry, sieved powder; retune the gun at each colour',
            self::Seeds => 'clean hooks, rail and booth; blow out the seams',
            self::Crazing, self::SoftFilm => 'count the cure from the part\'s temperature',
            self::Yellowing => 'split the load by mass; vent the oven',
            self::Peeling => 'abrade or pretreat; decline plating',
            self::FlashRust => 'coat inside the clock on bare steel',
            self::WhiteBloom => 'shorter in the bath, rinse until it runs clear',
            self::Cloudy => 'bonded flake, fluidised, one direction, one distance',
            self::ColourOff => 'one lot, a panel first, the film on target',
            self::EffectSpoiled => 'the sheet\'s word on its clear, a panel first',
            self::SetUnmatched => 'one lot, one load, one film for a set',
            self::Scratched => 'no hands on it before it is cold; stack it apart',
            self::MaskLeft => 'count masks on and off',
            self::PowderInSeat => 'mask it, wipe it, look before the oven',
            self::ClipMark => 'move the clip and dust its mark before the oven',
            self::AgreedPits => 'say so at the counter again',
        };
    }

    /** Shows hours or days after it was let go. */
    public function showsLater(): bool
    {
        return in_array($this, [self::Crazing, self::Peeling, self::FlashRust], true);
    }

    /** Whether it is a fault at all: what was agreed on is none. */
    public function isFault(): bool
    {
        return $this !== self::AgreedPits;
    }

    /** Dirt that may go down to metal: it is not recoated over. */
    public function mayReachMetal(): bool
    {
        return in_array(
            $this,
            [
                self::Fisheye, self::Pinhole, self::Blister, self::SeamBubbles, self::CornerBubble, self::Peeling,
                self::FlashRust, self::WhiteBloom,
            ],
            true,
        );
    }

    /** Whether it is one of a place where something has to fit: it hurts, whatever it looks like. */
    public function isSafety(): bool
    {
        return in_array($this, [self::MaskLeft, self::PowderInSeat], true);
    }

    /** @return non-empty-list<DefectCause> what does it, the most usual first */
    public function causes(): array
    {
        return match ($this) {
            self::Fisheye => [DefectCause::OilLeft, DefectCause::RustLeft, DefectCause::OilyAir],
            self::Crater => [DefectCause::OilyAir, DefectCause::OtherPowder, DefectCause::OilLeft],
            self::Pinhole => [
                DefectCause::MetalGas, DefectCause::DeepProfile, DefectCause::Moisture, DefectCause::HeavyFilm,
            ],
            self::Blister => [
                DefectCause::MetalGas, DefectCause::Trapped, DefectCause::Moisture, DefectCause::HeavyFilm,
                DefectCause::DeepProfile,
            ],
            self::SeamBubbles => [DefectCause::Trapped, DefectCause::OilLeft, DefectCause::Moisture],
            self::CornerBubble => [DefectCause::PlatingUnder, DefectCause::Moisture, DefectCause::Trapped],
            self::Stars => [
                DefectCause::MuchCharge, DefectCause::HeavyFilm, DefectCause::GunClose, DefectCause::PoorEarth,
                DefectCause::OverFilm,
            ],
            self::OrangePeel => [
                DefectCause::HeavyFilm, DefectCause::ThinFilm, DefectCause::SlowHeat, DefectCause::OldPowder,
            ],
            self::Sag => [DefectCause::HeavyFilm, DefectCause::HotPart],
            self::ThinEdge => [DefectCause::SharpEdge, DefectCause::RecessLate, DefectCause::HighVoltage],
            self::ThinRecess => [
                DefectCause::RecessLate, DefectCause::HighVoltage, DefectCause::DeepRecess, DefectCause::PoorEarth,
            ],
            self::Rough => [DefectCause::DampPowder, DefectCause::GunAir, DefectCause::OldPowder],
            self::Seeds => [DefectCause::BoothDirt, DefectCause::HookDirt, DefectCause::Trapped],
            self::Crazing, self::SoftFilm => [DefectCause::UnderCured, DefectCause::OldPowder],
            self::Yellowing => [DefectCause::OverBaked, DefectCause::OvenFumes],
            self::Peeling => [
                DefectCause::PlatingUnder, DefectCause::NoTooth, DefectCause::OilLeft, DefectCause::CuredUnder,
            ],
            self::FlashRust => [DefectCause::StoodBare, DefectCause::DampAir],
            self::WhiteBloom => [DefectCause::BathLong, DefectCause::NotRinsed],
            self::Cloudy => [DefectCause::UnevenHand, DefectCause::NotFluidised, DefectCause::BlendedFlake],
            self::ColourOff => [DefectCause::WrongFilm, DefectCause::OtherLot, DefectCause::OverBaked],
            self::EffectSpoiled => [DefectCause::ClearUnfit, DefectCause::NoPanel],
            self::SetUnmatched => [DefectCause::OtherLot, DefectCause::WrongFilm, DefectCause::UnevenHand],
            self::Scratched => [DefectCause::HandledSoon, DefectCause::UnderCured],
            self::MaskLeft => [DefectCause::NotCounted],
            self::PowderInSeat => [DefectCause::NotWiped, DefectCause::NotMasked],
            self::ClipMark => [DefectCause::ClipNotMoved],
            self::AgreedPits => [DefectCause::AgreedOn],
        };
    }
}
