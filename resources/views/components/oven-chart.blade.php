@props(['chart', 'id' => 'bake'])
@use('App\Curing\ViewModels\OvenChart')
@php($frame = $chart->frame())
@php($window = $chart->window())
@php($line = $chart->line())
@php($curves = $chart->curves())
@php($now = $chart->nowX())
<figure>
    <svg
        class="chart"
        viewBox="0 0 {{ OvenChart::WIDTH }} {{ OvenChart::HEIGHT }}"
        role="img"
        tabindex="0"
        aria-labelledby="{{ $id }}-title {{ $id }}-desc"
    >
        <title id="{{ $id }}-title">{{ $chart->title() }}</title>
        <desc id="{{ $id }}-desc">{{ $chart->description() }} Arrow keys read values off.</desc>
        <defs>
            <linearGradient
                id="temper-{{ $id }}"
                gradientUnits="userSpaceOnUse"
                x1="0"
                x2="0"
                y1="{{ $frame['bottom'] }}"
                y2="{{ $frame['top'] }}"
            >
                @foreach ($chart->temper() as $stop)
                    <stop offset="{{ $stop['offset'] }}" class="stop-{{ $stop['key'] }}" />
                @endforeach
            </linearGradient>
        </defs>
        @if ($window)
            <rect
                class="window"
                x="{{ $window['x'] }}"
                y="{{ $frame['top'] }}"
                width="{{ $window['width'] }}"
                height="{{ $frame['height'] }}"
            />
            <text class="tick" x="{{ $window['x'] + 6 }}" y="{{ $frame['bottom'] - 30 }}">{{ $window['label'] }}</text>
        @endif
        @foreach ($chart->temperatures() as $tick)
            <line class="axis" x1="{{ $frame['left'] }}" x2="{{ $frame['right'] }}" y1="{{ $tick['y'] }}"
                y2="{{ $tick['y'] }}" />
            <text class="tick" x="{{ $frame['left'] - 8 }}" y="{{ $tick['y'] + 6 }}"
                text-anchor="end">{{ $tick['label'] }}</text>
        @endforeach
        @foreach ($chart->minutes() as $tick)
            <line class="axis" x1="{{ $tick['x'] }}" x2="{{ $tick['x'] }}" y1="{{ $frame['bottom'] }}"
                y2="{{ $frame['bottom'] + 5 }}" />
            <text class="tick" x="{{ $tick['x'] }}" y="{{ $frame['bottom'] + 21 }}"
                text-anchor="middle">{{ $tick['label'] }}</text>
        @endforeach
        <text class="tick" x="{{ $frame['right'] }}" y="{{ $frame['bottom'] + 40 }}" text-anchor="end">
            minutes after the door shuts
        </text>
        <line class="window-edge" x1="{{ $frame['left'] }}" x2="{{ $frame['right'] }}" y1="{{ $line['y'] }}"
            y2="{{ $line['y'] }}" />
        @foreach ($curves as $curve)
            <path
                class="{{ $curve->kind }}"
                stroke="url(#temper-{{ $id }})"
                d="{{ $curve->path }}"
                @if ($curve->dash) stroke-dasharray="{{ $curve->dash }}" @endif
            />
        @endforeach
        @if ($now !== null)
            <rect
                class="ahead"
                x="{{ $now }}"
                y="{{ $frame['top'] }}"
                width="{{ $frame['right'] - $now }}"
                height="{{ $frame['height'] }}"
            />
            <line class="now" x1="{{ $now }}" x2="{{ $now }}" y1="{{ $frame['top'] }}" y2="{{ $frame['bottom'] }}" />
            <text x="{{ $now - 6 }}" y="{{ $frame['bottom'] - 8 }}" text-anchor="end">now</text>
        @endif
        <text class="tick" x="{{ $frame['right'] - 4 }}" y="{{ $line['y'] + 17 }}"
            text-anchor="end">{{ $line['label'] }}</text>
        @foreach ($chart->marks() as $mark)
            <line
                class="mark mark-{{ $mark['kind'] }}"
                x1="{{ $mark['x'] }}"
                x2="{{ $mark['x'] }}"
                y1="{{ $frame['top'] - ($mark['row'] ? 14 : 32) }}"
                y2="{{ $frame['bottom'] }}"
            />
            <text
                class="mark-{{ $mark['kind'] }}-label"
                x="{{ $mark['x'] + 5 }}"
                y="{{ $frame['top'] - ($mark['row'] ? 2 : 20) }}"
            >{{ $mark['label'] }}</text>
        @endforeach
        @foreach ($curves as $curve)
            <text
                x="{{ $curve->endX + 8 }}"
                y="{{ $curve->labelY }}"
                @class(['tick' => ! $curve->isPart()])
            >{{ $curve->name }}</text>
        @endforeach
        @foreach ($chart->readings() as $reading)
            <line class="mark" x1="{{ $reading['x'] }}" x2="{{ $reading['x'] }}" y1="{{ $reading['low'] }}"
                y2="{{ $reading['high'] }}" />
            <circle class="reading" cx="{{ $reading['x'] }}" cy="{{ $reading['y'] }}" r="5">
                <title>{{ $reading['label'] }}</title>
            </circle>
        @endforeach
        <line class="pointer" x1="{{ $frame['left'] }}" x2="{{ $frame['left'] }}" y1="{{ $frame['top'] }}"
            y2="{{ $frame['bottom'] }}" />
    </svg>
    <p class="readout hint min-h-[1.4em] no-print" aria-live="polite">Point at the picture to read it.</p>
    <details class="no-print">
        <summary>The same as a table</summary>
        <div class="scroll-x" tabindex="0" role="region" aria-label="Temperatures over time">
            <table class="grid-table">
                <thead>
                    <tr>
                        <th scope="col">minute</th>
                        <th scope="col">air</th>
                        <th scope="col">shell</th>
                        @foreach ($chart->names() as $name)
                            <th scope="col">{{ $name }}</th>
                        @endforeach
                    </tr>
                </thead>
                <tbody>
                    @foreach ($chart->table() as $row)
                        <tr data-x="{{ $row['x'] }}">
                            <th scope="row">{{ $row['minute'] }}</th>
                            @foreach ($row['values'] as $value)
                                <td>{{ $value }}</td>
                            @endforeach
                        </tr>
                    @endforeach
                </tbody>
            </table>
        </div>
    </details>
</figure>
