{{-- A field for each spot: typed, pasted, or off the stand-in of a gauge. $batch, $spots, $shows, $source --}}
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Demo\SimulatedDevices')
<div id="film-spots" class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-3 items-end">
    <input type="hidden" name="source" value="{{ $source }}">
    @foreach ($spots as $spot => $name)
        <x-field :name="$spot === 'face' ? 'readings' : 'spot['.$spot.']'" :id="'film-'.$spot" :label="$name"
            :unit="$u->unit(D::Film)" :value="$shows[$spot] ?? ''" inputmode="text" />
    @endforeach
    @if (SimulatedDevices::answer())
        <button type="button" class="btn btn-quiet" hx-get="/batches/{{ $batch->id }}/gauge" hx-target="#film-spots"
            hx-swap="outerHTML" aria-label="Read the simulated film gauge">Gauge</button>
    @endif
</div>
