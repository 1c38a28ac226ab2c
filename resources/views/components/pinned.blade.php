@use('App\Intake\Commands\PartShapes')
@use('App\Intake\ViewModels\PartDrawing')
@use('App\Intake\ViewModels\PinCanvas')
{{-- A photo, or the part's drawing, with the pins that belong to it. --}}
@props(['part', 'picture' => null, 'built' => null, 'place' => false, 'defect' => null])
@php($built ??= PartShapes::of($part))
@php($ground = PinCanvas::of($part, $picture, PartDrawing::of($built)))
@php([$wide, $high, $r] = [$ground->wide, $ground->high, $ground->radius()])
<svg
    {{ $attributes->merge(['class' => 'pinned part-drawing']) }}
    viewBox="0 0 {{ $wide }} {{ $high }}"
    role="img"
    aria-label="{{ $ground->label() }}"
    @if ($place) data-place tabindex="0" aria-describedby="place-how" @endif
>
    @if ($picture)
        <image href="/pictures/{{ $picture->id }}" width="{{ $wide }}" height="{{ $high }}" />
    @elseif ($ground->drawing)
        <x-part-drawing :drawing="$ground->drawing" />
    @elseif ($ground->mesh)
        <rect class="mesh-ground" width="{{ $wide }}" height="{{ $high }}" />
        <g class="mesh-picture" transform="scale({{ $ground::MESH_SCALE }})">
            @foreach ($ground->tones() as $path => $dark)
                <path d="{{ $path }}" fill-opacity="{{ $dark }}" />
            @endforeach
        </g>
    @else
        <rect class="pin-blank" x="1" y="1" width="{{ $wide - 2 }}" height="{{ $high - 2 }}" />
        <text x="{{ $wide / 2 }}" y="{{ $high / 2 }}" text-anchor="middle">
            no photo and nothing built yet: a blank sheet
        </text>
    @endif
    @foreach ($ground->pins as $pin)
        <g class="pin" data-kind="{{ $pin->kind->isMasked() ? 'mask' : 'tell' }}"
            transform="translate({{ round($pin->x * $wide, 1) }} {{ round($pin->y * $high, 1) }}) scale({{
                round($r / 18, 3) }})">
            @if ($pin->kind->isMasked())
            <rect x="-17" y="-17" width="34" height="34" rx="3" />@else
                <circle r="18" />
            @endif
            @if ($pin->must_stay_bare)
                <rect class="pin-bare" x="-22" y="-22" width="44" height="44" rx="5" />
            @endif
            <text y="7" text-anchor="middle">{{ $pin->number }}</text>
        </g>
    @endforeach
    @if ($defect?->isPlaced())
        <g
            class="fault-mark"
            transform="translate({{ round($defect->x * $wide, 1) }} {{ round($defect->y * $high, 1) }})"
        >
            <circle r="{{ 1.6 * $r }}" />
            <path d="M{{ -2.4 * $r }} 0H{{ 2.4 * $r }}M0 {{ -2.4 * $r }}V{{ 2.4 * $r }}" />
        </g>
    @endif
    @if ($place)
        <g class="pin-new" data-new visibility="hidden" transform="scale(1)">
            <circle r="{{ $r }}" />
            <line x1="{{ -2 * $r }}" x2="{{ 2 * $r }}" y1="0" y2="0" />
            <line x1="0" x2="0" y1="{{ -2 * $r }}" y2="{{ 2 * $r }}" />
        </g>
    @endif
</svg>
