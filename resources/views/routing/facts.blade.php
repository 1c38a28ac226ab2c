{{-- What was found at the counter, saved at every change. $part, $route, $ticked, $pinned --}}
@use('Aenum\Core\Preparation\Blasting\Media')
@use('Aenum\Core\Units\Dimension', 'D')
@use('Aenum\Core\Trade\Alloy')
@use('Aenum\Core\Trade\SafetyRole')
@use('Aenum\Core\Trade\Feature')
@use('Aenum\Core\Trade\LicensedHazard')
@use('Aenum\Core\Trade\ServiceEnvironment')
@use('Aenum\Core\Trade\Fabrication')
@use('Aenum\Core\Trade\PartFlag')
@use('Aenum\Core\Trade\ArrivalCondition')
@use('Aenum\Core\Trade\PaintTest')
@use('App\Platform\Presentation\EnumLabels')
@php($facts = $route->facts->part)
<h2>What is it</h2>
<p>
    {{ $facts->metal->name }}, {{ $u->ofOneAndWall($part) }}.
</p>
<x-pick name="made" label="Made how" :options="EnumLabels::of(Fabrication::cases())" :value="$facts->made->value" />
<x-ticks name="on_it" legend="What is on it now" :options="EnumLabels::of(ArrivalCondition::cases())"
    :ticked="$ticked['on_it']" />
<x-ticks
    name="features"
    legend="What it has"
    :options="EnumLabels::of(Feature::cases())"
    :ticked="$ticked['feature']"
    :marked="$pinned"
    mark="pinned"
/>
<x-ticks
    name="is"
    legend="What else is so"
    :options="EnumLabels::of(PartFlag::cases())"
    :ticked="$ticked['mark']"
    :wide="true"
/>
<x-pick
    name="paint_test"
    label="Old paint or powder, tested"
    :options="EnumLabels::of(PaintTest::cases())"
    :value="$facts->paintTest->value"
/>
<x-pick name="lives" label="Where will it live" :options="EnumLabels::of(ServiceEnvironment::cases())"
    :value="$part->job->lives" />
<p>
    How it should look: {{ $part->coatWords() }}. Due
    {{ $part->job->due_on?->format('j M Y') ?? 'not agreed' }}.
    @can('work')
        <a href="/parts/{{ $part->id }}/edit">Change</a>
    @endcan
</p>
<x-pick
    name="duty"
    label="Does safety hang on it"
    :options="EnumLabels::of(SafetyRole::cases())"
    :value="$facts->duty->value"
/>
@if ($facts->isLightAlloy())
    <x-pick name="alloy" label="Which alloy" :options="EnumLabels::of(Alloy::cases())"
        :value="$facts->alloy->value" />
@endif
@if ($facts->family()->hardens())
    <x-field
        name="temper"
        label="Tempered at"
        :unit="$u->unit(D::Temperature)"
        :value="$u->field(D::Temperature, $facts->temperC)"
        hint="If it is hardened and known."
    />
    <x-field
        name="strength_mpa"
        label="Strength, MPa"
        :value="$facts->strengthMpa"
        hint="If known. Over 1,000, acid and heat need a sign-off."
        inputmode="decimal"
    />
@endif
<fieldset id="outside">
    <legend>Outside measures, {{ $u->unit(D::Length) }}</legend>
    <div class="grid grid-cols-3 gap-2">
        @foreach (['long', 'wide', 'high'] as $n => $side)
            <x-field name="box[{{ $n }}]" :label="$side"
                :value="$u->field(D::Length, $part->boxMm()[$n] ?? null)" />
        @endforeach
    </div>
</fieldset>
<x-pick
    name="media"
    label="Blast with"
    :options="Media::names()"
    :value="$part->blast_medium ?? ''"
    empty="not chosen yet"
/>
<x-field
    name="pressure"
    label="at"
    :unit="$u->unit(D::Pressure)"
    :value="$u->field(D::Pressure, $part->blast_bar)"
/>
<details @if ($part->licence || $part->acid_product || $errors->has('licensed_for.*')) open @endif>
    <summary>Licences and products made for it</summary>
    <x-field
        name="licence"
        label="Licensed process on record"
        :value="$part->licence"
        hint="Whose it is, and its number."
    />
    <x-ticks name="licensed_for" legend="It covers" :options="EnumLabels::of(LicensedHazard::cases())"
        :ticked="$ticked['licensed']" />
    <x-field
        name="acid_product"
        label="Acid product made for this metal"
        :value="$part->acid_product"
        hint="Its name, as its sheet has it."
    />
</details>
@can('work')
    <div class="flex items-center gap-3">
        <button class="btn btn-do">Save</button>
        <p id="facts-saved" class="hint" aria-live="polite" data-saved></p>
    </div>
@endcan
