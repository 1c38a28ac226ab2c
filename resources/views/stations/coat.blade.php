@use('App\Support\ShopClock')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('Aenum\Core\Word\Station')
<x-station :pick="$pick" lead="The coat that is due, its powder and its film are shown for the lot in hand.">
    <x-slot:side>
        <x-air :entry="$air" />
    </x-slot:side>
    @if ($pick->lot)
        @php($lot = $pick->lot)
        @php($coat = $pick->walk->coatDue())
        @if ($lot->bareSteelClock())
            <x-bare-steel :clock="$lot->bareSteelClock()" :lot="$lot" />
        @endif
        @if ($coat === null)
            <x-verdict headline="Nothing waits for powder: every coat planned is on and baked." />
        @elseif ($pick->walk->isCoated($coat))
            <x-verdict :headline="ucfirst($coat->role).' '.$coat->powder->name.' is on. Its bake is next.'" />
        @else
            <div class="verdict" data-tone="good">
                <strong class="flex items-center gap-2"><x-swatch :colour="$coat->powder->colour" />
                    {{ ucfirst($coat->role) }}: {{ $coat->powder->name }}</strong>
                <p>Coat {{ $coat->position }} of {{ $pick->part->coats->count() }}{{ $coat->zoneWords() }},
                    {{ $u->show(D::Film, $coat->powder->film_min_um) }} to
                    {{ $u->show(D::Film, $coat->powder->film_max_um) }} cured.</p>
            </div>
            <x-pin-brief :part="$pick->part" :station="Station::Coat" />
            @can('work')
                <form method="post" action="/lots/{{ $lot->id }}/coated" class="panel flex flex-wrap items-end gap-3">
                    <x-once />
                    <input type="hidden" name="coat" value="{{ $coat->id }}">
                    <input type="hidden" name="lot_id" value="{{ $lot->id }}">
                    <div class="w-28"><x-field name="pieces" label="Pieces" :value="$lot->count" inputmode="numeric" />
                    </div>
                    <div class="w-44"><x-field name="powder_lot" label="Lot on the box" :value="$coat->powder->lot" />
                    </div>
                    <div class="grow min-w-40"><x-field name="note" id="coat-note" label="Note on the spraying" /></div>
                    <button class="btn btn-do">Powder is on: log it</button>
                </form>
            @endcan
        @endif
    @endif
</x-station>
