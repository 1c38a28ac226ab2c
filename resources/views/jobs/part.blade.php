@use('Aenum\Core\Unit\Dimension', 'D')
@php($sections = App\Support\Typed::rows('sections',
    $part?->sections->map(fn($s) => ['name' => $s->name, 'mass_kg' => $u->field(D::Mass, $s->mass_kg),
        'area_m2' => $u->field(D::Area, $s->area_m2)])->all() ?? []))
@php($coats = App\Support\Typed::rows('coats',
    $part?->coats->map(fn($c) => ['role' => $c->role, 'powder_id' => $c->powder_id,
        'bake_to' => $c->bake_to])->all() ?? []))
<x-layout :title="$part?->name ?? 'A part'" :at="$job->station">
    <p><a href="/jobs/{{ $job->id }}">Job {{ $job->number }}, {{ $job->title }}</a></p>
    <h1 class="mb-3">{{ $part?->name ?? 'What part came with it?' }}</h1>
    <form method="post" action="{{ $part ? '/parts/' . $part->id : '/jobs/' . $job->id . '/parts' }}"
        class="grid gap-4 max-w-5xl">
        <x-once />
        @if ($part)
            @method('put')
        @endif
        <div class="panel grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
            <x-field name="name" label="Part" :value="$part?->name" autofocus />
            <x-field name="count" label="How many" :value="$part?->count ?? 1" inputmode="numeric" />
            <div><x-pick name="metal" label="Metal" :options="$metals" :value="$part?->metal ?? request('metal')"
                empty="Pick one"
                    hint="A magnet holds to steel and iron, not to aluminium, brass or most stainless." /><a
                    class="inline-flex items-center min-h-[44px]" href="/metal?job={{ $job->id }}">Which metal
                    is it?</a></div>
            <x-field name="mass_kg" label="Mass of one" :unit="$u->unit(D::Mass)"
                :value="$u->field(D::Mass, $part?->mass_kg)"
                hint="On the scale; “12 lb” is understood." />
            <x-field name="area_m2" label="Area of one, all faces" :unit="$u->unit(D::Area)"
                :value="$u->field(D::Area, $part?->area_m2)"
                hint="Leave empty to have it worked out from the mean wall." />
            <x-field name="wall_mm" label="Mean wall" :unit="$u->unit(D::Length)"
                :value="$u->field(D::Length, $part?->wall_mm)"
                hint="Area = 2 × mass ÷ (density × wall). “3/8 in” is understood." />
        </div>
        <fieldset class="panel">
            <legend class="font-semibold px-1">Thick and thin regions</legend>
            <p class="hint mb-2">Only where a part has both: a heavy foot and a thin arm. Each is one piece's share;
                together they are the part. Blank rows are left out.</p>
            @error('sections')
                <p class="wrong">{{ $message }}</p>
            @enderror
            <div class="grid gap-2">
                @for ($i = 0; $i < max(2, count($sections) + 1); $i++)
                    <div class="grid grid-cols-3 max-[900px]:grid-cols-1 gap-3">
                        <x-field name="sections[{{ $i }}][name]" label="Region" :value="$sections[$i]['name'] ?? ''" />
                        <x-field name="sections[{{ $i }}][mass_kg]" label="Its mass" :unit="$u->unit(D::Mass)"
                            :value="$sections[$i]['mass_kg'] ?? ''" />
                        <x-field name="sections[{{ $i }}][area_m2]" label="Its area" :unit="$u->unit(D::Area)"
                            :value="$sections[$i]['area_m2'] ?? ''" />
                    </div>
                @endfor
            </div>
        </fieldset>
        <fieldset class="panel">
            <legend class="font-semibold px-1">Coats, from the metal up</legend>
            @error('coats')
                <p class="wrong">{{ $message }}</p>
            @enderror
            @if ($powders->isEmpty())
                <p>No powder on the shelf yet. <a href="/powders/create">Put one there</a></p>
            @endif
            <div class="grid gap-2">
                @for ($i = 0; $i < max(2, count($coats) + 1); $i++)
                    <div class="grid grid-cols-[10rem_1fr_16rem] max-[900px]:grid-cols-1 gap-3">
                        <x-pick name="coats[{{ $i }}][role]" label="Coat {{ $i + 1 }}"
                            :options="['primer' => 'Primer', 'base' => 'Base', 'mid' => 'Mid', 'clear' => 'Clear']"
                                :value="$coats[$i]['role'] ?? ($i ? 'clear' : 'base')" />
                        <x-pick name="coats[{{ $i }}][powder_id]" label="Powder"
                            :options="$powders->pluck('name', 'id')"
                            :value="$coats[$i]['powder_id'] ?? ''" empty="None" />
                        <x-pick name="coats[{{ $i }}][bake_to]" label="Bake it until"
                            :options="['full' => 'fully cured', 'flow' => 'flowed, for the next coat']"
                            :value="$coats[$i]['bake_to'] ?? 'full'" />
                    </div>
                @endfor
            </div>
        </fieldset>
        <div class="flex gap-3"><button class="btn btn-do">Save</button><a class="btn btn-quiet"
                href="/jobs/{{ $job->id }}">Back</a></div>
    </form>
    @if ($part)
        <form method="post" action="/parts/{{ $part->id }}/withdraw" class="mt-6">
            <x-once />
            <button class="btn btn-stop">Take {{ $part->name }} off the job</button>
        </form>
    @endif
</x-layout>
