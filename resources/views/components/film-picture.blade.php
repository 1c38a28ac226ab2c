@props(['picture'])
@php($band = $picture->band())
<svg class="film-picture" viewBox="0 0 {{ $picture::WIDE }} {{ $picture->high() }}" role="img"
    aria-label="{{ $picture->label() }}">
    <rect class="film-band" x="{{ $band['x'] }}" y="{{ $band['y'] }}" width="{{ $band['width'] }}"
        height="{{ $band['height'] }}" />
    <path class="film-hill" d="{{ $picture->hill() }}" />
    <text class="tick" x="{{ $band['x'] }}" y="{{ $band['y'] - 6 }}" text-anchor="middle">{{ $band['low'] }}</text>
    <text class="tick" x="{{ $band['x'] + $band['width'] }}" y="{{ $band['y'] - 6 }}"
        text-anchor="middle">{{ $band['high'] }}</text>
    @foreach ($picture->rows() as $row)
        <g data-tone="{{ $row['tone'] }}" class="film-row">
            <text x="0" y="{{ $row['y'] + 5 }}">{{ $row['name'] }}</text>
            @foreach ($row['strokes'] as $x)
                <line x1="{{ $x }}" x2="{{ $x }}" y1="{{ $row['y'] - 8 }}" y2="{{ $row['y'] + 8 }}" />
            @endforeach
            @if ($row['expected'] !== null)
                <circle class="film-expected" cx="{{ $row['expected'] }}" cy="{{ $row['y'] }}" r="7" />
            @endif
            <text class="film-mean" x="482" y="{{ $row['y'] + 5 }}">{{ $row['mean'] }} {{ $row['says'] }}</text>
        </g>
    @endforeach
    <text class="tick" x="0" y="{{ $picture->high() - 8 }}">strokes: readings · shaded: the band · ring: what the coat
        bench expected</text>
</svg>
<details class="no-print">
    <summary>The same as a table</summary>
    <table class="grid-table">
        <thead>
            <tr>
                <th scope="col">Spot</th>
                <th scope="col" class="n">Readings</th>
                <th scope="col" class="n">Mean</th>
                <th scope="col" class="n">Least</th>
                <th scope="col" class="n">Most</th>
                <th scope="col" class="n">Expected</th>
            </tr>
        </thead>
        <tbody>
            @foreach ($picture->table() as $row)
                <tr>
                    <th scope="row">{{ $row['spot'] }}</th>
                    <td class="n">{{ $row['n'] }}</td>
                    <td class="n">{{ $row['mean'] }}</td>
                    <td class="n">{{ $row['least'] }}</td>
                    <td class="n">{{ $row['most'] }}</td>
                    <td class="n">{{ $row['expected'] }}</td>
                </tr>
            @endforeach
        </tbody>
    </table>
</details>
