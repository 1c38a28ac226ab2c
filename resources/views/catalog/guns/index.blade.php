@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\Station')
<x-layout title="Guns and booth" :at="Station::Coat">
    <div class="flex flex-wrap items-end justify-between gap-3 mb-3">
        <h1>Guns and booth</h1>
        @can('manage')
            <a class="btn btn-do" href="/guns/create">Write a gun down</a>
        @endcan
    </div>
    <div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] max-[1000px]:grid-cols-1 gap-4 items-start">
        <div class="grid gap-3">
            @forelse ($guns as $gun)
                <section class="panel grid gap-1" aria-label="{{ $gun->name }}">
                    <div class="flex items-baseline justify-between gap-3">
                        <h2>{{ $gun->name }}{{ $gun->retired_at ? ', put away' : '' }}</h2>
                        @can('manage')
                            <a class="inline-flex items-center min-h-[44px]" href="/guns/{{ $gun->id }}/edit"
                                aria-label="Change {{ $gun->name }}">change</a>
                        @endcan
                    </div>
                    <p>{{ $gun->words() }}</p>
                    <p class="hint">
                        Tips: {{ collect($gun->tips())->map->label()->join(', ') ?: 'not written down' }}.
                        {{ $gun->flow_g_min ? round($gun->flow_g_min).' g/min by the bag' : 'Flow not weighed yet' }};
                        {{ $gun->pattern_mm ? 'cloud '.$u->show(D::Length, $gun->pattern_mm, 0).' wide at '
                            .$u->show(D::Length, $gun->pattern_at_mm ?? 220, 0) : 'cloud not measured' }}.
                    </p>
                    @if ($gun->programs->isNotEmpty())
                        <table class="grid-table">
                            <caption class="sr-only">Programs of {{ $gun->name }}</caption>
                            <thead><tr><th scope="col">Program</th><th scope="col" class="n">kV</th>
                                <th scope="col" class="n">µA</th><th scope="col" class="n">Powder air</th>
                                <th scope="col" class="n">Powder</th>
                                <th scope="col" class="n">Atomizing</th></tr></thead>
                            <tbody>
                                @foreach ($gun->programs as $program)
                                    <tr><th scope="row">{{ $program->number }}, {{ $program->name }}</th>
                                        <td class="n">{{ round($program->kv) }}</td>
                                        <td class="n">{{ $program->ua === null ? '–' : round($program->ua) }}</td>
                                        <td class="n">{{ $gun->model()->airWords($program->air) }}</td>
                                        <td class="n">{{ $program->powder_percent === null ? '–'
                                            : round($program->powder_percent).' %' }}</td>
                                        <td class="n">{{ $program->atomising_air === null ? '–'
                                            : $gun->air_unit->show($program->atomising_air) }}</td></tr>
                                @endforeach
                            </tbody>
                        </table>
                    @endif
                </section>
            @empty
                <p class="panel">No gun is written down yet. Settings are advised for a usual one until then: what it
                    can be set to decides what the coat bench asks.</p>
            @endforelse
            <x-caution>Powder in air burns: everything and everyone earthed, no ignition source, respirator every time
                the gun is up, clean-up by rated vacuum only.</x-caution>
        </div>
        <div class="grid gap-3">
            <x-edit action="/booth" class="panel grid gap-3">
                <h2>Booth</h2>
                <x-field name="booth_air" label="It draws" :unit="$u->unit(D::AirFlow)"
                    :value="$u->field(D::AirFlow, $shop->booth_air_m3_min, 2)" inputmode="decimal"
                    hint="By its plate or a hood; with the gun's flow it gives the powder in the air." />
                <x-field name="booth_face_m_s" label="Air through its face, m/s" :value="$shop->booth_face_m_s"
                    inputmode="decimal" hint="Enough to hold the cloud; over 0.6 takes powder from the part." />
                <x-field name="powder_reserve" label="Kept back for a redo, %"
                    :value="round(100 * $shop->powder_reserve, 1)" inputmode="decimal" />
                <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                        name="booth_reclaims" value="1" @checked(old('booth_reclaims', $shop->booth_reclaims))>
                    It reclaims: never for flake or effects, never between colours</label>
                @can('manage')
                    <button class="btn">Save the booth</button>
                @endcan
            </x-edit>
            @include('application.coat.ground-checks')
        </div>
    </div>
</x-layout>
