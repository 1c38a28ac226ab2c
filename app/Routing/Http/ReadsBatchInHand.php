<?php

declare(strict_types=1);

namespace App\Routing\Http;

use Aenum\Core\Trade\Station;
use App\Routing\Queries\StationQueue;
use Illuminate\Http\Request;

/** Reads which batch a station page is about, from the query or from a form that came back. */
trait ReadsBatchInHand
{
    /** @param  list<string>  $also  relations of every batch that the page wants besides */
    private function queue(Station $station, Request $request, array $also = []): StationQueue
    {
        return StationQueue::at(
            $station,
            (int) $request->integer('lot', (int) $request->old('batch_id', '0')),
            (int) $request->integer('part'),
            $also,
        );
    }
}
