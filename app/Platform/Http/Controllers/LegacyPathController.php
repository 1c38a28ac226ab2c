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
    /** First segment of a path then => now. */
    public const SEGMENTS = [
        'lots' => 'batches',
        'looks' => 'inspection-checks',
        'masters' => 'color-standards',
        'fittings' => 'mask-applications',
        'wishes' => 'scheduling-preferences',
        'earth-checks' => 'ground-checks',
        'colour-changes' => 'color-changes',
        'faults' => 'defects',
    ];

    /** Pattern of what follows it => now. */
    private const REST = [
        '~/looks(?=/|$)~' => '/inspection-checks',
        '~/faults(?=/|$)~' => '/defects',
        '~/mend$~' => '/disposition',
        '~/lies-on$~' => '/batch',
    ];

    public function __invoke(Request $request, string $rest = ''): RedirectResponse
    {
        $segment = $request->segment(1);
        $path = self::SEGMENTS[$segment] ?? abort(404);
        $rest = $rest === '' ? '' : preg_replace(array_keys(self::REST), array_values(self::REST), "/{$rest}");
        $query = $request->getQueryString();

        return new RedirectResponse("/{$path}{$rest}".($query === null ? '' : "?{$query}"), 308);
    }
}
