@use('Aenum\Core\Thermal\OvenFigure')
@use('Aenum\Core\Units\Dimension', 'D')
<x-layout :title="$oven?->name ?? 'An oven'">
    <h1 class="mb-3">{{ $oven?->name ?? 'Set an oven up' }}</h1>
    <x-edit :action="$oven ? '/ovens/' . $oven->id : '/ovens'" :new="$oven === null"
        class="panel grid grid-cols-3 max-[900px]:grid-cols-1 gap-4 max-w-5xl mb-5">
        <h2 class="col-span-full">From what you know of it</h2>
        <x-field name="name" label="Name" :value="$oven?->name" />
        <x-pick name="heat" label="Heated how" :options="[
            'electric' => 'electric elements',
            'gas_indirect' => 'gas, indirect',
            'gas_direct' => 'gas, flame in the air',
        ]" :value="$oven?->heat ?? 'electric'" />
        <x-pick name="fan" label="How strong the fan" :options="[
            'none' => 'no fan',
            'gentle' => 'gentle, a ribbon barely moves',
            'normal' => 'normal, a ribbon streams',
            'strong' => 'strong, light parts swing',
        ]" :value="$oven?->fan ?? 'normal'" />
        <x-field name="width" label="Inside width" :unit="$u->unit(D::Size)"
            :value="$u->field(D::Size, $oven?->width_m)" />
        <x-field name="height" label="Inside height" :unit="$u->unit(D::Size)"
            :value="$u->field(D::Size, $oven?->height_m)" />
        <x-field name="depth" label="Inside depth" :unit="$u->unit(D::Size)"
            :value="$u->field(D::Size, $oven?->depth_m)" />
        <x-field name="minutes_to_200" label="Minutes from cold to {{ $u->temp(200) }}, empty"
            :value="$oven?->minutes_to_200"
            inputmode="decimal" hint="Time it once, from a cold morning." />
        <details class="col-span-full" @if ($errors->hasAny(['heater', 'max'])) open @endif>
            <summary>More from its plate; estimated until entered</summary>
            <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4 mt-2">
                <x-field name="heater" label="Heater, from its plate" unit="kW" :value="$oven?->heater_said_kw"
                    hint="Empty: worked out from the minutes." />
                <x-field name="max" label="Hottest setpoint" :unit="$u->unit(D::Temperature)"
                    :value="$u->field(D::Temperature, $oven?->max_c ?? 230, 0)" />
            </div>
        </details>
        <div class="col-span-full"><button class="btn btn-do" name="by" value="answers">Work its figures
                out{{ $oven ? ' again' : '' }}</button></div>
    </x-edit>
    @if ($oven)
        <x-edit :action="'/ovens/' . $oven->id" class="panel grid gap-3 max-w-5xl">
            <h2>Its figures</h2>
            <p class="hint">What the model works with. Change one only where you know better than the estimate.
            </p>
            <input type="hidden" name="name" value="{{ $oven->name }}"><input type="hidden" name="max"
                value="{{ $u->field(D::Temperature, $oven->max_c) }}">
            <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
                @foreach (OvenFigure::cases() as $figure)
                    <x-field :name="$figure->value" :label="ucfirst($figure->label())" :unit="$figure->unit()"
                        :value="$oven->{$figure->value}" :hint="$figure->meaning()" inputmode="decimal" />
                @endforeach
                <x-field name="band_k" label="Control band" unit="K" :value="$oven->band_k" inputmode="decimal"
                    hint="Full power this far under the setpoint, less as it comes near." />
            </div>
            <div><button class="btn" name="by" value="figures">Keep these figures</button></div>
        </x-edit>
        @if ($taught)
            <section class="panel grid gap-3 max-w-5xl mt-5" aria-label="What logs have taught">
                <h2>{{ ucfirst($taught) }}</h2>
                <p>A reading narrows the pull from there; without one the figures above are taken as they stand.</p>
                @can('manage')
                    <form method="post" action="/ovens/{{ $oven->id }}/forget"><x-once /><button
                            class="btn btn-quiet">Back to the figures before the logs</button></form>
                @endcan
            </section>
        @endif
        @if ($fit)
            <section class="panel grid gap-3 max-w-5xl mt-5" aria-label="What its logged bakes say">
                <h2>What its logged bakes say</h2>
                <p>{{ $fit->missLine($u) }} {{ $fit->coupleLine() }}</p>
                <div class="scroll-x" tabindex="0" role="region" aria-label="Figures from logged bakes">
                    <table class="grid-table">
                        <thead>
                            <tr>
                                <th scope="col">Figure</th>
                                <th scope="col" class="n">Now</th>
                                <th scope="col" class="n">From the logs</th>
                                <th scope="col" class="n">Two times in three between</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($fit->rows() as $row)
                                <tr>
                                    <th scope="row">{{ $row['label'] }}</th>
                                    <td class="n">{{ $row['now'] }}</td>
                                    <td class="n"><b>{{ $row['told'] ?? '–' }}</b></td>
                                    <td class="n">{{ $row['band'] ?? 'the logs do not say' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <p>{{ $fit->fit->why() }}</p>
                <p class="hint">Measured over hidden ovens logged three times each, the true figure lay between so
                    often where the model's equations hold; an oven with cold corners or a slipping fan is none of
                    them. Compare what is foretold with the next log.</p>
                @if ($fit->isTaken())
                    <p><b>The oven works with these figures.</b></p>
                @elsecan('manage')
                    <form method="post" action="/ovens/{{ $oven->id }}/fit"><x-once /><button
                            class="btn btn-do">Take these figures</button></form>
                @endif
            </section>
        @endif
    @endif
</x-layout>
