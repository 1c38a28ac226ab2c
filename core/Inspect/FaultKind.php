<?php

declare(strict_types=1);

namespace Aenum\Core\Inspect;

/** What can be wrong with a film: how it looks, what to do now and next time. General practice of the trade. */
enum FaultKind: string
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

    /** @return non-empty-list<FaultCause> what does it, the most usual first */
    public function causes(): array
    {
        return match ($this) {
            self::Fisheye => [FaultCause::OilLeft, FaultCause::RustLeft, FaultCause::OilyAir],
            self::Crater => [FaultCause::OilyAir, FaultCause::OtherPowder, FaultCause::OilLeft],
            self::Pinhole => [
                FaultCause::MetalGas, FaultCause::DeepProfile, FaultCause::Moisture, FaultCause::HeavyFilm,
            ],
            self::Blister => [
                FaultCause::MetalGas, FaultCause::Trapped, FaultCause::Moisture, FaultCause::HeavyFilm,
                FaultCause::DeepProfile,
            ],
            self::SeamBubbles => [FaultCause::Trapped, FaultCause::OilLeft, FaultCause::Moisture],
            self::CornerBubble => [FaultCause::PlatingUnder, FaultCause::Moisture, FaultCause::Trapped],
            self::Stars => [
                FaultCause::MuchCharge, FaultCause::HeavyFilm, FaultCause::GunClose, FaultCause::PoorEarth,
                FaultCause::OverFilm,
            ],
            self::OrangePeel => [
                FaultCause::HeavyFilm, FaultCause::ThinFilm, FaultCause::SlowHeat, FaultCause::OldPowder,
            ],
            self::Sag => [FaultCause::HeavyFilm, FaultCause::HotPart],
            self::ThinEdge => [FaultCause::SharpEdge, FaultCause::RecessLate, FaultCause::HighVoltage],
            self::ThinRecess => [
                FaultCause::RecessLate, FaultCause::HighVoltage, FaultCause::DeepRecess, FaultCause::PoorEarth,
            ],
            self::Rough => [FaultCause::DampPowder, FaultCause::GunAir, FaultCause::OldPowder],
            self::Seeds => [FaultCause::BoothDirt, FaultCause::HookDirt, FaultCause::Trapped],
            self::Crazing, self::SoftFilm => [FaultCause::UnderCured, FaultCause::OldPowder],
            self::Yellowing => [FaultCause::OverBaked, FaultCause::OvenFumes],
            self::Peeling => [
                FaultCause::PlatingUnder, FaultCause::NoTooth, FaultCause::OilLeft, FaultCause::CuredUnder,
            ],
            self::FlashRust => [FaultCause::StoodBare, FaultCause::DampAir],
            self::WhiteBloom => [FaultCause::BathLong, FaultCause::NotRinsed],
            self::Cloudy => [FaultCause::UnevenHand, FaultCause::NotFluidised, FaultCause::BlendedFlake],
            self::ColourOff => [FaultCause::WrongFilm, FaultCause::OtherLot, FaultCause::OverBaked],
            self::EffectSpoiled => [FaultCause::ClearUnfit, FaultCause::NoPanel],
            self::SetUnmatched => [FaultCause::OtherLot, FaultCause::WrongFilm, FaultCause::UnevenHand],
            self::Scratched => [FaultCause::HandledSoon, FaultCause::UnderCured],
            self::MaskLeft => [FaultCause::NotCounted],
            self::PowderInSeat => [FaultCause::NotWiped, FaultCause::NotMasked],
            self::ClipMark => [FaultCause::ClipNotMoved],
            self::AgreedPits => [FaultCause::AgreedOn],
        };
    }
}
