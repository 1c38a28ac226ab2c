{{-- Readings on uncured powder: typed, or off the stand-in of a gauge. $spraying, $shows, $kind --}}
@use('Aenum\Core\Application\UncuredGauge')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Demo\SimulatedDevices')
@use('App\Platform\Presentation\EnumLabels')
<div id="raw-readings" class="flex flex-wrap items-end gap-2">
    <div class="w-60">
        <x-pick name="raw_kind" id="raw-kind" label="Uncured film read with"
            :options="EnumLabels::of(UncuredGauge::cases())"
            :value="($kind ?? UncuredGauge::Comb)->value" />
    </div>
    <div class="w-64">
        <x-field name="raw" label="Readings on uncured powder" :unit="$u->unit(D::Film)" :value="$shows"
            hint="Comb: last marked and first unmarked tooth, like {{ $u->isMetric() ? '125/150' : '5/6' }}." />
    </div>
    @if (SimulatedDevices::answer())
        <button type="button" class="btn btn-quiet" hx-get="/sprayings/{{ $spraying->id }}/gauge"
            hx-target="#raw-readings" hx-swap="outerHTML" aria-label="Read the simulated film gauge">Gauge</button>
    @endif
</div>
