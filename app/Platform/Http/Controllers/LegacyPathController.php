<?php

declare(strict_types=1);

namespace App\Platform\Http\Controllers;

use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/**
 * Redirects paths of earlier releases, with their method: printed codes, bookmarks, and forms that waited in a tablet.
 */
final class LegacyPathController
{
    /** First segments nothing else begins with, and what may follow them. */
    public const SEGMENTS = 'lots|looks|masters|fittings|wishes|earth-checks|colour-changes|faults';

    /** Other paths that moved. */
    public const PATHS = [
        'jobs/{id}/trail', 'ovens/{id}/trail', 'powders/{id}/trail', 'people/{id}/trail', 'devices/door', 'day/wishes',
        'coats/{id}/colour', 'powders/{id}/masters',
    ];

    /** Pattern of a part of a path then => now. */
    private const NOW = [
        '~^lots(?=/|$)~' => 'batches',
        '~^looks(?=/|$)~' => 'inspection-checks',
        '~^masters(?=/|$)~' => 'color-standards',
        '~^fittings(?=/|$)~' => 'mask-applications',
        '~^wishes(?=/|$)~' => 'scheduling-preferences',
        '~^earth-checks$~' => 'ground-checks',
        '~^colour-changes$~' => 'color-changes',
        '~^faults(?=/|$)~' => 'defects',
        '~^(batches/\d+)/looks(?=/|$)~' => '$1/inspection-checks',
        '~^(batches/\d+)/faults(?=/|$)~' => '$1/defects',
        '~^(defects/\d+)/mend$~' => '$1/disposition',
        '~^(defects/\d+)/lies-on$~' => '$1/batch',
        '~/trail$~' => '/history',
        '~^devices/door$~' => 'devices/api',
        '~^day/wishes$~' => 'day/preferences',
        '~^(coats/\d+)/colour$~' => '$1/color',
        '~^(powders/\d+)/masters$~' => '$1/color-standards',
    ];

    public function __invoke(Request $request): RedirectResponse
    {
        $path = preg_replace(array_keys(self::NOW), array_values(self::NOW), $request->path());
        $query = $request->getQueryString();

        return new RedirectResponse("/{$path}".($query === null ? '' : "?{$query}"), 308);
    }
}
