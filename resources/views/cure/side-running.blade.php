@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Support\ShopClock')
@use('App\Support\Units')
@php($best = $board->outlook->bestPull() ?? $board->outlook->pullMinutes)
@php($pullAt = $board->clock($best))
@php($checkAt = $board->clock($board->checkRunMinutes()))
@php($due = $board->nowRunMinutes() >= $best)
@php($read = $bake->readings->isNotEmpty())
<div class="panel">
    <p class="hint">{{ $due ? 'Everything is done.' : 'Pull in' }}</p>
    <p class="num text-[4.6rem]" data-until="{{ $pullAt->getTimestampMs() }}" data-past="pull now">{{ ShopClock::time($pullAt) }}</p>
    <p>Pull at <b>{{ ShopClock::local($pullAt)->format('H:i') }}</b>, {{ $u->temp($load = $board->load->conduct()->setpointAt($board->load->second($board->now))) }} on the oven.</p>
    @if ($board->earliest !== null || $board->latest !== null)
        <p class="hint">Between {{ $board->earliest ? ShopClock::local($board->clock($board->earliest))->format('H:i') : 'unknown' }} and {{ $board->latest ? ShopClock::local($board->clock($board->latest))->format('H:i') : 'unknown' }}, as sure as the readings make it (two in three).</p>
    @endif
    @if ($board->load->powerIsOff())<p class="wrong">The power is off; the pull moves on until it is back.</p>@endif
</div>
<div class="verdict"><strong>{{ $due ? 'Pull it now.' : ($read || $board->nowRunMinutes() > $best - 3 ? 'Next: pull at '.ShopClock::local($pullAt)->format('H:i').'.' : 'Next: point the thermometer at the '.$board->decides()->item->name.' at '.ShopClock::local($checkAt)->format('H:i').'.') }}</strong>
    @if (! $due && ! $read)<p>It should read about {{ $u->temp($board->outlook->run->surfaceC($board->outlook->decides, max(0, 60 * $board->checkRunMinutes()))) }} then.</p>@endif
    @if ($read)<p>The readings say the oven heats this load at {{ number_format($board->correction->factor, 2) }} of what the model thought, give or take {{ number_format(100 * $board->correction->sigma, 0) }} %.</p>@endif
</div>
@can('work')
    <form method="post" action="/bakes/{{ $bake->id }}/pull"><x-once /><button class="btn btn-do btn-big">Pull: it is out</button></form>
    <details class="panel !py-1" id="reading-panel" hx-preserve @if ($errors->hasAny(['shown', 'item', 'set_emissivity'])) open @endif>
        <summary class="font-semibold">Thermometer reading</summary>
        <form method="post" action="/bakes/{{ $bake->id }}/readings" class="grid gap-3 pb-2">
            <x-once />
            <x-pick name="item" label="Pointed at" :options="collect($board->load->hung)->mapWithKeys(fn ($h) => [$h->key() => $h->item->name])" :value="$board->decides()->key()" />
            @include('cure.reading-field', ['shown' => null, 'source' => 'typed'])
            <button type="button" class="btn btn-quiet" hx-get="/bakes/{{ $bake->id }}/thermometer" hx-include="#item" hx-target="#reading-field" hx-swap="outerHTML">Use the simulated thermometer</button>
            <x-field name="set_emissivity" label="Emissivity it is set to" value="0.9" inputmode="decimal" hint="Powder and film: 0.9. On bright metal the reading is low; say what it is set to." />
            <button class="btn btn-do">Take it in</button>
        </form>
    </details>
    <details class="panel !py-1" id="event-panel" hx-preserve @if ($errors->hasAny(['kind', 'door_s', 'new_setpoint'])) open @endif>
        <summary class="font-semibold">Something happened</summary>
        <div class="grid gap-3 pb-2">
            <form method="post" action="/bakes/{{ $bake->id }}/events" class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind" value="door"><x-field name="door_s" label="Door opened now, for seconds" value="30" inputmode="numeric" /><button class="btn">Log</button></form>
            <form method="post" action="/bakes/{{ $bake->id }}/events" class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind" value="setpoint"><x-field name="new_setpoint" label="Setpoint changed to" :unit="$u->unit(D::Temperature)" :value="$u->field(D::Temperature, $load, 0)" /><button class="btn">Log</button></form>
            <form method="post" action="/bakes/{{ $bake->id }}/events"><x-once /><button class="btn w-full" name="kind" value="{{ $board->load->powerIsOff() ? 'power_back' : 'power_lost' }}">{{ $board->load->powerIsOff() ? 'Power is back' : 'Power lost' }}</button></form>
        </div>
    </details>
@endcan
@if ($read || $bake->events->isNotEmpty())
    <ul class="grid gap-1">
        @foreach ($bake->readings as $i => $reading)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($reading->at) }} {{ $reading->item->coat->part->name }}{{ $reading->section ? ', '.$reading->section->name : '' }} {{ $u->temp($reading->celsius) }}@if (abs($reading->celsius - $reading->shown_c) >= 1) <span class="hint">(showed {{ $u->temp($reading->shown_c) }})</span>@endif <span class="hint">off by {{ sprintf('%+d', (int) round($board->correction->residualsK[$i] ?? 0)) }} K</span></span>
                @can('work')<form method="post" action="/readings/{{ $reading->id }}/withdraw"><x-once /><button class="btn btn-quiet !px-3" aria-label="wrong: do not count the reading of {{ ShopClock::time($reading->at) }}">wrong</button></form>@endcan</li>
        @endforeach
        @foreach ($bake->events as $event)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($event->at) }} {{ match ($event->kind) { 'door' => 'door open '.(int) $event->value.' s', 'setpoint' => 'setpoint '.$u->temp($event->value), 'power_lost' => 'power lost', default => 'power back' } }}</span>
                @can('work')<form method="post" action="/events/{{ $event->id }}/withdraw"><x-once /><button class="btn btn-quiet !px-3" aria-label="wrong: do not count the entry of {{ ShopClock::time($event->at) }}">wrong</button></form>@endcan</li>
        @endforeach
    </ul>
@endif
