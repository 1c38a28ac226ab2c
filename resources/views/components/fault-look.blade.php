{{-- How a fault looks, drawn. --}}
@props(['kind'])
@use('App\Inspection\ViewModels\DefectDrawing')
<svg {{ $attributes->merge(['class' => 'fault-look']) }} role="img"
    viewBox="0 0 {{ DefectDrawing::WIDE }} {{ DefectDrawing::HIGH }}"
    aria-label="{{ ucfirst($kind->label()) }}: {{ $kind->looks() }}">
    @foreach (DefectDrawing::of($kind) as $shape)
        <path class="look-{{ $shape['class'] }}" d="{{ $shape['d'] }}" />
    @endforeach
</svg>
