{{-- The air of the shop, what it allows, and how to write it down. --}}
@props(['entry', 'coast' => false])
@use('Aenum\Core\Blast\BareSteelClock')
@use('Aenum\Core\Blast\DewPoint')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Support\ShopClock')
<section class="panel grid gap-2" aria-label="The air">
    <h3>The air</h3>
    @if ($entry)
        @php($dew = DewPoint::celsius($entry->figures['air_c'], max(1, $entry->figures['rh_pct'])))
        @php($hours = BareSteelClock::hours($entry->figures['rh_pct'], $coast))
        @php($may = DewPoint::mayWork($entry->figures['air_c'], $entry->figures['air_c'], max(1, $entry->figures['rh_pct'])))
        <p><span class="num text-[1.7rem]">{{ round($entry->figures['rh_pct']) }} %</span> at {{ $u->temp($entry->figures['air_c'], 1) }}</p>
        <p>Dew point {{ $u->temp($dew, 1) }}: metal must be {{ $u->temp($dew + DewPoint::MARGIN_K, 1) }} and more. @unless ($may)<b class="wrong">Metal as warm as the air is too cold: do not blast, do not coat.</b>@endunless</p>
        <p>{{ $hours > 0 ? 'Bare steel may stand '.App\Support\Units::minutes(60 * $hours).'.' : 'Bare steel may not stand at all.' }}</p>
        <p class="hint">{{ ucfirst($entry->subject) }}, {{ ShopClock::time($entry->at) }}</p>
    @else
        <p class="hint">Nothing written down yet; the shop's usual humidity is taken.</p>
    @endif
    @can('work')
        <form method="post" action="/air"><x-once /><button class="btn btn-quiet w-full" name="from_station" value="1">Read the weather station</button></form>
        <details @if ($errors->has('air') || $errors->has('rh')) open @endif><summary>By hand</summary>
            <form method="post" action="/air" class="grid gap-2"><x-once /><x-field name="air" label="Air" :unit="$u->unit(D::Temperature)" /><x-field name="rh" label="Humidity, %" inputmode="decimal" /><button class="btn">Write down</button></form></details>
    @endcan
</section>
