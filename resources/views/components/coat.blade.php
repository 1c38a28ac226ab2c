@props(['coat', 'lot' => null, 'inspects' => false])
@use('Aenum\Core\Inspect\SolventRub')
@use('Aenum\Core\Unit\Dimension', 'D')
@use('App\Actions\Lot\CoatOfLot')
<div class="border-t border-line mt-2 pt-2">
    <p class="flex flex-wrap items-center gap-2"><x-swatch :colour="$coat->powder->colour" />
        <b>{{ ucfirst($coat->role) }}: {{ $coat->powder->name }}</b>{{ $coat->zoneWords() }}
        @if ($lot)
            <span>{{ $u->said(CoatOfLot::standing($coat, $lot)->words()) }}</span>
        @endif
    </p>
    @if (! $lot)
        @foreach ($coat->part->lotsThere() as $one)
            <p class="hint">{{ $one->label() === '' ? '' : $one->title().': ' }}{{
                $u->said(CoatOfLot::standing($coat, $one)->words()) }}</p>
        @endforeach
    @endif
    @foreach ($coat->inspections as $inspection)
        <p><x-finding :inspection="$inspection" /></p>
    @endforeach
    @if ($inspects)
        @can('work')
            <div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4 mt-2">
                <form method="post" action="/coats/{{ $coat->id }}/film" class="grid gap-2 content-start">
                    <x-once /><input type="hidden" name="lot" value="{{ $lot->id }}">
                    <label for="film-{{ $coat->id }}">Film readings, {{ $u->unit(D::Film) }}</label>
                    <textarea id="film-{{ $coat->id }}" name="readings" rows="2"
                        inputmode="decimal">{{ App\Support\Typed::text('readings') }}</textarea>
                    <p class="hint">Sheet: {{ $u->show(D::Film, $coat->powder->film_min_um) }} to
                        {{ $u->show(D::Film, $coat->powder->film_max_um) }}. Spaces between.</p>
                    <button class="btn">Judge the film</button>
                </form>
                <form method="post" action="/coats/{{ $coat->id }}/solvent-rub" class="grid gap-2 content-start">
                    <x-once /><input type="hidden" name="lot" value="{{ $lot->id }}">
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
