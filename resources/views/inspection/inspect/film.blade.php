@use('Aenum\Core\Inspection\FilmGauge')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Inspection\Queries\FilmStack')
{{-- Film over everything baked so far. $board, $pick --}}
@php($stack = $board->over->stack)
<section class="panel grid gap-3" aria-label="Film">
    <h3>Film <span class="hint font-normal">{{ $u->said($stack->words()) }}; {{ $board->way()->label() }}</span></h3>
    <p class="hint">{{ FilmGauge::words($pick->part->metalKind()->family) }} It reads all coats
        together. Three readings a spot.</p>
    <form method="post" action="/coats/{{ $stack->top->id }}/film" enctype="multipart/form-data" class="grid gap-3">
        <x-once />
        <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
        @include('inspection.inspect.spots', [
            'batch' => $pick->batch, 'spots' => $board->spots(), 'shows' => [], 'source' => 'typed',
        ])
        <div class="flex flex-wrap items-end gap-3">
            <x-gauge-file />
            <button class="btn btn-do">Judge the film</button>
        </div>
    </form>
    @foreach (FilmStack::zones($pick->walk) as $zone)
        @php($zoned = FilmStack::of($pick->walk, $zone))
        @if ($zoned && $zoned->top->id !== $stack->top->id)
            <form method="post" action="/coats/{{ $zoned->top->id }}/film" class="flex flex-wrap items-end gap-3">
                <x-once />
                <input type="hidden" name="lot" value="{{ $pick->batch->id }}">
                <div class="grow"><x-field name="readings" :id="'film-zone-'.$zoned->top->id" :label="'On '.$zone"
                    :unit="$u->unit(D::Film)" :hint="$u->said($zoned->words())" /></div>
                <button class="btn">Judge it</button>
            </form>
        @endif
    @endforeach
</section>
