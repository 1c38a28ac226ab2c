{{-- The part itself, to be turned; shown once its facets have come. --}}
@props(['part', 'caption'])
<figure data-turn hidden {{ $attributes->class('panel') }}>
    <canvas class="turned" width="800" height="560" tabindex="0" role="img" data-facets="/parts/{{ $part->id }}/facets"
        aria-label="{{ $caption }}. Arrow keys turn it, Home sets it straight."></canvas>
    <figcaption class="hint">{{ $caption }}. Drag it, or turn it with the arrow keys; Home sets it straight.
    </figcaption>
</figure>
