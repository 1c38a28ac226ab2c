@props(['bars'])
@use('App\Scheduling\ViewModels\GanttChart')
<div class="day-bars-box" tabindex="0" role="group" aria-label="The day as bars; its table stands below">
    <svg class="day-bars" viewBox="0 0 {{ GanttChart::WIDE }} {{ $bars->high() }}" role="img"
        aria-label="Benches and ovens, then people, hour by hour">
        @foreach ($bars->hours() as $hour)
            <line class="hour" x1="{{ $hour['x'] }}" x2="{{ $hour['x'] }}" y1="18" y2="{{ $bars->high() }}" />
            <text x="{{ $hour['x'] }}" y="13" text-anchor="middle">{{ $hour['label'] }}</text>
        @endforeach
        @foreach ($bars->lines() as $line)
            <line class="row" x1="0" x2="{{ GanttChart::WIDE }}" y1="{{ $line['line'] }}" y2="{{ $line['line'] }}" />
            <text class="name" x="4" y="{{ $line['y'] }}">{{ $line['name'] }}</text>
        @endforeach
        @foreach ($bars->bars() as $bar)
            <g>
                <title>{{ $bar['says'] }}</title>
                <rect @class(['bar', 'is-begun' => $bar['begun']]) x="{{ $bar['x'] }}" y="{{ $bar['y'] }}"
                    width="{{ $bar['wide'] }}" height="26" rx="3" />
                <rect class="hands" x="{{ $bar['x'] }}" y="{{ $bar['y'] }}" width="{{ $bar['hands'] }}" height="26"
                    rx="3" />
                <text @class(['in-bar', 'on-light' => ! $bar['isDark']]) x="{{ $bar['x'] + 4 }}"
                    y="{{ $bar['y'] + 18 }}">{{ $bar['short'] }}</text>
            </g>
        @endforeach
        @if ($bars->now() !== null)
            <line class="now" x1="{{ $bars->now() }}" x2="{{ $bars->now() }}" y1="18" y2="{{ $bars->high() }}" />
        @endif
    </svg>
</div>
