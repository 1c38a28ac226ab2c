@php($chart = new App\Charts\BakeOutChart($board))
@php($frame = $chart->frame())
@php($curves = $chart->curves())
@php($hold = $chart->hold())
<figure>
    <svg class="chart" viewBox="0 0 {{ App\Charts\BakeOutChart::WIDTH }} {{ App\Charts\BakeOutChart::HEIGHT }}" role="img" tabindex="0" aria-labelledby="out-title out-desc">
        <title id="out-title">The bake-out</title>
        <desc id="out-desc">{{ collect($board->items)->map(fn ($i, $n) => $i->part->name.($board->plan->items[$n]['reaches'] === null ? ' never gets there' : ' reaches '.$u->temp($board->load->target_c).' at minute '.round($board->sinceShut($board->plan->items[$n]['reaches']))))->join('; ') }}. Arrow keys read values off.</desc>
        <defs><linearGradient id="temper-out" gradientUnits="userSpaceOnUse" x1="0" x2="0" y1="{{ $frame['bottom'] }}" y2="{{ $frame['top'] }}">@foreach ($chart->temper() as $stop)<stop offset="{{ $stop['offset'] }}" class="stop-{{ $stop['key'] }}" />@endforeach</linearGradient></defs>
        @if ($hold)<rect class="window" x="{{ $hold['x'] }}" y="{{ $frame['top'] }}" width="{{ $hold['width'] }}" height="{{ $frame['bottom'] - $frame['top'] }}" /><text class="tick" x="{{ $hold['x'] + 6 }}" y="{{ $frame['bottom'] - 8 }}">held</text>@endif
        @foreach ($chart->temperatures() as $tick)<line class="axis" x1="{{ $frame['left'] }}" x2="{{ $frame['right'] }}" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" /><text class="tick" x="{{ $frame['left'] - 8 }}" y="{{ $tick['y'] + 6 }}" text-anchor="end">{{ str_replace(' ', '', preg_replace('/[^0-9]/', '', $u->temp($tick['celsius']))) }}°</text>@endforeach
        @foreach ($chart->minutes() as $tick)<text class="tick" x="{{ $tick['x'] }}" y="{{ $frame['bottom'] + 21 }}" text-anchor="middle">{{ $tick['minute'] }}</text>@endforeach
        <text class="tick" x="{{ $frame['right'] }}" y="{{ $frame['bottom'] + 40 }}" text-anchor="end">minutes after the door shuts</text>
        <line class="window-edge" x1="{{ $frame['left'] }}" x2="{{ $frame['right'] }}" y1="{{ $chart->targetY() }}" y2="{{ $chart->targetY() }}" />
        @foreach ($curves as $curve)<path class="{{ $curve['kind'] }}" stroke="url(#temper-out)" d="{{ $curve['path'] }}" @if ($curve['dash']) stroke-dasharray="{{ $curve['dash'] }}" @endif /><text x="{{ $curve['endX'] + 8 }}" y="{{ $curve['endY'] }}" @class(['tick' => $curve['kind'] !== 'part'])>{{ Illuminate\Support\Str::limit($curve['name'], 17, '…') }}</text>@endforeach
        <line class="pointer" x1="{{ $frame['left'] }}" x2="{{ $frame['left'] }}" y1="{{ $frame['top'] }}" y2="{{ $frame['bottom'] }}" />
    </svg>
    <p class="readout hint min-h-[1.4em] no-print" aria-live="polite">Point at the picture to read it.</p>
    <details class="no-print"><summary>The same as a table</summary><div class="scroll-x" tabindex="0" role="region" aria-label="Temperatures over time"><table class="grid-table">
        <thead><tr><th scope="col">minute</th><th scope="col">air</th>@foreach ($board->items as $item)<th scope="col">{{ $item->part->name }}</th>@endforeach</tr></thead>
        <tbody>@foreach ($chart->table() as $row)<tr data-x="{{ round($row['x'], 2) }}"><th scope="row">{{ $row['minute'] }}</th>@foreach ($row['values'] as $value)<td>{{ $u->temp($value) }}</td>@endforeach</tr>@endforeach</tbody></table></div></details>
</figure>
