@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Catalog\Queries\PowderSearch')
<x-layout title="Shelf">
    <div class="flex items-baseline justify-between gap-3 mb-3">
        <h1>Powders on the shelf</h1>
        @can('work')
            <a class="btn btn-do" href="/powders/create">Put a powder on the shelf</a>
        @endcan
    </div>
    <form method="get" action="/powders" class="panel mb-3 flex flex-wrap items-end gap-3" role="search">
        <div class="grow min-w-48">
            <x-field name="q" label="Colour, gloss, lot, place" :value="$asked['q'] ?? ''" />
        </div>
        <div class="w-56"><x-pick name="role" label="Use" :options="PowderSearch::ROLES"
            empty="any" :value="$asked['role'] ?? ''" /></div>
        <div class="w-40"><x-pick name="lives" label="Lives"
            :options="['outdoors' => 'outdoors', 'indoors' => 'indoors']" empty="anywhere"
            :value="$asked['lives'] ?? ''" /></div>
        <div class="w-40"><x-pick name="stock" label="Stock" :options="['order' => 'to order now']" empty="all"
            :value="$asked['stock'] ?? ''" /></div>
        <button class="btn">Look</button>
    </form>
    <div class="panel scroll-x" tabindex="0" role="region" aria-label="Powders">
        <table class="grid-table">
            <thead>
                <tr>
                    <th scope="col">Powder</th>
                    <th scope="col">Chemistry</th>
                    <th scope="col">Part-metal bake: needs, stands</th>
                    <th scope="col">Film</th>
                    <th scope="col" class="n">On the shelf</th>
                    <th scope="col"></th>
                </tr>
            </thead>
            <tbody>
                @forelse ($powders as $powder)
                    <tr>
                        <th scope="row"><span class="inline-flex items-center gap-2"><x-swatch
                                    :colour="$powder->colour" /><a
                                    href="/powders/{{ $powder->id }}">{{ $powder->name }}</a></span><br><span
                                class="hint font-normal">{{ $powder->shelfLine() }}</span>
                        </th>
                        <td>{{ $powder->chemistry->value }}</td>
                        <td>
                            @foreach ($powder->rows as $row)
                                {{ $u->temp($row->pmt_c) }}: {{ $row->min_minutes }}
                                min{{ $row->max_minutes ? ', to ' . $row->max_minutes : '' }}
                                <br>
                            @endforeach
                        </td>
                        <td>{{ $u->show(D::Film, $powder->film_min_um) }} to
                            {{ $u->show(D::Film, $powder->film_max_um) }}</td>
                        <td class="n">{{ $powder->lots->isEmpty() ? 'no lots' : $u->show(D::Mass,
                            $stock[$powder->id]->totalG() / 1000) }}
                            @if ($stock[$powder->id]->reservedG() > 0)
                                <span class="hint block">{{ $u->show(D::Mass,
                                    $stock[$powder->id]->reservedG() / 1000) }} for open jobs</span>
                            @endif
                            @if ($stock[$powder->id]->mustOrder())
                                <b class="wrong block">order {{ $u->show(D::Mass,
                                    $stock[$powder->id]->orderKg()) }}</b>
                            @endif
                        </td>
                        <td class="n">
                            <a class="inline-flex items-center min-h-[44px] mr-3"
                                href="/powders/{{ $powder->id }}/history"
                                aria-label="History of {{ $powder->name }}">history</a>
                            @can('work')
                                <a class="inline-flex items-center min-h-[44px]"
                                    href="/powders/{{ $powder->id }}/edit"
                                    aria-label="Change {{ $powder->name }}">change</a>
                            @endcan
                        </td>
                    </tr>
                @empty
                    <tr>
                        <td colspan="6">
                            {{ array_filter($asked) ? 'No powder is like that.' : 'The shelf is empty.' }}
                            Put the first powder on it from its sheet: the bake cannot be worked out without one.</td>
                    </tr>
                @endforelse
            </tbody>
        </table>
    </div>
</x-layout>
