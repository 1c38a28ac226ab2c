{{-- A bake-out that is set: what it is to reach, the timer, a cure it could ride with. --}}
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
<form method="post" action="/bake-outs/{{ $load->id }}/shut">
    <x-once />
    <button class="btn btn-do btn-big">Door is shut: start</button>
</form>
<form method="post" action="/bake-outs/{{ $load->id }}/set" class="panel grid gap-2">
    <x-once />
    <x-field name="target" label="Part metal at" :unit="$u->unit(D::Temperature)"
        :value="$u->field(D::Temperature, $load->target_c)"
        hint="At least the hottest cure planned, and a little more." />
    <x-field name="hold" label="Held for" unit="min" :value="round($load->hold_minutes)" inputmode="numeric" />
    <x-field name="setpoint" label="Setpoint" :unit="$u->unit(D::Temperature)"
        :value="$u->field(D::Temperature, $load->setpoint_c)" />
    <x-field name="start" label="Oven when loaded" :unit="$u->unit(D::Temperature)"
        :value="$u->field(D::Temperature, $load->start_c, 0)" placeholder="at setpoint"
        hint="A cold oven: what its display shows now." />
    <details @if ($load->timer_out_at || $errors->has('out_at')) open @endif>
        <summary class="font-semibold">Overnight on the oven's timer</summary>
        <x-field name="out_at" label="Taken out at" type="datetime-local"
            :value="$load->timer_out_at ? ShopClock::typed($load->timer_out_at) : ''"
            hint="Its timer turns it off when all is held; empty: pulled by hand then." />
    </details>
    <button class="btn">Work it out</button>
</form>
<form method="post" action="/bake-outs/{{ $load->id }}/withdraw">
    <x-once />
    <button class="btn btn-quiet w-full">Take it off the oven</button>
</form>
@foreach ($rides as $ride)
    <form method="post" action="/bake-outs/{{ $load->id }}/ride" class="panel grid gap-1">
        <x-once />
        <input type="hidden" name="with" value="{{ $ride->host->id }}">
        <p><b>With the cure in {{ $ride->host->oven->name }}?</b> {{ $u->said($ride->says) }}</p>
        @if ($ride->serves)
            <button class="btn">Let it ride along</button>
        @endif
    </form>
@endforeach
