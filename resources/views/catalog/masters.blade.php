@use('Aenum\Core\Inspection\DeltaE')
{{-- Colours kept to hold pieces against. $powder --}}
<section class="panel grid gap-2" aria-label="Masters">
    <h2>Masters</h2>
    @forelse ($powder->masters as $master)
        <div class="flex items-center justify-between gap-3 border-t border-line pt-1">
            <span><b>{{ $master->words() }}</b><br>
                <span class="hint">L* {{ $master->lab_l }}, a* {{ $master->lab_a }}, b* {{ $master->lab_b }};
                    agreed ΔE00 up to {{ $master->tolerance }}</span></span>
            @can('work')
                <form method="post" action="/color-standards/{{ $master->id }}/withdraw">
                    <x-once />
                    <button class="btn btn-quiet" aria-label="Take {{ $master->name }} off the shelf">×</button>
                </form>
            @endcan
        </div>
    @empty
        <p class="hint">No master is kept. A baked panel the customer has signed, measured once and kept in the dark,
            settles what “the same colour” is.</p>
    @endforelse
    @can('work')
        <details>
            <summary>Keep a master</summary>
            <form method="post" action="/powders/{{ $powder->id }}/color-standards"
                class="grid grid-cols-3 gap-2 items-end">
                <x-once />
                <div class="col-span-2"><x-field name="master" label="Master" placeholder="panel 3, signed" /></div>
                <x-field name="master_place" label="Place" />
                <x-field name="lab_l" id="master-l" label="L*" inputmode="decimal" />
                <x-field name="lab_a" id="master-a" label="a*" inputmode="text" />
                <x-field name="lab_b" id="master-b" label="b*" inputmode="text" />
                <x-field name="tolerance" label="Agreed, ΔE00"
                    :value="DeltaE::USUAL_TOLERANCE" inputmode="decimal" />
                <button class="btn col-span-2">Keep it</button>
            </form>
        </details>
    @endcan
</section>
