@props(['curve'])
@use('App\Charts\OwnCurvePicture')
@php($window = $curve->window())
<svg class="own-curve" viewBox="0 0 {{ OwnCurvePicture::WIDE }} {{ OwnCurvePicture::HIGH }}" role="img"
    aria-label="{{ $curve->label() }}">
    @foreach ($curve->temperatures() as $tick)
        <line class="axis" x1="34" x2="{{ OwnCurvePicture::WIDE - 8 }}" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" />
        <text x="30" y="{{ $tick['y'] + 4 }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @if ($window)
        <line class="window-edge" x1="34" x2="{{ OwnCurvePicture::WIDE - 8 }}" y1="{{ $window['y'] }}"
            y2="{{ $window['y'] }}" />
        <text x="38" y="{{ $window['y'] - 3 }}">from {{ $window['label'] }}</text>
    @endif
    <polyline class="air" points="{{ OwnCurvePicture::path($curve->air()) }}" />
    @foreach ($curve->cores() as $core)
        <polyline class="core" points="{{ OwnCurvePicture::path($core) }}" />
    @endforeach
    <text x="{{ $curve->end()['x'] }}" y="90" text-anchor="end">{{ $curve->end()['label'] }}</text>
</svg>
