<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/** Something a hand does at the pot. Of two ways as short, the one whose moves stand earlier here is told first. */
enum PotMove: string
{
    case LetGo = 'let_go';
    case CloseSupply = 'close_supply';
    case OpenVent = 'open_vent';
    case PinCouplings = 'pin_couplings';
    case DrainSeparator = 'drain_separator';
    case TurnDown = 'turn_down';
    case LessMedia = 'less_media';
    case Fill = 'fill';
    case CloseVent = 'close_vent';
    case OpenSupply = 'open_supply';
    case TurnUp = 'turn_up';
    case CloseChoke = 'close_choke';
    case OpenChoke = 'open_choke';
    case HalfChoke = 'half_choke';
    case Press = 'press';
    case MoreMedia = 'more_media';
    case LiftSafety = 'lift_safety';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::PinCouplings => 'pin the couplings and hook the whip checks',
            self::DrainSeparator => 'drain the separator',
            self::OpenSupply => 'open the supply',
            self::CloseSupply => 'shut the supply',
            self::TurnUp => 'turn the regulator up 1 bar',
            self::TurnDown => 'turn the regulator down 1 bar',
            self::OpenChoke => 'open the choke',
            self::CloseChoke => 'shut the choke',
            self::HalfChoke => 'set the choke half open',
            self::MoreMedia => 'media valve, a quarter open',
            self::LessMedia => 'media valve, a quarter shut',
            self::OpenVent => 'open the vent ball valve',
            self::CloseVent => 'shut the vent ball valve',
            self::LiftSafety => 'lift the safety valve',
            self::Fill => 'open the lid and fill',
            self::Press => 'press the dead-man',
            self::LetGo => 'let the dead-man go',
        };
    }

    /** Which piece of the picture it belongs to. */
    public function at(): string
    {
        return match ($this) {
            self::PinCouplings => 'hose',
            self::DrainSeparator => 'separator',
            self::OpenSupply, self::CloseSupply => 'supply',
            self::TurnUp, self::TurnDown => 'regulator',
            self::OpenChoke, self::CloseChoke, self::HalfChoke => 'choke',
            self::MoreMedia, self::LessMedia => 'media',
            self::OpenVent, self::CloseVent => 'vent',
            self::LiftSafety => 'safety',
            self::Fill => 'lid',
            self::Press, self::LetGo => 'nozzle',
        };
    }
}
