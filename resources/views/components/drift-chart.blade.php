@props(['chart', 'what'])
@use('App\Inspection\ViewModels\DriftChart')
<figure class="panel">
    <figcaption><b>{{ $chart->name }}</b> <span class="hint">{{ $what }}; {{ count($chart->chart->values) }}
            values</span></figcaption>
    <svg class="drift-chart" viewBox="0 0 {{ DriftChart::WIDE }} {{ DriftChart::HIGH }}" role="img"
        aria-label="{{ $chart->label() }}">
        @foreach ($chart->lines() as $line)
            <line @class(['axis', 'window-edge' => $line['isLimit']]) x1="44" x2="{{ DriftChart::WIDE - 8 }}"
                y1="{{ $line['y'] }}" y2="{{ $line['y'] }}" />
            <text x="40" y="{{ $line['y'] + 4 }}" text-anchor="end">{{ $line['says'] }}</text>
        @endforeach
        <polyline points="{{ $chart->line() }}" />
        @foreach ($chart->points() as $point)
            <circle cx="{{ $point['x'] }}" cy="{{ $point['y'] }}" r="{{ $point['isOut'] ? 5 : 2.5 }}"
                @class(['is-out' => $point['isOut']]) />
        @endforeach
    </svg>
    <p class="hint">{{ ucfirst($chart->label()) }}.</p>
</figure>
