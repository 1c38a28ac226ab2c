@use('Aenum\Core\Thermal\Joint')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\OldInput')
@php($sections = OldInput::rows('sections',
    $part?->sections->map(fn($s) => ['name' => $s->name, 'mass_kg' => $u->field(D::Mass, $s->mass_kg),
        'area_m2' => $u->field(D::Area, $s->area_m2)])->all() ?? []))
@php($coats = OldInput::rows('coats',
    $part?->coats->map(fn($c) => ['role' => $c->role, 'powder_id' => $c->powder_id,
        'bake_to' => $c->bake_to, 'zone' => $c->zone, 'share' => 100 * $c->share,
        'edge' => $u->field(D::Size, $c->edge_m)])->all() ?? []))
<x-layout :title="$part?->name ?? 'A part'" :at="$job->station">
    <p><a href="/jobs/{{ $job->id }}">Job {{ $job->number }}, {{ $job->title }}</a></p>
    <h1 class="mb-3">{{ $part?->name ?? 'What part came with it?' }}</h1>
    <x-edit :action="$part ? '/parts/' . $part->id : '/jobs/' . $job->id . '/parts'" :new="$part === null"
        class="grid gap-4 max-w-5xl">
        {{-- What Enter presses: saving, not the question of the metal that comes before it. --}}
        <button hidden>Save</button>
        @if ($part)
            <input type="hidden" name="part" value="{{ $part->id }}">
        @endif
        <div class="panel grid grid-cols-3 max-[900px]:grid-cols-1 gap-4">
            <x-field name="name" label="Part" :value="$part?->name" autofocus />
            <x-field name="count" label="How many" :value="$part?->count ?? 1" inputmode="numeric" />
            <div><x-pick name="metal" label="Metal" :options="$metals" :value="$metal ?? $part?->metal"
                empty="Pick one"
                    hint="A magnet holds to steel and iron, not to aluminium, brass or most stainless." />
                <button class="btn btn-quiet" formaction="/jobs/{{ $job->id }}/metal" formnovalidate>Which metal is
                    it?</button></div>
            <x-field name="mass_kg" label="Mass of one" :unit="$u->unit(D::Mass)"
                :value="$u->field(D::Mass, $part?->mass_kg)"
                hint="On the scale; may wait until the part bench has it, but nothing is baked before." />
            <x-field name="area_m2" label="Area of one, all faces" :unit="$u->unit(D::Area)"
                :value="$u->field(D::Area, $part?->area_m2)"
                hint="Leave empty to have it worked out from the mean wall." />
            <x-field name="wall_mm" label="Mean wall" :unit="$u->unit(D::Length)"
                :value="$u->field(D::Length, $part?->wall_mm)"
                hint="Area = 2 × mass ÷ (density × wall), half of it where the inside is closed." />
            <x-pick name="outside_only" label="Its inside, for an area from the wall"
                :options="['0' => 'open to the oven and the gun, or a sheet', '1' => 'closed: only the outside counts']"
                :value="(int) ($part?->outside_only ?? false)" />
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
            <div class="grid grid-cols-4 max-[900px]:grid-cols-1 gap-3 mt-3">
                <x-pick name="joint" label="How they hang together"
                    :options="collect(Joint::cases())->mapWithKeys(fn($one) => [$one->value => $one->label()])"
                    :value="$part?->joint ?? 'casting'" hint="Metal between them carries heat: a rim feeds its hub." />
                <x-field name="joint_many" label="Number of spokes" :value="$part?->joint_many" inputmode="numeric" />
                <x-field name="joint_thick_mm" label="One is thick" :unit="$u->unit(D::Length)"
                    :value="$u->field(D::Length, $part?->joint_thick_mm)" />
                <x-field name="joint_long_mm" label="One is long, or the seam" :unit="$u->unit(D::Length)"
                    :value="$u->field(D::Length, $part?->joint_long_mm)" />
            </div>
            @if ($part && $part->sections->count() > 1)
                <x-regions :part="$part" />
            @endif
        </fieldset>
        <datalist id="zones">
            @foreach (['rim', 'letters', 'face', 'back', 'foot'] as $zone)
                <option value="{{ $zone }}"></option>
            @endforeach
        </datalist>
        <fieldset class="panel" id="coats">
            <legend class="font-semibold px-1">Coats, from the metal up</legend>
            @error('coats')
                <p class="wrong">{{ $message }}</p>
            @enderror
            @if ($powders->isEmpty())
                <p>No powder on the shelf yet. <a href="/powders/create">Put one there</a></p>
            @endif
            <p class="hint mb-2">Left to the house, a coat under another is baked as its sheet says, or as the house
                goes between coats. Two colours: say where the second one goes, and its share of the area.</p>
            @php($shown = max(2, count($coats) + 1))
            <div class="grid gap-3">
                @for ($i = 0; $i < min($shown, $mostCoats); $i++)
                    <x-coat-row :at="$i" :coat="$coats[$i] ?? []" :powders="$powders" />
                @endfor
            </div>
            @if ($shown < $mostCoats)
                <details class="mt-3">
                    <summary>More coats</summary>
                    <div class="grid gap-3">
                        @for ($i = $shown; $i < $mostCoats; $i++)
                            <x-coat-row :at="$i" :coat="[]" :powders="$powders" />
                        @endfor
                    </div>
                </details>
            @endif
        </fieldset>
        <div class="flex gap-3"><button class="btn btn-do">Save</button><a class="btn btn-quiet"
                href="/jobs/{{ $job->id }}">Back</a></div>
    </x-edit>
    @if ($part)
        <form method="post" action="/parts/{{ $part->id }}/withdraw" class="mt-6">
            <x-once />
            <button class="btn btn-stop">Take {{ $part->name }} off the job</button>
        </form>
    @endif
</x-layout>
