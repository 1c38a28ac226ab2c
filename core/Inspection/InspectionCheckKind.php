<?php

declare(strict_types=1);

namespace Aenum\Core\Inspection;

use Aenum\Core\Preparation\Masking\PinKind;
use Aenum\Core\Routing\CoatFacts;
use Aenum\Core\Routing\JobFacts;
use Aenum\Core\Trade\Effect;
use Aenum\Core\Trade\Feature;
use Aenum\Core\Trade\Role;
use Aenum\Core\Trade\Station;

/** What is looked at on a finished film, one after the other: by what is on it and what it is for. */
enum InspectionCheckKind: string
{
    case Faces = 'faces';
    case Edges = 'edges';
    case Torch = 'torch';
    case Seams = 'seams';
    case Flake = 'flake';
    case Texture = 'texture';
    case Clear = 'clear';
    case Set = 'set';
    case CutEnds = 'cut_ends';
    case Hanging = 'hanging';
    case MasksOff = 'masks_off';
    case Threads = 'threads';
    case Bare = 'bare';
    case FitBack = 'fit_back';
    case Clean = 'clean';
    case Cold = 'cold';
    case Packed = 'packed';

    /** Warmer than this nothing is stacked or covered, °C: the film still takes marks. General practice. */
    public const COLD_C = 45.0;

    /** Pins at which it is ticked one by one; none for a look at the whole. @var array<string, list<PinKind>> */
    private const PINS = [
        'torch' => [PinKind::Recess],
        'threads' => [PinKind::Thread],
        'bare' => [PinKind::Seat, PinKind::Bore, PinKind::Face, PinKind::EarthFace],
        'fit_back' => [PinKind::WasLikeThis, PinKind::LooseFitting],
    ];

    /** Where it is looked at. */
    public function station(): Station
    {
        return match ($this) {
            self::MasksOff, self::Threads, self::Bare, self::FitBack,
            self::Clean, self::Cold, self::Packed => Station::Release,
            default => Station::Inspect,
        };
    }

    /** What is done, in a line. */
    public function label(): string
    {
        return match ($this) {
            self::Faces => 'Every face at arm\'s length in good light, then slantwise',
            self::Edges => 'Edges and corners covered: no metal shows',
            self::Torch => 'Torch into the recess: covered to the floor',
            self::Seams => 'Along seams and welds: no bubbles, no brown',
            self::Flake => 'Turned in daylight: no clouds, no stripes in the flake',
            self::Texture => 'Pattern even into the corners',
            self::Clear => 'Clear in side light: no cracks, no white, no shadow under it',
            self::Set => 'Laid side by side: they match, and match the panel',
            self::CutEnds => 'Holes and cut ends covered: outdoors rust begins there',
            self::Hanging => 'Hanging marks small, and where they were agreed',
            self::MasksOff => 'No tape, disc or plug left anywhere',
            self::Threads => 'Thread gauged: its bolt or gauge runs in by hand',
            self::Bare => 'Face flat and bare metal: torch, straightedge or what sits there',
            self::FitBack => 'Fitted back as the photo has it',
            self::Clean => 'Wiped clean, no dust, no fingers',
            self::Cold => 'Cold to the hand before it is stacked or covered',
            self::Packed => 'Packed so that nothing rubs',
        };
    }

    /** What is found there, where something is: the usual first. */
    public function finds(): DefectKind
    {
        return match ($this) {
            self::Edges, self::CutEnds => DefectKind::ThinEdge,
            self::Torch => DefectKind::ThinRecess,
            self::Seams => DefectKind::SeamBubbles,
            self::Flake => DefectKind::Cloudy,
            self::Texture => DefectKind::OrangePeel,
            self::Clear => DefectKind::Crazing,
            self::Set => DefectKind::SetUnmatched,
            self::Hanging => DefectKind::ClipMark,
            self::MasksOff => DefectKind::MaskLeft,
            self::Threads, self::Bare => DefectKind::PowderInSeat,
            self::FitBack, self::Clean, self::Cold, self::Packed => DefectKind::Scratched,
            self::Faces => DefectKind::Seeds,
        };
    }

    /** Whether somebody answers for it by name: what sits there can hurt someone. */
    public function wantsName(): bool
    {
        return $this === self::Bare;
    }

    /** @return list<PinKind> of which each pin is ticked for itself; none for a look at the whole */
    public function pins(): array
    {
        return self::PINS[$this->value] ?? [];
    }

    /** Whether it is asked of a job, apart from pins. */
    public function isAskedOf(JobFacts $facts): bool
    {
        $any = fn (callable $is): bool => array_filter($facts->coats, $is) !== [];
        $isClear = fn (CoatFacts $one): bool => $one->role === Role::Clear || $one->effect === Effect::Transparent;

        return match ($this) {
            self::Seams => $facts->part->has(Feature::Seams),
            self::Flake => $any(fn (CoatFacts $one): bool => $one->effect->hasFlake()),
            self::Texture => $any(fn (CoatFacts $one): bool => $one->effect === Effect::Textured),
            self::Clear => $any($isClear),
            self::Set => $facts->part->count > 1,
            self::CutEnds => $facts->outdoors(),
            self::MasksOff => $facts->part->has(
                Feature::Threads, Feature::Bores, Feature::Seats, Feature::Faces,
            ),
            default => $this->pins() === [],
        };
    }
}
