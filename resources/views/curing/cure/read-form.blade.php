@use('App\Curing\Queries\LoadCorrection')
@use('App\Platform\Demo\SimulatedDevices')
{{-- The thermometer, of any load that runs. $bake, $board (LoadViewModel), $pointed (a key), $bare --}}
<details class="panel !py-1" id="reading-panel" hx-preserve
    @if ($errors->hasAny(['shown', 'item', 'set_emissivity', 'surface', 'display', 'door', 'gap'])) open @endif>
    <summary class="font-semibold">Thermometer reading</summary>
    <form method="post" action="/loads/{{ $bake->id }}/readings" class="grid gap-3 pb-2">
        <x-once />
        <x-pick name="item" label="Pointed at"
            :options="collect($board->readItems())->mapWithKeys(fn($one) => [$one->key() => $one->item->name])"
            :value="$pointed" />
        @include('curing.cure.reading-field', ['shown' => null, 'display' => null, 'source' => 'typed'])
        @if (SimulatedDevices::answer())
            <button type="button" class="btn btn-quiet" hx-get="/loads/{{ $bake->id }}/thermometer"
                hx-include="#item, #door" hx-target="#reading-field" hx-swap="outerHTML">Use the simulated
                thermometer</button>
        @endif
        <x-pick name="door" label="Read with the oven door"
            :options="['open' => 'open', 'shut' => 'closed, through a port']"
            :value="LoadCorrection::usualDoor()" empty="Pick one; asked once" />
        <x-pick name="surface" label="The spot is" :options="$bare
            ? ['film' => 'a patch of matt tape or paint', 'bare' => 'bare metal']
            : ['film' => 'powder or film', 'bare' => 'bare metal']" value="film" />
        <x-field name="set_emissivity" label="Emissivity it is set to" value="0.9" inputmode="decimal"
            hint="As the instrument is set now; powder and film want 0.9." />
        @error('gap')
            <p class="wrong">{{ $message }}</p>
            <button class="btn" name="confirmed" value="1">Use this reading</button>
        @enderror
        <button class="btn btn-do">Take it in</button>
    </form>
</details>
