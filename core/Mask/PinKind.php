<?php

declare(strict_types=1);

namespace Aenum\Core\Mask;

use Aenum\Core\Word\Feature;

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
    case LooseFitting = 'loose_fitting';
    case Damage = 'damage';
    case WasLikeThis = 'was_like_this';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Damage => 'damage as received',
            default => str_replace('_', ' ', $this->value),
        };
    }

    /** Something goes over it or into it before the powder. */
    public function isMasked(): bool
    {
        return in_array($this, [self::Thread, self::Bore, self::Face, self::Seat, self::GroundPoint], true);
    }

    /** Masking it needs a size to pick a plug, cap, disc or tape by. */
    public function needsSize(): bool
    {
        return in_array($this, [self::Thread, self::Bore, self::Face, self::Seat], true);
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
            self::GroundPoint => 'Bare metal to the hook.',
            self::LooseFitting => 'What moves or comes off; count it into a bag.',
            self::Damage => 'What is hurt and how far; it will show.',
            self::WasLikeThis => 'Hose to which port, how many turns in, which mark.',
        };
    }

    /** The feature of the part it proves; null where none. */
    public function feature(): ?Feature
    {
        return match ($this) {
            self::Thread => Feature::Threads,
            self::Bore => Feature::Bores,
            self::Face => Feature::Faces,
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
            self::Thread => $stud ? [MaskKind::Cap] : [MaskKind::Plug],
            self::Bore => [MaskKind::Plug],
            default => [MaskKind::Disc, MaskKind::Tape],
        };
    }

    /** Plugged before the blast where the house does so, rather than taped late. */
    public function isPlugged(): bool
    {
        return in_array($this, [self::Thread, self::Bore], true);
    }
}
