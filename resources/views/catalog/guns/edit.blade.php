@use('Aenum\Core\Application\AirUnit')
@use('Aenum\Core\Application\Feed')
@use('Aenum\Core\Application\GunKind')
@use('Aenum\Core\Application\Nozzle')
@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\Station')
@use('App\Platform\Presentation\EnumLabels')
<x-layout :title="$gun->name ?? 'A gun'" :at="Station::Coat">
    <h1 class="mb-3">{{ $gun->name ?? 'Write a gun down' }}</h1>
    <x-edit :action="$gun ? '/guns/'.$gun->id : '/guns'" :new="$gun === null" class="grid gap-4 max-w-4xl">
        <div class="panel grid grid-cols-2 max-[700px]:grid-cols-1 gap-4">
            <x-field name="name" label="Name" :value="$gun?->name" hint="As the shop calls it." />
            <x-pick name="kind" label="What can be set on it" :options="EnumLabels::of(GunKind::cases())"
                :value="$gun?->kind->value ?? 'unknown'" />
            <x-pick name="feed" label="Fed from a" :options="EnumLabels::of(Feed::cases())"
                :value="$gun?->feed->value ?? 'cup'" />
        </div>
        <details class="panel" @if ($errors->any() && ! $errors->has('name')) open @endif>
            <summary class="font-semibold">More from its plate; estimated until entered</summary>
            <div class="grid grid-cols-2 max-[700px]:grid-cols-1 gap-4 mt-3">
            <x-field name="most_kv" label="Highest voltage, kV" :value="$gun?->most_kv" inputmode="decimal"
                hint="By its plate; empty: 100." />
            <x-field name="low_kv" label="A gun of two voltages: the low one, kV" :value="$gun?->low_kv"
                inputmode="decimal" />
            <x-field name="most_ua" label="Highest current limit, µA" :value="$gun?->most_ua" inputmode="decimal"
                hint="Where it can be limited." />
            <x-field name="bag" label="A bag caught in half a minute" :unit="$u->unit(D::Powder)"
                inputmode="decimal" hint="Hold a bag on for 30 seconds, weigh it: that is where the flow comes from." />
            <x-field name="flow_g_min" label="Or its flow, g/min" :value="$gun?->flow_g_min" inputmode="decimal" />
            <x-field name="pattern" label="Its cloud is wide" :unit="$u->unit(D::Length)"
                :value="$u->field(D::Length, $gun?->pattern_mm, 2)" inputmode="decimal" />
            <x-field name="pattern_at" label="at a distance of" :unit="$u->unit(D::Length)"
                :value="$u->field(D::Length, $gun?->pattern_at_mm, 2)" inputmode="decimal" />
            <x-pick name="air_unit" label="Powder air is set in" :options="EnumLabels::of(AirUnit::cases())"
                :value="$gun?->air_unit->value ?? 'ratio'" />
            <x-field name="air_usual" label="Its usual powder air" :value="$gun?->air_usual" inputmode="decimal"
                hint="In that unit; advice is then told in it." />
            <x-ticks name="tips" legend="Tips" :options="EnumLabels::of(Nozzle::cases())"
                :ticked="(array) old('tips', collect($gun?->tips() ?? [])->map->value->all())" />
            <div>
                <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                        name="has_atomising" value="1" @checked(old('has_atomising', $gun?->has_atomising))>
                    Atomising air of its own</label>
                <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                        name="has_ring" value="1" @checked(old('has_ring', $gun?->has_ring))>
                    Collector ring for free ions</label>
                <label class="flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox"
                        name="positive" value="1" @checked(old('positive', $gun?->positive))>
                    Charges positive</label>
            </div>
            </div>
        </details>
        <div class="flex gap-3"><button class="btn btn-do">Save</button><a class="btn btn-quiet" href="/guns">Back</a>
        </div>
    </x-edit>
    @if ($gun)
        <form method="post" action="/guns/{{ $gun->id }}/programs"
            class="panel mt-4 max-w-4xl flex flex-wrap items-end gap-3">
            <x-once />
            <h2 class="w-full">Programs</h2>
            <ul class="w-full">
                @foreach ($gun->programs as $program)
                    <li>{{ $program->number }}, {{ $program->name }}: {{ round($program->kv) }} kV{{
                        $program->ua === null ? '' : ', '.round($program->ua).' µA' }}, powder air
                        {{ $gun->model()->airWords($program->air) }}{{ $program->powder_percent === null ? ''
                            : ', powder '.round($program->powder_percent).' %' }}{{
                        $program->atomising_air === null ? ''
                            : ', atomizing air '.$gun->air_unit->show($program->atomising_air) }}</li>
                @endforeach
            </ul>
            <div class="w-24"><x-field name="number" label="Number" inputmode="numeric" /></div>
            <div class="w-52"><x-field name="program_name" label="For" /></div>
            <div class="w-24"><x-field name="kv" label="kV" inputmode="decimal" /></div>
            <div class="w-24"><x-field name="ua" label="µA" inputmode="decimal" /></div>
            <div class="w-32"><x-field name="air" label="Powder air"
                :unit="$gun->model()->airScale()->unit()" inputmode="decimal" /></div>
            <div class="w-32"><x-field name="powder_percent" label="Powder output, %" inputmode="decimal" /></div>
            @if ($gun->has_atomising)
                <div class="w-32"><x-field name="atomising_air" label="Atomizing air" :unit="$gun->air_unit->unit()"
                    inputmode="decimal" /></div>
            @endif
            <button class="btn">Save</button>
        </form>
        <form method="post" action="/guns/{{ $gun->id }}/retire" class="mt-4"><x-once />
            <button class="btn btn-quiet">{{ $gun->retired_at ? 'Back in use' : 'Put it away' }}</button></form>
    @endif
</x-layout>
