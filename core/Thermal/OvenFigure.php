<?php

declare(strict_types=1);

namespace Aenum\Core\Thermal;

/** The eight figures of an oven that a logger can teach, by their keys in a file. */
enum OvenFigure: string
{
    case Convection = 'convection_w_per_m2k';
    case AirToShell = 'air_to_shell_w_per_k';
    case ShellLoss = 'shell_loss_w_per_k';
    case Shell = 'shell_kj_per_k';
    case Vent = 'vent_w_per_k';
    case Air = 'air_kj_per_k';
    case Heater = 'heater_kw';
    case Door = 'door_w_per_k';

    /** What it is, in the words of the shop. */
    public function label(): string
    {
        return match ($this) {
            self::Convection => 'fan on the parts',
            self::AirToShell => 'air to walls',
            self::ShellLoss => 'wall loss',
            self::Shell => 'heat the walls take',
            self::Vent => 'vent',
            self::Air => 'heat the air takes',
            self::Heater => 'heater',
            self::Door => 'open door',
        };
    }

    /** What it does to a bake. */
    public function meaning(): string
    {
        return match ($this) {
            self::Convection => 'How hard the air heats a part.',
            self::AirToShell => 'How fast the air warms the walls.',
            self::ShellLoss => 'What gets out through the insulation.',
            self::Shell => 'Inner skin, ducts and rack: what makes a cold oven slow.',
            self::Vent => 'Hot air leaving through the vent.',
            self::Air => 'The air and thin things that follow it at once.',
            self::Heater => 'Full power.',
            self::Door => 'What pours out while the door stands open.',
        };
    }

    /** The unit it is told in. */
    public function unit(): string
    {
        return match ($this) {
            self::Convection => 'W/m²K',
            self::AirToShell, self::ShellLoss, self::Vent, self::Door => 'W/K',
            self::Shell, self::Air => 'kJ/K',
            self::Heater => 'kW',
        };
    }

    /** Its value in an oven, in its unit. */
    public function in(Oven $oven): float
    {
        return match ($this) {
            self::Convection => $oven->convectionWPerM2K,
            self::AirToShell => $oven->airToShellWPerK,
            self::ShellLoss => $oven->shellLossWPerK,
            self::Shell => $oven->shellKjPerK,
            self::Vent => $oven->ventWPerK,
            self::Air => $oven->airKjPerK,
            self::Heater => $oven->heaterKw,
            self::Door => $oven->doorWPerK,
        };
    }

    /** The log that would tell it. */
    public function toldBy(): string
    {
        return match ($this) {
            self::Convection => 'a couple in a heavy part, warmed through',
            self::AirToShell, self::ShellLoss => 'a long run that settles at its setpoint',
            self::Shell, self::Heater => 'a start from cold, logged from the first minute',
            self::Vent, self::Air => 'a couple in the air, a sample every 10 s',
            self::Door => 'the door opened for a minute in mid-run, with a couple in the air',
        };
    }
}
