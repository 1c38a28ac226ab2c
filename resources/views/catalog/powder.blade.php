@use('Aenum\Core\Curing\Chemistry')
@use('Aenum\Core\Curing\TimingCriterion')
@use('Aenum\Core\Trade\BeforeClear')
@use('Aenum\Core\Trade\ClearNeed')
@use('Aenum\Core\Trade\Effect')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Accounts\Models\Shop')
@use('App\Platform\Presentation\EnumLabels')
@use('App\Platform\Presentation\OldInput')
@php($rows = OldInput::rows('rows',
    $powder?->rows->map(fn($r) => ['pmt_c' => $u->field(D::Temperature, $r->pmt_c), 'min_minutes' => $r->min_minutes,
        'max_minutes' => $r->max_minutes])->all() ?? []))
<x-layout :title="$powder?->name ?? 'A powder'">
    <h1 class="mb-3">{{ $powder?->name ?? 'Put a powder on the shelf' }}</h1>
    <x-edit :action="$powder ? '/powders/' . $powder->id : '/powders'" :new="$powder === null"
        class="grid gap-4 max-w-5xl">
        <div class="panel grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
            <x-field name="name" label="Name" :value="$powder?->name" />
            <x-pick name="chemistry" label="Chemistry"
                :options="collect(Chemistry::keys())->mapWithKeys(fn($k) => [$k => $k])"
                    :value="$powder?->chemistry->value" />
            <x-field name="colour" label="Colour on screen" type="color" :value="$powder?->colour ?? '#777777'" />
            <x-field name="film_min" label="Film from" :unit="$u->unit(D::Film)"
                :value="$u->field(D::Film, $powder->film_min_um ?? 60.0)" />
            <x-field name="film_max" label="Film to" :unit="$u->unit(D::Film)"
                :value="$u->field(D::Film, $powder->film_max_um ?? 90.0)" />
            <x-field name="price_kg" label="Price a kilogram" :unit="Shop::current()->currency"
                :value="$powder?->price_kg" inputmode="decimal" />
        </div>
        <fieldset class="panel">
            <legend class="font-semibold px-1">Cure schedule, part metal temperature</legend>
            @error('rows')
                <p class="wrong mb-2">{{ $message }}</p>
            @enderror
            <x-cure-row :at="0" :row="$rows[0] ?? []" />
            <details @if (count($rows) > 1 || $errors->hasAny(['rows', 'rows.*'])) open @endif>
                <summary>More rows of the data sheet</summary>
                <div class="grid gap-2">
                    @for ($i = 1; $i < max(3, count($rows) + 1); $i++)
                        <x-cure-row :at="$i" :row="$rows[$i] ?? []" />
                    @endfor
                </div>
            </details>
        </fieldset>
        <details class="panel"
            @if ($errors->any() && ! $errors->hasAny(['name', 'film_min', 'film_max', 'rows'])) open @endif>
            <summary class="font-semibold">More from the data sheet; estimated until entered</summary>
            <div class="grid gap-4 mt-3">
                <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
            <x-field name="maker" label="Maker" :value="$powder?->maker" />
            <x-field name="lot" label="Lot" :value="$powder?->lot" />
            <x-field name="finish" label="Finish" :value="$powder?->finish"
                hint="Such as “fine texture” or “gloss 80”." />
            <x-field name="specific_gravity" label="Specific gravity" :value="$powder?->specific_gravity"
                inputmode="decimal" hint="Empty: 1.5, an estimate." />
            <x-field name="window" label="Window counts from" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $powder?->window_c)"
                hint="Empty: the coolest row." />
            <x-field name="flow" label="Flows from" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $powder?->flow_c)"
                hint="Where the sheet gives it." />
            <x-field name="flow_minutes" label="Minutes to flow there" :value="$powder?->flow_minutes" />
            <x-pick name="effect" label="Effect" :options="EnumLabels::of(Effect::cases())"
                :value="$powder?->effect ?? 'plain'" />
            <x-pick name="before_clear" label="Before its clear goes on"
                :options="EnumLabels::of(BeforeClear::cases())"
                    :value="$powder?->before_clear ?? 'silent'" />
            <x-field name="door" label="Timed row: oven at" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $powder?->door_c)" hint="Where its sheet counts from the door." />
            <x-field name="door_minutes" label="Timed row: minutes from the door" :value="$powder?->door_minutes"
                inputmode="decimal" />
            <x-pick name="clock_way" label="Its sheet counts the cure"
                :options="EnumLabels::of(TimingCriterion::cases())"
                empty="as the house does" :value="$powder?->clock_way?->value ?? ''" />
            @foreach (['zinc_rich' => 'Zinc-rich primer', 'gas_tolerant' => 'Lets gas through',
                'conductive' => 'Conductive'] as $flag => $label)
                <div class="flex items-center gap-3"><input type="hidden" name="{{ $flag }}"
                        value="0"><input type="checkbox" id="{{ $flag }}" name="{{ $flag }}"
                        value="1" @checked(old($flag, $powder?->$flag ?? false))><label
                        for="{{ $flag }}">{{ $label }}</label></div>
            @endforeach
            <div class="flex items-center gap-3"><input type="hidden" name="solvent_proof" value="0"><input
                    type="checkbox" id="solvent_proof" name="solvent_proof" value="1"
                    @checked(old('solvent_proof', $powder?->solvent_proof ?? true))><label for="solvent_proof">Stands
                        solvent when cured</label></div>
        </div>
        <fieldset class="panel grid grid-cols-4 max-[900px]:grid-cols-2 gap-4">
            <legend class="font-semibold px-1">At the gun and on the shelf</legend>
            <x-pick name="clear_need" label="A clear on it"
                :options="EnumLabels::of(ClearNeed::cases())"
                :value="$powder?->clear_need->value ?? 'silent'" />
            <x-pick name="outdoors" label="Fit for outdoors" :options="['1' => 'yes', '0' => 'no']"
                empty="the sheet does not say" :value="EnumLabels::flag($powder?->outdoors)" />
            <x-pick name="bonded" label="Its flake" :options="['1' => 'bonded', '0' => 'blended']"
                empty="none, or not known" :value="EnumLabels::flag($powder?->bonded)" />
            <x-field name="softens" label="Softens at" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $powder?->softens_c)" />
            <x-field name="box_size" label="A box holds" :unit="$u->unit(D::Mass)"
                :value="$u->field(D::Mass, $powder?->box_kg, 2)" inputmode="decimal" />
            <x-field name="least_order" label="Least order" :unit="$u->unit(D::Mass)"
                :value="$u->field(D::Mass, $powder?->least_order_kg, 2)" inputmode="decimal" />
            <x-field name="supplier_days" label="Supplier takes, days" :value="$powder?->supplier_days"
                inputmode="numeric" />
            <x-field name="keep_below" label="Kept dry, below" :unit="$u->unit(D::Temperature)"
                :value="$u->field(D::Temperature, $powder?->keep_below_c)" />
            <x-field name="transfer" label="First-pass transfer, %"
                :value="$powder?->transfer === null ? '' : round(100 * $powder->transfer, 1)" inputmode="decimal" />
            <x-field name="lel" label="Lower explosive limit, g/m³" :value="$powder?->lel_g_m3" inputmode="decimal" />
            <x-field name="shrink" label="Raw to cured, ×" :value="$powder?->shrink" inputmode="decimal"
                hint="Empty: 0.55." />
            <x-field name="gloss_low" label="Gloss at 60°, from" :value="$powder?->gloss_low" inputmode="decimal" />
            <x-field name="gloss_high" label="Gloss at 60°, to" :value="$powder?->gloss_high" inputmode="decimal" />
            <x-field name="charge" label="Charge of a gram, µC" :value="$powder?->charge_uc_g" inputmode="decimal" />
            <x-field name="ohm_m" label="Resistivity, Ω·m" :value="$powder?->ohm_m" inputmode="decimal"
                hint="Such as 1e13." />
        </fieldset>
            </div>
        </details>
        <div class="flex gap-3"><button class="btn btn-do">Save</button><a class="btn btn-quiet"
                href="/powders">Back</a></div>
    </x-edit>
    @if ($powder)
        <form method="post" action="/powders/{{ $powder->id }}/retire" class="mt-5"><x-once /><button
                class="btn btn-quiet">{{ $powder->retired_at ? 'Back on the shelf' : 'Take off the shelf' }}</button>
        </form>
    @endif
</x-layout>
