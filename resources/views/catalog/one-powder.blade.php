@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Application\Queries\PowderStock')
@use('App\Catalog\Models\PowderPicture')
@use('App\Catalog\ViewModels\PowderFacts')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
<x-layout :title="$powder->name">
    <div class="flex flex-wrap items-baseline justify-between gap-3 mb-3">
        <h1 class="flex items-center gap-3"><x-swatch :colour="$powder->colour" /> {{ $powder->name }}</h1>
        <nav class="flex gap-4" aria-label="This powder">
            <a class="inline-flex items-center min-h-[44px]" href="/powders/{{ $powder->id }}/history">History</a>
            @can('work')
                <a class="inline-flex items-center min-h-[44px]" href="/powders/{{ $powder->id }}/edit">Change</a>
            @endcan
        </nav>
    </div>
    <div class="grid grid-cols-[minmax(0,3fr)_minmax(0,2fr)] max-[1000px]:grid-cols-1 gap-4 items-start">
        <div class="grid gap-4">
            <section class="panel grid gap-2" aria-label="Stock">
                <p><span class="num text-[2.6rem]">{{ $u->show(D::Mass, $stock->totalG() / 1000) }}</span>
                    on the shelf; {{ $stock->reservedWords() }}.</p>
                @if ($stock->mustOrder())
                    <p class="wrong">Order {{ $u->show(D::Mass, $stock->orderKg()) }} now: the supplier takes
                        {{ $powder->supplier_days ?? 7 }} days.</p>
                @endif
                <table class="grid-table">
                    <caption class="sr-only">Lots</caption>
                    <thead><tr><th scope="col">Lot</th><th scope="col">Place</th><th scope="col">Opened</th>
                        <th scope="col">Best before</th><th scope="col" class="n">Left</th><th></th></tr></thead>
                    <tbody>
                        @forelse ($powder->lots as $lot)
                            <tr>
                                <th scope="row">{{ $lot->number }}{{ $loop->first ? ', used first' : '' }}</th>
                                <td>{{ $lot->place ?? '–' }}</td>
                                <td>{{ $lot->opened_on?->format('j M Y') ?? 'not yet' }}</td>
                                <td @class(['wrong' => PowderStock::isPast($lot)])>
                                    {{ $lot->best_before_on?->format('j M Y') ?? 'not said' }}{{
                                        PowderStock::isPast($lot) ? ', past: a panel first' : '' }}
                                </td>
                                <td class="n">{{ $u->show(D::Powder, $stock->leftG[$lot->id], 0) }}</td>
                                <td><a class="inline-flex items-center min-h-[44px]"
                                        href="/powder-lots/{{ $lot->id }}/card"
                                        aria-label="Card of {{ $lot->number }}">card</a>
                                </td>
                            </tr>
                            @can('work')
                                <tr>
                                    <td colspan="6">
                                        <details>
                                            <summary>Weigh, move or finish {{ $lot->number }}</summary>
                                            <form method="post" action="/powder-lots/{{ $lot->id }}"
                                                class="flex flex-wrap items-end gap-3">
                                                <x-once />
                                                <div class="w-36"><x-field name="holds" :id="'holds-'.$lot->id"
                                                    label="It holds" :unit="$u->unit(D::Mass)" inputmode="decimal" />
                                                </div>
                                                <button class="btn" name="what" value="weighed">Weighed</button>
                                                <div class="w-44"><x-field name="place" :id="'place-'.$lot->id"
                                                    label="Place" :value="$lot->place" /></div>
                                                <button class="btn" name="what" value="moved">Moved</button>
                                                <button class="btn btn-quiet" name="what" value="finished">Finished
                                                </button>
                                                <button class="btn btn-quiet" name="what" value="withdrawn">Never there
                                                </button>
                                            </form>
                                        </details>
                                    </td>
                                </tr>
                            @endcan
                        @empty
                            <tr><td colspan="6">No lot of it is written down; its grams cannot be counted.</td></tr>
                        @endforelse
                    </tbody>
                </table>
                @can('work')
                    <form method="post" action="/powders/{{ $powder->id }}/lots" class="flex flex-wrap items-end gap-3">
                        <x-once />
                        <div class="w-36"><x-field name="number" label="New lot" /></div>
                        <div class="w-32"><x-field name="holds" id="new-holds" label="Holds" :unit="$u->unit(D::Mass)"
                            :value="$u->field(D::Mass, $powder->box_kg, 2)" inputmode="decimal" /></div>
                        <div class="w-40"><x-field name="best_before" label="Best before" type="date" /></div>
                        <div class="w-40"><x-field name="place" id="new-place" label="Place" /></div>
                        <button class="btn">Put it there</button>
                    </form>
                @endcan
            </section>
            <section class="panel" aria-label="What it took">
                <h2>What it took</h2>
                <ul>
                    @forelse ($lately as $one)
                        <li class="border-t border-line py-1">
                            {{ ShopClock::local($one->done_at)->format('j M Y') }},
                            {{ $one->pieces }} × {{ $one->part->name }}, {{ $one->user->name }}:
                            {{ $one->usedG() === null ? 'not weighed' : $u->show(D::Powder, $one->usedG(), 0) }},
                            {{ $one->raw_um === null ? 'raw film not measured' : $u->show(D::Film, $one->raw_um) }}{{
                                $one->blown_off_at ? '; blown off: '.$one->blown_off_why : '' }}
                        </li>
                    @empty
                        <li>Nothing was sprayed of it yet.</li>
                    @endforelse
                </ul>
                <p class="hint">
                    @foreach ($taught as [$open, $factor])
                        {{ ucfirst($open->label()) }}: {{ number_format($factor->factor, 2) }} of the book's transfer,
                        {{ lcfirst($factor->trust()) }}
                    @endforeach
                </p>
            </section>
        </div>
        <div class="grid gap-4">
            <dl class="panel grid grid-cols-[auto_minmax(0,1fr)] gap-x-4 gap-y-1" aria-label="What its sheet says">
                @foreach (PowderFacts::of($powder) as $name => $says)
                    <dt class="font-medium">{{ $name }}</dt>
                    <dd>{{ $says }}</dd>
                @endforeach
            </dl>
            @include('catalog.masters')
            <section class="panel grid gap-2" aria-label="How it looks">
                <h2>How it looks</h2>
                <p class="hint">On a screen a colour is a hint; a baked panel in daylight decides. Raw colour
                    misleads.</p>
                <div class="grid grid-cols-2 gap-2">
                    @foreach ($powder->looks as $look)
                        <figure>
                            <img src="/powder-pictures/{{ $look->id }}" alt="{{ $powder->name }}, {{
                                PowderPicture::SHOWS[$look->shows] ?? $look->shows }}" class="w-full">
                            <figcaption class="flex items-center justify-between">{{ PowderPicture::SHOWS[$look->shows]
                                ?? $look->shows }}
                                @can('work')
                                    <form method="post" action="/powder-pictures/{{ $look->id }}/withdraw"><x-once />
                                        <button class="btn btn-quiet" aria-label="Take this photo away">×</button>
                                    </form>
                                @endcan
                            </figcaption>
                        </figure>
                    @endforeach
                </div>
                @can('work')
                    <form method="post" action="/powders/{{ $powder->id }}/looks" enctype="multipart/form-data"
                        class="grid gap-2">
                        <x-once />
                        <label for="photo">A photo</label>
                        <input id="photo" type="file" name="photo" accept="image/*">
                        @error('photo')
                            <p class="wrong">{{ $message }}</p>
                        @enderror
                        <x-pick name="shows" label="Shows it" :options="PowderPicture::SHOWS" />
                        <button class="btn">Keep it</button>
                    </form>
                @endcan
            </section>
            <section class="panel grid gap-2" aria-label="Test panels">
                <h2>Test panels</h2>
                <ul>
                    @forelse ($powder->panels as $panel)
                        <li class="border-t border-line py-1 flex items-center justify-between gap-2">
                            <span><b>{{ $panel->signed_by }}</b>, {{ ShopClock::local($panel->at)->format('j M Y') }}{{
                                $panel->film_um ? ', '.$u->show(D::Film, $panel->film_um) : '' }}{{
                                    $panel->note ? ': '.$panel->note : '' }}</span>
                            @can('work')
                                <form method="post" action="/panels/{{ $panel->id }}/withdraw"><x-once />
                                    <button class="btn btn-quiet" aria-label="Take back the panel of {{
                                        $panel->signed_by }}">×</button></form>
                            @endcan
                        </li>
                    @empty
                        <li>None signed{{ $powder->effect()->asksPanel() ? ': this effect wants one first' : '' }}.</li>
                    @endforelse
                </ul>
                @can('work')
                    <form method="post" action="/powders/{{ $powder->id }}/panels" class="grid gap-2">
                        <x-once />
                        <x-field name="signed_by" label="Signed by" hint="Whoever asked for the look." />
                        <x-field name="panel_film" label="Film on it" :unit="$u->unit(D::Film)" inputmode="decimal" />
                        <x-field name="panel_note" label="Note" />
                        <button class="btn">Baked and signed</button>
                    </form>
                @endcan
            </section>
        </div>
    </div>
</x-layout>
