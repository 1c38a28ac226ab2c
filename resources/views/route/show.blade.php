@use('Aenum\Core\Unit\Dimension', 'D')
@use('Aenum\Core\Rule\Facts\PartFacts')
@php($facts = $part->facts ?? [])
@php($pinned = $part->pins->map(fn ($p) => $p->kind->feature())->filter()->all())
@php($words = fn (array $keys) => collect($keys)->mapWithKeys(fn ($k) => [$k => str_replace('_', ' ', $k)]))
<x-layout :title="$part->name.': what it is and its route'" :at="$part->job->isOpen() ? $part->job->station : null">
    <x-part-head :part="$part" at="route" />
    <div class="grid grid-cols-[24rem_minmax(0,1fr)] max-[1000px]:grid-cols-1 gap-5">
        <form method="post" action="/parts/{{ $part->id }}/facts" class="panel grid gap-3 content-start" @can('work') hx-put="/parts/{{ $part->id }}/facts" hx-trigger="change delay:150ms" hx-target="#answer" hx-swap="outerHTML" @endcan>
            @csrf @method('put')
            <h2>What is it</h2>
            <p>{{ $part->metalKind()->name }}, {{ $u->show(D::Mass, $part->mass_kg) }} and {{ $u->show(D::Area, $part->area_m2) }} each{{ $part->wall_mm ? ', from a mean wall of '.$u->show(D::Length, $part->wall_mm) : '' }}.</p>
            <x-pick name="made" label="Made how" :options="$words(PartFacts::MADE)" :value="$facts['made'] ?? (str_starts_with($part->metal, 'cast') ? 'cast' : 'sheet')" />
            <fieldset><legend>What is on it now</legend><div class="grid grid-cols-2">
                @foreach ($words(PartFacts::ON_IT) as $key => $word)<label class="flex items-center gap-2 min-h-[44px] font-normal"><input type="checkbox" name="on_it[]" value="{{ $key }}" @checked(in_array($key, $facts['on_it'] ?? [], true))> {{ $word }}</label>@endforeach
            </div></fieldset>
            <fieldset><legend>What it has</legend><div class="grid grid-cols-2">
                @foreach ($words(PartFacts::FEATURES) as $key => $word)<label class="flex items-center gap-2 min-h-[44px] font-normal"><input type="checkbox" name="features[]" value="{{ $key }}" @checked(in_array($key, $facts['features'] ?? [], true))> {{ $word }}@if (in_array($key, $pinned, true)) <span class="hint">pinned</span>@endif</label>@endforeach
            </div></fieldset>
            <fieldset><legend>What else is so</legend><div class="grid">
                @foreach (['oily' => 'was oily once', 'paint_tested' => 'old paint tested, no lead or chromate', 'plating_new' => 'its plating is new', 'hardened' => 'hardened or sprung', 'heat_treated' => 'heat-treated or structural light alloy', 'vented' => 'hollows are vented'] as $key => $word)<label class="flex items-center gap-2 min-h-[44px] font-normal"><input type="checkbox" name="is[]" value="{{ $key }}" @checked($facts[$key] ?? false)> {{ $word }}</label>@endforeach
            </div></fieldset>
            <x-pick name="lives" label="Where will it live" :options="['indoors' => 'indoors', 'outdoors' => 'outdoors', 'coast' => 'by salt water', 'chemicals' => 'among chemicals']" :value="$part->job->lives" />
            <p>How it should look: {{ $part->coats->isEmpty() ? 'no coat planned yet' : $part->coats->map(fn ($c) => $c->role.' '.$c->powder->name)->join(', then ') }}. Due {{ $part->job->due_on?->format('j M Y') ?? 'not agreed' }}. @can('work')<a href="/parts/{{ $part->id }}/edit">Change</a>@endcan</p>
            <x-pick name="duty" label="Does safety hang on it" :options="$words(PartFacts::DUTIES)" :value="$facts['duty'] ?? 'none'" />
            <x-field name="temper" label="Tempered at" :unit="$u->unit(D::Temperature)" :value="$u->field(D::Temperature, $facts['temper_c'] ?? null)" hint="If it is hardened and known." />
            <fieldset><legend>Outside measures, {{ $u->unit(D::Length) }}</legend><div class="grid grid-cols-3 gap-2">
                @foreach (['long', 'wide', 'high'] as $n => $side)<x-field name="box[{{ $n }}]" :label="$side" :value="$u->field(D::Length, $facts['box_mm'][$n] ?? null)" />@endforeach
            </div></fieldset>
            <x-pick name="media" label="Blast with" :options="collect(Aenum\Core\Blast\MediaCatalogue::keys())->mapWithKeys(fn ($k) => [$k => Aenum\Core\Blast\MediaCatalogue::name($k)])" :value="$facts['blast']['media'] ?? ''" empty="not chosen yet" />
            <x-field name="pressure" label="at" :unit="$u->unit(D::Pressure)" :value="$u->field(D::Pressure, $facts['blast']['pressure_bar'] ?? null)" />
            @can('work')<button class="btn btn-do">Note it</button>@endcan
        </form>
        @include('route.answer')
    </div>
</x-layout>
