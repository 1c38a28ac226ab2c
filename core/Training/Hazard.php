<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/** What goes wrong at a pot, by name, with what it does and how it is kept from happening. */
enum Hazard: string
{
    case Whip = 'whip';
    case BlownOpen = 'blown_open';
    case GritInRegulator = 'grit_in_regulator';
    case StuckSafety = 'stuck_safety';
    case Plugged = 'plugged';
    case Surge = 'surge';
    case Flooded = 'flooded';
    case Starved = 'starved';

    /** What it is called. */
    public function name(): string
    {
        return match ($this) {
            self::Whip => 'hose whip',
            self::BlownOpen => 'lid blown open',
            self::GritInRegulator => 'grit in the regulator',
            self::StuckSafety => 'stuck safety valve',
            self::Plugged => 'plugged',
            self::Surge => 'surge',
            self::Flooded => 'flooded',
            self::Starved => 'starved',
        };
    }

    /** What just happened, and what it does. */
    public function happened(): string
    {
        return match ($this) {
            self::Whip => 'A coupling that was not pinned let go, and the hose struck out.',
            self::BlownOpen => 'The lid was opened under pressure; it and the media came out at whoever stood there.',
            self::GritInRegulator => 'The regulator was turned down with pressure in the pot. Air ran backwards and '
                .'carried grit into its seat; it no longer regulates.',
            self::StuckSafety => 'The pot was emptied through its safety valve. Grit lies on the seat, so it leaks, '
                .'and may not lift when it must.',
            self::Plugged => 'Wet or flooded media packed solid at the media valve: air without grit.',
            self::Surge => 'All the air went through the pot with nothing to clear: the hose jumped and the blast '
                .'came in slugs.',
            self::Flooded => 'Too much media: spent grains shield the surface, the hose surges, and the media is '
                .'wasted.',
            self::Starved => 'Too little media: the stream pulses and cleans nothing.',
        };
    }

    /** What to do instead. */
    public function instead(): string
    {
        return match ($this) {
            self::Whip => 'Pin every coupling and hook the whip checks before any pressure.',
            self::BlownOpen => 'Shut the supply, open the vent ball valve, wait for nought on the gauge, then the lid.',
            self::GritInRegulator => 'Under pressure a regulator is only turned up. To lower it: shut the supply, '
                .'vent, then turn it down.',
            self::StuckSafety => 'Vent through the ball valve. The safety valve is for the one time nobody is looking.',
            self::Plugged => 'Drain the separator, open the media valve only until the flow sounds even, and on a '
                .'humid day blast with the choke half open.',
            self::Surge => 'The choke stays open, except for a moment to clear a plug, and half open on a humid day.',
            self::Flooded => 'Shut the media valve a quarter at a time until the flow sounds even.',
            self::Starved => 'Open the media valve a quarter at a time until the flow sounds even.',
        };
    }

    /** Somebody may be hurt, or the pot is not safe any more. */
    public function hurts(): bool
    {
        return in_array($this, [self::Whip, self::BlownOpen, self::GritInRegulator, self::StuckSafety], true);
    }
}
