@use('Aenum\Core\Curing\TimingCriterion')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\OldInput')
@php($max = $u->field(D::Temperature, $bake->oven->max_c, 0))
@php($least = $u->field(D::Temperature, 120, 0))
<div class="panel grid grid-cols-[auto_1fr] gap-x-5 !py-2">
    <p><span class="num text-[3.2rem] block">{{ $u->field(D::Temperature, $bake->setpoint_c, 0) }}</span><span
            class="hint">{{ $u->unit(D::Temperature) }} on the oven</span></p>
    <p><span
            class="num text-[3.2rem] block">{{ number_format($bake->minutes, $bake->minutes < 100 ? 1 : 0)
                }}</span><span
            class="hint">min, door shut to pull</span></p>
    <p class="hint col-span-2">{{ $board->sureLine() }}</p>
</div>
@can('work')
    <form method="post" action="/bakes/{{ $bake->id }}/shut"><x-once /><button class="btn btn-do btn-big">Door is
            shut: start</button></form>
    <form method="post" action="/bakes/{{ $bake->id }}/adjust" class="panel grid gap-0 !py-2" x-data="adjust"
        hx-post="/bakes/{{ $bake->id }}/adjust" hx-trigger="change delay:120ms" hx-target="#board-inner"
        hx-select="#board-inner" hx-swap="outerHTML" hx-sync="this:replace">
        @csrf
        @foreach ([['setpoint', 'Setpoint', $u->unit(D::Temperature),
            $u->field(D::Temperature, $bake->setpoint_c, 0), $least, $max, 1],
                ['minutes', 'Minutes, door shut to pull', 'min', number_format($bake->minutes, 1, '.', ''), 1,
                    max(120, (int) ceil($bake->minutes * 1.5)), 0.5],
                        ['door_open_s', 'Door open while loading', 's', (int) $bake->door_open_s, 0, 300,
                            5]] as [$name, $label, $unit, $value, $from, $to, $step])
            <div class="grid grid-cols-[1fr_6.5rem] gap-x-3 items-center">
                <label for="{{ $name }}" class="col-span-2">{{ $label }}<span class="hint">,
                        {{ $unit }}</span></label>
                <input type="range" id="slide-{{ $name }}" aria-label="{{ $label }}"
                    min="{{ $from }}" max="{{ $to }}" step="{{ $step }}"
                    value="{{ $value }}" data-field="{{ $name }}" x-on:change.stop="slide">
                <input id="{{ $name }}" name="{{ $name }}"
                    value="{{ OldInput::text($name, $value) }}" inputmode="decimal" x-on:input="typed"
                    @error($name) aria-invalid="true" aria-describedby="{{ $name }}-says" @enderror>
                @error($name)
                    <p id="{{ $name }}-says" class="wrong col-span-2">{{ $message }}</p>
                @enderror
            </div>
        @endforeach
        <div class="grid gap-2">
            <x-field name="start" label="Oven when loaded" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $bake->start_c, 0)"
                placeholder="at setpoint" />
            <x-pick name="way" label="Clock counts"
                :options="collect(TimingCriterion::cases())->mapWithKeys(fn($w) => [$w->value => $w->label()])"
                    :value="$bake->way->value" />
        </div>
        <noscript><button class="btn">Work it out</button></noscript>
    </form>
    <x-caution>Interlocks and vent on, no sealed hollow; hot surfaces burn at a touch.</x-caution>
    <div class="flex gap-2">
        <form method="post" action="/bakes/{{ $bake->id }}/best" class="grow"><x-once /><button
                class="btn w-full">As the house plans</button></form>
        <form method="post" action="/bakes/{{ $bake->id }}/withdraw"><x-once /><button class="btn btn-quiet">Take
                down</button></form>
    </div>
@endcan
