@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Actions\Cure\NextMove')
@use('App\Support\ShopClock')
@use('App\Support\Units')
@php($next = NextMove::of($board))
@php($read = $bake->readings->isNotEmpty())
<div class="panel">
    <p class="hint">{{ $next->due ? $next->overWords() : 'Pull in' }}</p>
    <p class="num text-[4.6rem]" data-until="{{ $next->pullAt->getTimestampMs() }}" data-past="pull now">
        {{ ShopClock::time($next->pullAt) }}
    </p>
    <p>
        Pull at <b>{{ ShopClock::local($next->pullAt)->format('H:i') }}</b>,
        {{ $u->temp($next->setpointC) }} on the oven.
    </p>
    @if ($next->band)
        <p class="hint">Between {{ $next->band }}. {{ $board->sureLine() }}</p>
    @endif
    @if ($next->powerIsOff)
        <p class="wrong">The power is off; the pull moves on until it is back.</p>
    @endif
</div>
<div class="verdict">
    <strong>{{ $next->headline }}</strong>
    @foreach ($next->soFar as $line)
        <p>{{ $line }}</p>
    @endforeach
    @if ($next->shouldReadC !== null)
        <p>It should read about {{ $u->temp($next->shouldReadC) }} then.</p>
    @endif
    @if ($read)
        <p>The readings say the oven heats this load at {{ number_format($board->correction->factor, 2) }} of what
            the model thought.</p>
    @endif
</div>
@can('work')
    <form method="post" action="/bakes/{{ $bake->id }}/pull"><x-once /><button class="btn btn-do btn-big">Pull: it
            is out</button></form>
    <details class="panel !py-1" id="reading-panel" hx-preserve
        @if ($errors->hasAny(['shown', 'item', 'set_emissivity', 'surface', 'display'])) open @endif>
        <summary class="font-semibold">Thermometer reading</summary>
        <form method="post" action="/bakes/{{ $bake->id }}/readings" class="grid gap-3 pb-2">
            <x-once />
            <x-pick name="item" label="Pointed at"
                :options="collect($board->load->hung)->mapWithKeys(fn($h) => [$h->key() => $h->item->name])"
                    :value="$board->decides()->key()" />
            @include('cure.reading-field', ['shown' => null, 'display' => null, 'source' => 'typed'])
            <button type="button" class="btn btn-quiet" hx-get="/bakes/{{ $bake->id }}/thermometer"
                hx-include="#item" hx-target="#reading-field" hx-swap="outerHTML">Use the simulated thermometer</button>
            <x-pick name="door" label="The oven door was" :options="['shut' => 'shut: it mirrors the oven',
                'open' => 'open: it mirrors the shop']" value="shut" />
            <x-pick name="surface" label="The spot is" :options="['film' => 'powder or film',
                'bare' => 'bare metal']" value="film" />
            <x-field name="set_emissivity" label="Emissivity it is set to" value="0.9" inputmode="decimal"
                hint="As the instrument is set now; powder and film want 0.9." />
            <button class="btn btn-do">Take it in</button>
        </form>
    </details>
    @if ($bake->items->whereNull('out_at')->count() > 1)
        <details class="panel !py-1" id="out-panel" hx-preserve @if ($errors->has('item')) open @endif>
            <summary class="font-semibold">Take some out, the rest bakes on</summary>
            <div class="grid gap-2 pb-2">
                @foreach ($bake->items->whereNull('out_at') as $item)
                    <form method="post" action="/bakes/{{ $bake->id }}/items/{{ $item->id }}/out"
                        class="grid grid-cols-[1fr_5rem_auto] gap-2 items-end">
                        <x-once />
                        <b class="self-center">{{ $item->title() }}</b>
                        <div>
                            <label class="hint" for="out-door-{{ $item->id }}">door, s</label>
                            <input id="out-door-{{ $item->id }}" name="door_s" value="45" inputmode="numeric">
                        </div>
                        <button class="btn" aria-label="Take {{ $item->title() }} out">Out</button>
                    </form>
                @endforeach
            </div>
        </details>
    @endif
    @foreach ($bake->items->whereNotNull('out_at') as $item)
        <form method="post" action="/bakes/{{ $bake->id }}/items/{{ $item->id }}/in"
            class="flex items-center justify-between gap-2">
            <x-once />
            <span>{{ ucfirst($item->title()) }} is out since {{ App\Support\ShopClock::time($item->out_at) }}.</span>
            <button class="btn btn-quiet" aria-label="{{ $item->title() }} never left">It never left</button>
        </form>
    @endforeach
    <details class="panel !py-1" id="event-panel" hx-preserve
        @if ($errors->hasAny(['kind', 'door_s', 'new_setpoint'])) open @endif>
        <summary class="font-semibold">Something happened</summary>
        <div class="grid gap-3 pb-2">
            <form method="post" action="/bakes/{{ $bake->id }}/events"
                class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind"
                    value="door"><x-field name="door_s" label="Door opened now, for seconds" value="30"
                    inputmode="numeric" /><button class="btn">Log</button></form>
            <form method="post" action="/bakes/{{ $bake->id }}/events"
                class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind"
                    value="setpoint"><x-field name="new_setpoint" label="Setpoint changed to"
                        :unit="$u->unit(D::Temperature)"
                    :value="$u->field(D::Temperature, $next->setpointC, 0)" /><button class="btn">Log</button></form>
            <form method="post" action="/bakes/{{ $bake->id }}/events"><x-once /><button class="btn w-full"
                    name="kind"
                    value="{{ $next->powerIsOff ? 'power_back' : 'power_lost' }}">{{ $next->powerIsOff ? 'Power is back'
                        : 'Power lost' }}</button>
            </form>
        </div>
    </details>
@endcan
@if ($read || $bake->events->isNotEmpty())
    <ul class="grid gap-1">
        @foreach ($bake->readings as $i => $reading)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($reading->at) }}
                    {{ $reading->item->part->name }}{{ $reading->section ? ', ' . $reading->section->name : '' }}
                    {{ $u->temp($reading->celsius) }}@if (abs($reading->celsius - $reading->shown_c) >= 1)
                        <span class="hint">(showed {{ $u->temp($reading->shown_c) }})</span>
                    @endif <span class="hint">off by
                        {{ sprintf('%+d', (int) round($board->correction->residualsK[$i] ?? 0)) }} K</span></span>
                @can('work')
                    <form method="post" action="/readings/{{ $reading->id }}/withdraw"><x-once /><button
                            class="btn btn-quiet !px-3"
                            aria-label="wrong: do not count the reading of {{ ShopClock::time($reading->at)
                                }}">wrong</button>
                    </form>
                @endcan
            </li>
        @endforeach
        @foreach ($bake->events as $event)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($event->at) }}
                    {{ $u->said($event->words()) }}</span>
                @can('work')
                    <form method="post" action="/events/{{ $event->id }}/withdraw"><x-once /><button
                            class="btn btn-quiet !px-3"
                            aria-label="wrong: do not count the entry of {{ ShopClock::time($event->at)
                                }}">wrong</button>
                    </form>
                @endcan
            </li>
        @endforeach
    </ul>
@endif
