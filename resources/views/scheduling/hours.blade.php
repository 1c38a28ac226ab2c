<x-layout title="Hours, hands and benches">
    <h1 class="mb-3">Hours, hands and benches</h1>
    <div class="grid gap-4 max-w-5xl">
        <x-edit action="/hours" class="panel grid gap-3">
            <h2>The shop's hours</h2>
            <p class="hint">Stretches such as 7:30-12:00, 13:00-17:00; nothing for a day off.</p>
            <div class="grid grid-cols-4 max-[900px]:grid-cols-2 gap-3">
                @foreach ($weekdays as $n => $name)
                    <x-field name="hours[{{ $n }}]" :label="$name" :value="$hours[$n] ?? ''" />
                @endforeach
            </div>
            <x-pick name="ovens_overnight" label="A bake may run on while nobody is there"
                :options="[0 => 'no', 1 => 'yes']" :value="(int) $shop->ovens_overnight"
                hint="Only where your insurance, local code and the oven's maker allow it." />
            <x-field name="racks" label="Racks or carts there are" :value="$shop->racks" inputmode="numeric"
                hint="Each load holds one from its hanging to its last bake. Nothing: they are never short." />
            <div><button class="btn btn-do">Save</button></div>
        </x-edit>
        @foreach ($people as $person)
            <x-edit :action="'/hours/'.$person->id" class="panel grid gap-3">
                <h2>{{ $person->name }}</h2>
                <details>
                    <summary>{{ empty($own[$person->id]) ? 'The shop\'s hours' : 'Hours of their own' }}</summary>
                    <div class="grid grid-cols-4 max-[900px]:grid-cols-2 gap-3 py-2">
                        @foreach ($weekdays as $n => $name)
                            <x-field name="hours[{{ $n }}]" id="hours-{{ $person->id }}-{{ $n }}" :label="$name"
                                :value="$own[$person->id][$n] ?? ''" />
                        @endforeach
                    </div>
                </details>
                <fieldset class="flex flex-wrap gap-x-5 gap-y-1">
                    <legend>Works at; none ticked: everywhere</legend>
                    @foreach ($stations as $value => $label)
                        <label class="inline-flex items-center gap-2 min-h-[44px]"><input type="checkbox"
                                name="works_at[]" value="{{ $value }}"
                                @checked(in_array($value, $works[$person->id] ?? [], true))>{{ $label }}</label>
                    @endforeach
                </fieldset>
                <div><button class="btn btn-quiet">Save</button></div>
            </x-edit>
        @endforeach
        <section class="panel grid gap-3" aria-label="Benches">
            <h2>Benches</h2>
            <p class="hint">Where one thing is worked on at a time. Ovens are on their own page.</p>
            @foreach ($benches as $bench)
                <form method="post" action="/benches/{{ $bench->id }}/retire" class="flex gap-3 items-center"><x-once />
                    <span class="w-64">{{ $bench->name }}</span>
                    <span class="hint w-40">{{ $bench->station->label() }}</span>
                    <button class="btn btn-quiet">Not any more</button>
                </form>
            @endforeach
            <form method="post" action="/benches" class="grid grid-cols-[1fr_1fr_auto] max-[900px]:grid-cols-1 gap-3
                items-end"><x-once />
                <x-field name="bench" label="Another bench" />
                <x-pick name="station" id="bench-station" label="At" :options="$stations" />
                <button class="btn btn-quiet">Add</button>
            </form>
        </section>
    </div>
</x-layout>
