{{-- A part's regions and the metal between them. --}}
@props(['part'])
@use('Aenum\Core\Units\Dimension', 'D')
@php($drawing = new App\Intake\ViewModels\RegionDrawing($part))
<figure class="mt-3">
    <svg class="regions" viewBox="0 0 {{ $drawing->wide }} {{ $drawing::HIGH }}" role="img"
        aria-label="{{ $part->sections->pluck('name')->join(', ') }}; {{ $part->jointKind()->label() }}">
        @foreach ($drawing->necks as $neck)
            @if ($neck['wPerK'] !== null)
                <rect class="neck" x="{{ $neck['x'] }}" y="{{ $neck['y'] }}" width="{{ $neck['long'] }}"
                    height="{{ $neck['high'] }}" />
            @endif
            <text x="{{ $neck['x'] + $neck['long'] / 2 }}" y="{{ $neck['y'] - 4 }}" text-anchor="middle">{{
                $neck['wPerK'] === null ? 'no heat' : number_format($neck['wPerK'], 1).' W/K' }}</text>
        @endforeach
        @foreach ($drawing->blocks as $block)
            <rect class="region" x="{{ $block['x'] }}" y="{{ $block['y'] }}" width="{{ $block['side'] }}"
                height="{{ $block['side'] }}" rx="3" />
            <text x="{{ $block['x'] }}" y="{{ $drawing::HIGH - 18 }}">{{ $block['name'] }}</text>
            <text x="{{ $block['x'] }}" y="{{ $drawing::HIGH - 3 }}">{{ $u->show(D::Mass, $block['kg']) }}</text>
        @endforeach
    </svg>
    <figcaption class="hint">{{ ucfirst($part->jointKind()->label()) }}: heat between the regions, for every degree
        one is hotter.</figcaption>
</figure>
