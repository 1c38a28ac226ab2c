@props(['coat', 'job'])
@use('Aenum\Core\Inspect\SolventRub')
@use('Aenum\Core\Word\Station')
@use('Aenum\Core\Unit\Dimension', 'D')
@php($fresh = $coat->results->where('fresh', true))
@php($state = $fresh->last()?->state)
<div class="border-t border-line mt-2 pt-2">
    <p class="flex items-center gap-2"><x-swatch :colour="$coat->powder->colour" /> <b>{{ ucfirst($coat->role) }}:
            {{ $coat->powder->name }}</b>
        <span>{{ $state ? $state->label() : 'not baked yet' }}@if ($fresh->isNotEmpty())
                · dose {{ number_format($fresh->min('dose'), 2) }}
            @endif
        </span>
    </p>
    @foreach ($coat->inspections as $inspection)
        <p><x-finding :inspection="$inspection" /></p>
    @endforeach
    @if ($job->isOpen() && $job->station === Station::Inspect)
        @can('work')
            <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 mt-2">
                <form method="post" action="/coats/{{ $coat->id }}/film" class="grid gap-2 content-start">
                    <x-once />
                    <label for="film-{{ $coat->id }}">Film readings, {{ $u->unit(D::Film) }}</label>
                    <textarea id="film-{{ $coat->id }}" name="readings" rows="2"
                        inputmode="decimal">{{ App\Support\Typed::text('readings') }}</textarea>
                    <p class="hint">Sheet: {{ $u->show(D::Film, $coat->powder->film_min_um) }} to
                        {{ $u->show(D::Film, $coat->powder->film_max_um) }}. Spaces between.</p>
                    <button class="btn">Judge the film</button>
                </form>
                <form method="post" action="/coats/{{ $coat->id }}/solvent-rub" class="grid gap-2 content-start">
                    <x-once />
                    <div class="grid grid-cols-2 gap-2">
                        <x-pick name="rubs" id="rubs-{{ $coat->id }}" label="Double rubs"
                            :options="array_combine(SolventRub::RUBS, SolventRub::RUBS)"
                            value="50" />
                        <x-field name="solvent" id="solvent-{{ $coat->id }}" label="Solvent" value="MEK" />
                    </div>
                    <x-pick name="rating" id="rating-{{ $coat->id }}" label="What it did"
                        :options="collect(SolventRub::RATINGS)->map(fn($t, $n) => $n . ', ' . $t)"
                        empty="Pick one" />
                    <button class="btn">Write the rub down</button>
                </form>
            </div>
        @endcan
    @endif
</div>
