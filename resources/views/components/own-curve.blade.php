@props(['curve'])
@use('App\Release\ViewModels\BatchCurveChart')
@php($window = $curve->window())
<svg class="own-curve" viewBox="0 0 {{ BatchCurveChart::WIDE }} {{ BatchCurveChart::HIGH }}" role="img"
    aria-label="{{ $curve->label() }}">
    @foreach ($curve->temperatures() as $tick)
        <line class="axis" x1="34" x2="{{ BatchCurveChart::WIDE - 8 }}" y1="{{ $tick['y'] }}" y2="{{ $tick['y'] }}" />
        <text x="30" y="{{ $tick['y'] + 4 }}" text-anchor="end">{{ $tick['label'] }}</text>
    @endforeach
    @if ($window)
        <line class="window-edge" x1="34" x2="{{ BatchCurveChart::WIDE - 8 }}" y1="{{ $window['y'] }}"
            y2="{{ $window['y'] }}" />
        <text x="38" y="{{ $window['y'] - 3 }}">from {{ $window['label'] }}</text>
    @endif
    <polyline class="air" points="{{ BatchCurveChart::path($curve->air()) }}" />
    @foreach ($curve->cores() as $core)
        <polyline class="core" points="{{ BatchCurveChart::path($core) }}" />
    @endforeach
    <text x="{{ $curve->end()['x'] }}" y="90" text-anchor="end">{{ $curve->end()['label'] }}</text>
</svg>
