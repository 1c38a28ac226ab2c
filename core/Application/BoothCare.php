<?php

declare(strict_types=1);

namespace Aenum\Core\Application;

/** What is seen to before the gun goes up. General practice of the trade. */
final class BoothCare
{
    /** @return list<string> */
    public static function habits(): array
    {
        return [
            'Earth rod, its wire and the clip: on the part or a clean hook, never on a painted cart.',
            'Powder fluidised before use, flake always and again after a rest; a cup a third full; reclaim sieved.',
            'A gun that spits is damp, clogged or fed too densely: clear it, and tune it anew at each colour.',
            'Overspray falls on what hangs downstream: cover finished work, or count it in.',
            'Doors shut in wind; no plain fan; enough air to hold the cloud and no more.',
            'The one who sprays is earthed as well. Respirator every time the gun is up.',
        ];
    }
}
