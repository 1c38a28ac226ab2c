@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Application\ViewModels\CoatChart')
{{-- The film as it will lie, zone by zone. $board --}}
@php($digits = $u->isMetric() ? 0 : 1)
@php($picture = CoatChart::of($board->bench->plan))
<svg class="coat-picture" viewBox="0 0 {{ $picture::WIDE }} {{ $picture::HIGH }}" role="img"
    aria-label="{{ $picture->label() }}">
    <path class="metal" d="{{ $picture->metal() }}" />
    @foreach ($picture->films() as $film)
        <path d="{{ $film['path'] }}" @class(['film', 'thin' => $film['thin'], 'thick' => $film['thick']]) />
    @endforeach
    @foreach ($picture->marks() as $mark)
        <g transform="translate({{ $mark['x'] }} {{ $mark['y'] }})">
            <circle r="16" />
            <text y="7" text-anchor="middle">{{ $mark['number'] }}</text>
            <text x="{{ $mark['at'][0] }}" y="{{ $mark['at'][1] }}">
                {{ $u->show(D::Film, $mark['um'], $digits) }}{{ $mark['note'] }}
            </text>
        </g>
    @endforeach
</svg>
