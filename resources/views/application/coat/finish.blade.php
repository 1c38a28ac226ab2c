{{-- Powder is on, or off again. --}}
@use('Aenum\Core\Units\Dimension', 'D')
<form method="post" action="/sprayings/{{ $board->open->id }}/done" enctype="multipart/form-data"
    class="panel flex flex-wrap items-end gap-3">
    <x-once />
    <input type="hidden" name="batch_id" value="{{ $board->batch->id }}">
    <div class="w-28"><x-field name="pieces" :label="'Pieces, of '.$board->batch->count" :value="$board->batch->count"
        inputmode="numeric" /></div>
    @include('application.coat.scale', [
        'name' => 'back', 'shows' => null, 'spraying' => $board->open->id, 'asked' => 0,
    ])
    <div class="w-28"><x-field name="minutes" id="coat-minutes" label="It took, min" inputmode="decimal" /></div>
    <div class="w-32"><x-field name="part_is" label="Part was at" :unit="$u->unit(D::Temperature)"
        inputmode="decimal" /></div>
    @include('application.coat.raw', ['spraying' => $board->open, 'shows' => null])
    <details class="grow" {{ $errors->has('file') ? 'open' : '' }}>
        <summary>Raw readings from a gauge's file</summary>
        <x-gauge-file />
    </details>
    <div class="grow min-w-40"><x-field name="note" id="coat-note" label="Note on the spraying"
        hint="A fault of gun or air, and what was decided." /></div>
    <button @class(['btn', 'btn-do' => $board->checksLeft() === 0 && $board->open->passesLeft() === 0])>Powder is on:
        log it</button>
</form>
@include('application.coat.blow-off', ['spraying' => $board->open])
