@use('Aenum\Core\Trade\OvenEventKind')
@use('Aenum\Core\Units\Dimension', 'D')
{{-- What happened to the oven, of any load that runs. $bake, $setpointC, $powerIsOff --}}
@php($power = OvenEventKind::nextOfPower($powerIsOff))
<details class="panel !py-1" id="event-panel" hx-preserve
    @if ($errors->hasAny(['kind', 'door_s', 'new_setpoint'])) open @endif>
    <summary class="font-semibold">Something happened</summary>
    <div class="grid gap-3 pb-2">
        <form method="post" action="/loads/{{ $bake->id }}/events"
            class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind"
                value="door"><x-field name="door_s" label="Door opened now, for seconds" value="30"
                inputmode="numeric" /><button class="btn">Log</button></form>
        <form method="post" action="/loads/{{ $bake->id }}/events"
            class="grid grid-cols-[1fr_auto] gap-2 items-end"><x-once /><input type="hidden" name="kind"
                value="setpoint"><x-field name="new_setpoint" label="Setpoint changed to"
                    :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $setpointC, 0)" /><button class="btn">Log</button></form>
        <form method="post" action="/loads/{{ $bake->id }}/events"><x-once /><button class="btn w-full"
                name="kind" value="{{ $power->value }}">{{ ucfirst($power->label()) }}</button></form>
    </div>
</details>
