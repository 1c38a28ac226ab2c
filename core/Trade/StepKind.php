<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a step of a route is. */
enum StepKind: string
{
    case TakeApart = 'take_apart';
    case PaintTest = 'paint_test';
    case TestHang = 'test_hang';
    case Degrease = 'degrease';
    case StripChemical = 'strip_chemical';
    case StripCaustic = 'strip_caustic';
    case BurnOff = 'burn_off';
    case RustConvert = 'rust_convert';
    case Acid = 'acid';
    case Neutralise = 'neutralise';
    case ReliefBake = 'relief_bake';
    case PlugMask = 'plug_mask';
    case TapeMask = 'tape_mask';
    case MasksOff = 'masks_off';
    case BakeOut = 'bake_out';
    case BreakEdges = 'break_edges';
    case Blast = 'blast';
    case HandAbrade = 'hand_abrade';
    case SweepBlast = 'sweep_blast';
    case BlowOut = 'blow_out';
    case SolventWipe = 'solvent_wipe';
    case Scrub = 'scrub';
    case Wash = 'wash';
    case Phosphate = 'phosphate';
    case Conversion = 'conversion';
    case Rinse = 'rinse';
    case DryOff = 'dry_off';
    case Hang = 'hang';
    case GroundCheck = 'ground_check';
    case SealSeams = 'seal_seams';
    case Warm = 'warm';
    case ZoneMask = 'zone_mask';
    case Coat = 'coat';
    case ZoneWipe = 'zone_wipe';
    case Abrade = 'abrade';
    case Bake = 'bake';
    case Cool = 'cool';
    case ZoneSand = 'zone_sand';
    case BareAfter = 'bare_after';
    case Inspect = 'inspect';
    case Unmask = 'unmask';
    case Release = 'release';

    /** Where it is done. */
    public function station(): Station
    {
        return match ($this) {
            self::TakeApart, self::PaintTest, self::TestHang => Station::Intake,
            self::Degrease,
            self::StripChemical,
            self::StripCaustic,
            self::BurnOff,
            self::RustConvert,
            self::Acid,
            self::Neutralise => Station::Strip,
            self::BreakEdges, self::Blast, self::HandAbrade, self::SweepBlast, self::BlowOut => Station::Blast,
            self::BakeOut, self::ReliefBake => Station::BakeOut,
            self::SolventWipe,
            self::Scrub,
            self::Wash,
            self::Phosphate,
            self::Conversion,
            self::Rinse,
            self::DryOff => Station::Wash,
            self::PlugMask,
            self::TapeMask,
            self::MasksOff,
            self::Hang,
            self::GroundCheck => Station::MaskAndHang,
            self::SealSeams, self::ZoneMask, self::Warm, self::Coat, self::ZoneWipe, self::Abrade => Station::Coat,
            self::Bake, self::Cool => Station::Cure,
            self::ZoneSand, self::BareAfter, self::Inspect => Station::Inspect,
            self::Unmask, self::Release => Station::Release,
        };
    }

    /** Nobody's hands are in it: it is over when its time is. */
    public function passesByItself(): bool
    {
        return $this === self::Cool;
    }

    /** Puts a solvent, a stripper or masks on the metal, which has to be cool enough to handle. */
    public function isUnsafeOnHotMetal(): bool
    {
        return in_array(
            $this,
            [self::Degrease, self::StripChemical, self::SolventWipe, self::PlugMask, self::TapeMask],
            true,
        );
    }

    /** A bench measures or logs it: it is not ticked by hand, and done elsewhere it is told as the lot leaves. */
    public function hasOwnLog(): bool
    {
        return in_array(
            $this,
            [
                self::BakeOut, self::ReliefBake, self::GroundCheck, self::Coat, self::Bake, self::Inspect,
                self::Release,
            ],
            true,
        );
    }

    /** Builds a layer that keeps bare steel from rusting until it is coated. */
    public function keepsSteel(): bool
    {
        return in_array($this, [self::Phosphate, self::Conversion], true);
    }

    /** Puts water, acid or alkali on the part and takes it off again. */
    public function rinses(): bool
    {
        return in_array($this, [self::Rinse, self::Wash, self::Phosphate, self::Conversion], true);
    }

    /** Leaves the part wet. */
    public function wets(): bool
    {
        return $this->rinses();
    }

    /** Hot enough, long enough, to dry a wet part. */
    public function dries(): bool
    {
        return in_array($this, [self::DryOff, self::BakeOut, self::ReliefBake], true);
    }

    /** An oven heats the part in it. */
    public function bakes(): bool
    {
        return in_array($this, [self::Bake, self::BakeOut, self::ReliefBake, self::DryOff, self::Warm], true);
    }

