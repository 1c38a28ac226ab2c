{{-- Rub, lattice, gloss, colour: each with how it is done. $board, $pick --}}
@use('Aenum\Core\Inspection\CrossCut')
@use('Aenum\Core\Inspection\Gloss')
@use('Aenum\Core\Inspection\RubPressure')
@use('Aenum\Core\Inspection\SolventRub')
@php($coat = $board->over->stack->top)
<section class="panel grid gap-3" aria-label="Tests">
    <h3>Rub with solvent <span class="hint font-normal">cotton cloth soaked, there and back is one; half a minute later
            with the nail</span></h3>
    <form method="post" action="/coats/{{ $coat->id }}/solvent-rub" class="flex flex-wrap items-end gap-3">
        <x-once />
        <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
        <div class="w-28"><x-pick name="rubs" id="rubs-{{ $coat->id }}" label="Double rubs"
            :options="array_combine(SolventRub::RUBS, SolventRub::RUBS)" value="50" /></div>
        <div class="w-28"><x-field name="solvent" id="solvent-{{ $coat->id }}" label="Solvent" value="MEK" /></div>
        <div class="w-44"><x-pick name="pressure" label="Pressed"
            :options="collect(RubPressure::cases())->mapWithKeys(fn ($p) => [$p->value => $p->label()])"
            value="firm" /></div>
        <div class="grow min-w-60"><x-pick name="rating" id="rating-{{ $coat->id }}" label="What it did"
            :options="collect(SolventRub::RATINGS)->map(fn ($t, $n) => $n.', '.$t)" empty="Pick one" /></div>
        <button class="btn">Write the rub down</button>
    </form>
    @unless ($coat->powder->solvent_proof)
        <p class="hint">{{ $coat->powder->name }} never stands solvent: a rub is written down and not judged.</p>
    @endunless
    <x-caution>Solvents burn: no hot part, no spark, gloves for that solvent, air on, cloths into a lidded metal
        bin.</x-caution>
    <details @if ($errors->hasAny(['lattice', 'gloss', 'angle', 'master', 'lab_l', 'lab_a', 'lab_b'])) open @endif>
        <summary>Lattice, gloss, colour</summary>
        <div class="grid gap-4">
            <form method="post" action="/coats/{{ $coat->id }}/cross-cut" class="flex flex-wrap items-end gap-3">
                <x-once />
                <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
                <p class="basis-full hint">Cross-cut: {{ $board->latticeWords() }} A knife slips: cut away from the
                    hand. It leaves a mark: on a test piece where there is one.</p>
                <div class="grow min-w-60"><x-pick name="lattice" label="Lattice"
                    :options="collect(CrossCut::RATINGS)->map(fn ($t, $n) => $n.', '.$t)" empty="Pick one" /></div>
                <div class="w-40"><x-pick name="limit" label="Agreed up to" :options="range(0, 5)"
                    :value="CrossCut::USUAL_LIMIT" /></div>
                <button class="btn">Write it down</button>
            </form>
            <form method="post" action="/coats/{{ $coat->id }}/gloss" class="flex flex-wrap items-end gap-3">
                <x-once />
                <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
                <p class="basis-full hint">Gloss: zeroed on its tile, flat and clean, three places.
                    {{ $board->glossWords() }}</p>
                <div class="w-40"><x-field name="gloss" label="Gloss units" inputmode="decimal" /></div>
                <div class="w-32"><x-pick name="angle" label="Angle"
                    :options="collect(Gloss::ANGLES)->mapWithKeys(fn ($a) => [$a => $a.'°'])" value="60" /></div>
                <button class="btn">Write it down</button>
            </form>
            <form method="post" action="/coats/{{ $coat->id }}/color" class="flex flex-wrap items-end gap-3">
                <x-once />
                <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
                <p class="basis-full hint">Colour: part and master at the same temperature, the same opening, flat and
                    clean.
                    @if ($coat->powder->masters->isEmpty())
                        <a href="/powders/{{ $coat->powder_id }}">Keep a master of {{ $coat->powder->name }} first</a>
                    @endif
                </p>
                <div class="grow min-w-52"><x-pick name="master" id="colour-master" label="Master"
                    :options="$coat->powder->masters->mapWithKeys(fn ($m) => [$m->id => $m->words()])"
                    empty="Pick one" /></div>
                @foreach (['lab_l' => 'L*', 'lab_a' => 'a*', 'lab_b' => 'b*'] as $name => $label)
                    <div class="w-24"><x-field :name="$name" :label="$label" inputmode="text" /></div>
                @endforeach
                <button class="btn">Compare</button>
            </form>
        </div>
    </details>
</section>
