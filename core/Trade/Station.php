<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

use Aenum\Core\Units\Message;
use Aenum\Core\Units\Quantity;

/** The ten places a job hangs, in working order. */
enum Station: string
{
    case Intake = 'intake';
    case Strip = 'strip';
    case Blast = 'blast';
    case BakeOut = 'bake-out';
    case Wash = 'wash';
    case MaskAndHang = 'mask-and-hang';
    case Coat = 'coat';
    case Cure = 'cure';
    case Inspect = 'inspect';
    case Release = 'release';

    /** A surface hotter than this burns whoever touches it, °C. ISO 13732-1, bare metal at a touch of seconds. */
    private const BURNS_C = 60.0;

    /** Its place on the rail, from 1. */
    public function place(): int
    {
        return 1 + (int) array_search($this, self::cases(), true);
    }

    /** Whether work there comes after work at another. */
    public function isAfter(self $other): bool
    {
        return $this->place() > $other->place();
    }

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::BakeOut => 'Bake out',
            self::MaskAndHang => 'Mask and hang',
            default => $this->name,
        };
    }

    /** One word for the rail. */
    public function short(): string
    {
        return $this === self::MaskAndHang ? 'Mask' : $this->label();
    }

    /** What hands do here, said plainly. */
    public function work(): string
    {
        return match ($this) {
            self::Intake => 'Find out what it is, what is on it, where it will live and what was agreed.',
            self::Strip => 'Take off grease, paint and old powder before anything is blasted.',
            self::Blast => 'Blast to clean metal. Gloves only from here on, and bare steel is on the clock.',
            self::BakeOut => 'Heat the part to at least its cure temperature and hold it, so that it gasses now and '
                .'not through the film.',
            self::Wash => 'Clean and pretreat: phosphate on steel, conversion coat on aluminium. Rinse and dry hot.',
            self::MaskAndHang => 'Plug, cap and tape; hang to drain, bare metal from hook to earth.',
            self::Coat => 'Recesses first, then edges and insides, then faces. Check every recess with a torch '
                .'before the oven.',
            self::Cure => 'Bring the metal to temperature and hold it there long enough, and no longer.',
            self::Inspect => 'Look, measure the film, rub with solvent.',
            self::Release => 'Count every plug and loose piece back, then hand over with the record.',
        };
    }

    /** The caution that belongs beside the work. */
    public function caution(): ?Message
    {
        $words = match ($this) {
            self::Strip => 'Face shield and gloves made for that chemical; ventilate; neutralise; waste by local rule.',
            self::Blast => 'Supplied-air hood, hearing protection, dead-man at the nozzle. '.
                'Vent the pot through its ball valve before opening, never through the safety valve.',
            self::BakeOut, self::Cure => 'Surfaces over {burns} burn at a touch. '.
                'Vent on. Never a sealed hollow, and never food, in a powder oven.',
            self::Wash => 'Gloves and face shield for the bath in use; follow its maker\'s sheet.',
            self::MaskAndHang => 'Two people or a hoist past the shop\'s lifting limit; '.
                'jig the heavy part so that it cannot fall.',
            self::Coat => 'Powder in air burns: everything and everyone earthed, no ignition source, '.
                'respirator whenever the gun is up.',
            self::Inspect => 'Solvent is flammable: ventilate, and only on a part that is cold.',
            self::Intake, self::Release => null,
        };

        return $words === null ? null : Message::of($words, ['burns' => Quantity::celsius(self::BURNS_C)]);
    }

    /** The one after it; null at the end. */
    public function next(): ?self
    {
        return self::cases()[$this->place()] ?? null;
    }

    /** The one before it; null at the start. */
    public function previous(): ?self
    {
        return self::cases()[$this->place() - 2] ?? null;
    }
}
