<?php

declare(strict_types=1);

namespace Aenum\Core\Training;

/** What keeps a pot running that no valve shows. House habits of general practice; its maker's sheet comes first. */
final class PotCare
{
    /** @return list<string> */
    public static function habits(): array
    {
        return [
            'Sieve at every fill: one flake of paint plugs the valve.',
            'Empty it with the air off and the media valve wide open, lid open, into a bucket under the nozzle.',
            'A new pot has oil in it: run a first fill through on scrap, and throw that away.',
            'On a humid day blast with the choke half open: it pushes damp media through the valve.',
            'Drain the separator before the first air of the day, and again at noon when it is muggy.',
        ];
    }
}
