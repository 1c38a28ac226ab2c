{{-- The air of the shop, what it allows, and how to write it down. --}}
@props(['entry', 'coast' => false])
@use('Aenum\Core\Preparation\Blasting\AirAllows')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Demo\SimulatedDevices')
@use('App\Platform\Presentation\Units')
<section class="panel grid gap-2" aria-label="The air">
    <h3>The air</h3>
    @if ($entry)
        @php($air = AirAllows::of($entry->figure('air_c'), $entry->figure('rh_pct'), $coast))
        <p>
            <span class="num text-[1.7rem]">{{ round($air->humidityPct) }} %</span> at {{ $u->temp($air->airC, 1) }}
        </p>
        <p>
            Dew point {{ $u->temp($air->dewPointC, 1) }}: metal must be {{ $u->temp($air->leastMetalC, 1) }} and more.
            @unless ($air->mayWork)
                <b class="wrong">Metal as warm as the air is too cold: do not blast, do not coat.</b>
            @endunless
        </p>
        <p>
            {{ $air->bareMinutes ? 'Bare steel may stand '.Units::minutes($air->bareMinutes).'.'
                : 'Bare steel may not stand at all.' }}
        </p>
        <p class="hint">{{ ucfirst($entry->subject) }}, {{ ShopClock::time($entry->at) }}</p>
    @else
        <p class="hint">Nothing written down yet; the shop's usual humidity is taken.</p>
    @endif
    @can('work')
        @if (SimulatedDevices::answer())
            <form method="post" action="/air">
                <x-once />
                <button class="btn btn-quiet w-full" name="from_station" value="1">Read the weather station</button>
            </form>
        @endif
        <details @if ($errors->hasAny(['air', 'rh']) || ! SimulatedDevices::answer()) open @endif>
            <summary>By hand</summary>
            <form method="post" action="/air" class="grid gap-2">
                <x-once />
                <x-field name="air" label="Air" :unit="$u->unit(D::Temperature)" />
                <x-field name="rh" label="Humidity, %" inputmode="decimal" />
                <button class="btn">Write down</button>
            </form>
        </details>
    @endcan
</section>