    /** The metal gets hot, by oven or by fire. */
    public function heats(): bool
    {
        return $this->bakes() || $this === self::BurnOff;
    }

    /** Grit and dust fly. */
    public function blasts(): bool
    {
        return in_array($this, [self::Blast, self::SweepBlast], true);
    }

    /** Leaves clean metal that rusts from then on. */
    public function baresMetal(): bool
    {
        return $this->blasts() || $this === self::HandAbrade;
    }

    /** Puts masks on, counted. */
    public function masks(): bool
    {
        return in_array($this, [self::PlugMask, self::TapeMask], true);
    }

    /** An agent works on the part: a chemical, or fire. */
    public function usesAgent(): bool
    {
        return in_array(
            $this,
            [
                self::Degrease,
                self::StripChemical,
                self::StripCaustic,
                self::BurnOff,
                self::RustConvert,
                self::Acid,
                self::Neutralise,
            ],
            true,
        );
    }

    /** Works the metal's surface: what is soft, or must see no iron, takes longer. */
    public function worksTheSurface(): bool
    {
        return $this->baresMetal() || $this->strips() || in_array($this, [self::BreakEdges, self::Degrease], true);
    }

    /** Takes a coating off before the blast. */
    public function strips(): bool
    {
        return in_array($this, [self::StripChemical, self::StripCaustic, self::BurnOff], true);
    }

    /** What it takes besides hands; null where nothing more. */
    public function needs(): ?string
    {
        return match ($this) {
            self::PaintTest => 'test kit',
            self::Degrease => 'degreaser',
            self::StripChemical => 'stripper, butyl gloves, face shield',
            self::StripCaustic => 'caustic tank, face shield',
            self::BurnOff => 'licensed burn-off oven',
            self::RustConvert => 'rust converter, nitrile gloves',
            self::Acid => 'acid tank, face shield',
            self::Neutralise => 'its rinse, face shield',
            self::ReliefBake, self::BakeOut, self::Bake, self::DryOff, self::Warm => 'an oven',
            self::PlugMask => 'plugs and caps',
            self::TapeMask, self::ZoneMask => 'tape and discs',
            self::Blast, self::SweepBlast => 'nozzle, media, supplied air',
            self::BlowOut => 'dry air',
            self::BreakEdges => 'file or flap disc, eye protection',
            self::ZoneWipe => 'lint-free cloth, brush or rated vacuum, torch',
            self::HandAbrade, self::Abrade, self::ZoneSand, self::BareAfter => 'abrasive disc, belt or pad, dust mask',
            self::SealSeams => 'a seam sealer whose sheet allows the bake',
            self::SolventWipe => 'solvent, clean cloths',
            self::Wash, self::Phosphate, self::Conversion => 'its bath',
            self::Rinse => 'clean water',
            self::Scrub => 'pad, brush, detergent, gloves',
            self::Hang, self::TestHang => 'hooks or a jig',
            self::GroundCheck => 'ohmmeter',
            self::Coat => 'booth, gun, powder, respirator',
            self::Inspect => 'film gauge, solvent',
            default => null,
        };
    }

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::TakeApart => 'take apart, photograph, count',
            self::PaintTest => 'test the old paint for lead and chromate',
            self::StripChemical => 'strip with stripper',
            self::StripCaustic => 'strip with caustic',
            self::RustConvert => 'rust converter, two coats',
            self::Acid => 'acid pickle',
            self::PlugMask => 'plug and cap',
            self::TapeMask => 'tape and disc',
            self::ZoneMask => 'mask off the coat below',
            self::ZoneWipe => 'wet powder off the other colour',
            self::ZoneSand => 'sand the second colour off',
            self::MasksOff => 'masks off and counted',
            self::BreakEdges => 'break sharp edges',
            self::HandAbrade => 'abrade by hand',
            self::SealSeams => 'seal the seams',
            self::Neutralise => 'neutralise the stripper',
            self::Abrade => 'sand the coat below',
            self::SweepBlast => 'sweep-blast',
            self::BlowOut => 'blow out seams and threads',
            self::Phosphate => 'iron phosphate',
            self::Conversion => 'conversion coat',
            self::DryOff => 'dry in the oven',
            self::GroundCheck => 'check the ground',
            self::Warm => 'warm the part',
            self::Cool => 'cool to handle',
            self::Unmask => 'unmask and count',
            self::BareAfter => 'sand letters or edges bare',
            self::Scrub => 'scrub with pad and brush',
            self::TestHang => 'try it on its hooks',
            default => str_replace('_', ' ', $this->value),
        };
    }
}
