{{-- The part's own temperature, asked for where it was carried in from the cold. --}}
@props(['batch'])
@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\PartFlag')
@use('App\Routing\Queries\MetalTemperature')
@if ($batch->part->traits->contains('word', PartFlag::FromCold->value))
    @php($celsius = MetalTemperature::of($batch))
    <section id="metal" class="panel flex flex-wrap items-end gap-3" aria-label="Part temperature">
        <p class="grow">
            <b>Carried in from the cold.</b>
            {{ $celsius === null ? 'Measure the metal before you blast or spray.'
                : 'Metal '.$u->temp($celsius, 1).'.' }}
        </p>
        @can('work')
            <form method="post" action="/batches/{{ $batch->id }}/metal-temperature" class="flex items-end gap-2">
                <x-once />
                <div class="w-32"><x-field name="metal" label="Metal" :unit="$u->unit(D::Temperature)" /></div>
                <button class="btn">Save</button>
            </form>
        @endcan
    </section>
@endif
