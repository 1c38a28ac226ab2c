<?php

declare(strict_types=1);

namespace Aenum\Core\Trade;

/** What a part looks like as it comes out of a bake-out. */
enum Look: string
{
    case Clean = 'clean';
    case Stained = 'stained';
    case Oil = 'oil';

    /** What it is called, in lower case. */
    public function label(): string
    {
        return match ($this) {
            self::Clean => 'clean, nothing came up',
            self::Stained => 'stained or sooty',
            self::Oil => 'oil has come up',
        };
    }

    /** What is done about it. */
    public function asks(): string
    {
        return match ($this) {
            self::Clean => 'It goes on.',
            self::Stained => 'It is swept once more before it goes on.',
            self::Oil => 'Degrease it; sweep and bake-out are open again: what is left comes up in the cure.',
        };
    }

    /** @return list<StepKind> what has to be done again, where it was done */
    public function undoes(): array
    {
        return $this === self::Oil ? [StepKind::Degrease, StepKind::BakeOut] : [];
    }

    /** Whether it goes back to the nozzle. */
    public function sweepsAgain(): bool
    {
        return $this !== self::Clean;
    }
}
