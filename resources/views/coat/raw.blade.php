{{-- Readings on raw powder: typed, or off the stand-in of a gauge. $spraying, $shows --}}
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Devices\StandIns')
<div id="raw-readings" class="flex items-end gap-2">
    <div class="w-64">
        <x-field name="raw" label="Comb or gauge on raw powder" :unit="$u->unit(D::Film)" :value="$shows"
            hint="Three to five spots, one after the other." />
    </div>
    @if (StandIns::answer())
        <button type="button" class="btn btn-quiet" hx-get="/sprayings/{{ $spraying->id }}/gauge"
            hx-target="#raw-readings" hx-swap="outerHTML" aria-label="Read the simulated film gauge">Gauge</button>
    @endif
</div>
