<?php

declare(strict_types=1);

namespace Aenum\Core\Preparation\Masking;

use Aenum\Core\Trade\Feature;

/** What a pin on a part's picture points at. */
enum PinKind: string
{
    case Thread = 'thread';
    case Bore = 'bore';
    case Face = 'face';
    case Seat = 'seat';
    case Recess = 'recess';
    case HangPoint = 'hang_point';
    case GroundPoint = 'ground_point';
    case EarthFace = 'earth_face';
    case LooseFitting = 'loose_fitting';
    case Damage = 'damage';
    case WasLikeThis = 'was_like_this';
    case OwnerQuestion = 'owner_question';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Damage => 'damage as received',
            self::GroundPoint => 'earth, where the hook bites',
            self::EarthFace => 'earth face of the finished part',
            self::OwnerQuestion => 'question to the owner',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** Something goes over it or into it before the powder. */
    public function isMasked(): bool
    {
        return in_array($this, [self::Thread, self::Bore, self::Face, self::Seat, self::EarthFace], true);
    }

    /** Masking it needs a size to pick a plug, cap, disc or tape by. */
    public function needsSize(): bool
    {
        return $this->isMasked() && $this !== self::EarthFace;
    }

    /** What the note should say, so that the next person can work from it. */
    public function asks(): string
    {
        return match ($this) {
            self::Thread => 'Which thread, through or blind, in or on the part.',
            self::Bore => 'Through or blind, how deep.',
            self::Face, self::Seat => 'What sits there; its across or width is the size.',
            self::Recess => 'How deep; sprayed first, checked with a torch.',
            self::HangPoint => 'Hook or wire, what it carries.',
            self::GroundPoint => 'Bare metal to the hook: never taped; its mark is covered after the coat.',
            self::EarthFace => 'Which lug or face stays bare for the earth strap; its width is the size.',
            self::LooseFitting => 'What moves or comes off; count it into a bag.',
            self::Damage => 'What is hurt and how far; it will show.',
            self::WasLikeThis => 'Hose to which port, how many turns in, which mark.',
            self::OwnerQuestion => 'What is asked: this face too? It is masked and coated once that is answered.',
        };
    }

    /** The feature of the part it proves; null where none. */
    public function feature(): ?Feature
    {
        return match ($this) {
            self::Thread => Feature::Threads,
            self::Bore => Feature::Bores,
            self::Face, self::EarthFace => Feature::Faces,
            self::Seat => Feature::Seats,
            self::Recess => Feature::Recesses,
            default => null,
        };
    }

    /**
     * What goes on there, the usual first.
     *
     * @param  bool  $stud  the thread is on the outside
     * @return non-empty-list<MaskKind>
     */
    public function takes(bool $stud): array
    {
        return match ($this) {
            self::Thread => $stud ? [MaskKind::Cap] : [MaskKind::Plug, MaskKind::Bolt],
            self::Bore => [MaskKind::Plug, MaskKind::Foil],
            default => [MaskKind::Disc, MaskKind::Tape, MaskKind::Foil, MaskKind::Cover],
        };
    }

    /** Plugged before the blast where the house does so, rather than taped late. */
    public function isPlugged(): bool
    {
        return in_array($this, [self::Thread, self::Bore], true);
    }
}
