@use('Aenum\Core\Heat\OvenEstimate')
@use('Aenum\Core\Unit\Dimension', 'D')
<x-layout :title="$oven?->name ?? 'An oven'">
    <h1 class="mb-3">{{ $oven?->name ?? 'Set an oven up' }}</h1>
    <form method="post" action="{{ $oven ? '/ovens/' . $oven->id : '/ovens' }}"
        class="panel grid grid-cols-3 max-[900px]:grid-cols-1 gap-4 max-w-5xl mb-5">
        <x-once />
        @if ($oven)
            @method('put')
        @endif
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
        <x-field name="heater" label="Heater, from its plate" unit="kW" :value="$oven?->heater_said_kw"
            hint="Empty: worked out from the minutes." />
        <x-field name="max" label="Hottest setpoint" :unit="$u->unit(D::Temperature)"
            :value="$u->field(D::Temperature, $oven?->max_c ?? 230, 0)" />
        <div class="col-span-full"><button class="btn btn-do" name="by" value="answers">Work its figures
                out{{ $oven ? ' again' : '' }}</button></div>
    </form>
    @if ($oven)
        <form method="post" action="/ovens/{{ $oven->id }}" class="panel grid gap-3 max-w-5xl">
            <x-once /> @method('put')
            <h2>Its figures</h2>
            <p class="hint">What the model works with. Change one only where you know better than the estimate.
            </p>
            <input type="hidden" name="name" value="{{ $oven->name }}"><input type="hidden" name="max"
                value="{{ $u->field(D::Temperature, $oven->max_c) }}">
            <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
                @foreach ([
        'heater_kw' => ['Heater, kW', 'Full power.'],
        'band_k' => ['Control band, K', 'Full power this far under the setpoint, less as it comes near.'],
        'air_kj_per_k' => ['Air side, kJ/K', 'The air and thin things that follow it at once.'],
        'shell_kj_per_k' => ['Shell, kJ/K', 'Inner skin, ducts and rack: what makes a cold oven slow.'],
        'air_to_shell_w_per_k' => ['Air to shell, W/K', 'How fast the air warms the walls.'],
        'shell_loss_w_per_k' => ['Wall loss, W/K', 'What gets out through the insulation.'],
        'vent_w_per_k' => ['Vent, W/K', 'Hot air leaving through the vent.'],
        'door_w_per_k' => ['Open door, W/K', 'What pours out while the door stands open.'],
        'convection_w_per_m2k' => ['Fan on parts, W/m²K', 'How hard the air heats a part.'],
    ] as $field => [$label, $meaning])
                    <x-field :name="$field" :label="$label" :value="$oven->$field" :hint="$meaning"
                        inputmode="decimal" />
                @endforeach
            </div>
            <div><button class="btn" name="by" value="figures">Keep these figures</button></div>
        </form>
        @if ($fit)
            <section class="panel grid gap-3 max-w-5xl mt-5" aria-label="What its logged bakes say">
                <h2>What its logged bakes say</h2>
                <p>{{ $fit->samples }} readings. The model is
                    {{ $u->show(D::TemperatureDifference, $fit->residualBeforeK, 1) }} off in the root mean square
                    with the figures above, and {{ $u->show(D::TemperatureDifference, $fit->residualAfterK, 1) }}
                    with these.</p>
                <div class="scroll-x" tabindex="0" role="region" aria-label="Figures from logged bakes">
                    <table class="grid-table">
                        <thead>
                            <tr>
                                <th scope="col">Figure</th>
                                <th scope="col" class="n">Now</th>
                                <th scope="col" class="n">From the logs</th>
                                <th scope="col">What the logs say of it</th>
                            </tr>
                        </thead>
                        <tbody>
                            @foreach ($fit->figures as $figure => $found)
                                <tr>
                                    <th scope="row">
                                        {{ ['convection_w_per_m2k' => 'Fan on parts, W/m²K',
                                            'air_to_shell_w_per_k' => 'Air to shell, W/K',
                                                'shell_loss_w_per_k' => 'Wall loss, W/K',
                                                    'shell_kj_per_k' => 'Shell, kJ/K'][$figure] }}
                                    </th>
                                    <td class="n">
                                        {{ number_format($found['from'], $found['from'] < 100 ? 1 : 0) }}</td>
                                    <td class="n">
                                        <b>{{ number_format($found['to'], $found['to'] < 100 ? 1 : 0) }}</b></td>
                                    <td>{{ $found['sigma'] > 0.5 ? 'the logs do not say' : 'narrowed' }}</td>
                                </tr>
                            @endforeach
                        </tbody>
                    </table>
                </div>
                <p class="hint">How exact they are is not known: couples lag, read a degree off and start late, and this
                    fit does not allow for it. Compare what they foretell with the next log before you lean on them.</p>
                @can('manage')
                    <form method="post" action="/ovens/{{ $oven->id }}/fit"><x-once /><button
                            class="btn btn-do">Take these figures</button></form>
                @endcan
            </section>
        @endif
    @endif
</x-layout>
