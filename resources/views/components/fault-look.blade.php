{{-- How a fault looks, drawn. --}}
@props(['kind'])
@use('App\Charts\FaultDrawing')
<svg {{ $attributes->merge(['class' => 'fault-look']) }} viewBox="0 0 {{ FaultDrawing::WIDE }} {{ FaultDrawing::HIGH }}"
    role="img" aria-label="{{ ucfirst($kind->label()) }}: {{ $kind->looks() }}">
    @foreach (FaultDrawing::of($kind) as $shape)
        <path class="look-{{ $shape['class'] }}" d="{{ $shape['d'] }}" />
    @endforeach
</svg>
