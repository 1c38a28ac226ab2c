{{-- Powder leaves its lot. --}}
@use('Aenum\Core\Units\Dimension', 'D')
<form method="post" action="/batches/{{ $board->batch->id }}/weigh" class="panel flex flex-wrap items-end gap-3">
    <x-once />
    <input type="hidden" name="batch_id" value="{{ $board->batch->id }}">
    <span id="weigh-set" hidden>
        @foreach ($board->carried() as $name => $value)
            <input type="hidden" name="{{ $name }}" value="{{ $value }}">
        @endforeach
    </span>
    <div class="w-56">
        <x-pick name="powder_lot" label="Lot" :options="$board->batches()" :value="$board->from?->id"
            empty="not on the shelf's books" />
    </div>
    @include('application.coat.scale', ['name' => 'weighed', 'shows' => null, 'spraying' => null,
        'asked' => $plan->weighOutG()])
    <div class="grow min-w-40"><x-field name="note" id="coat-note" label="Note" /></div>
    <label class="w-full flex items-center gap-3 min-h-[44px] font-normal"><input type="checkbox" name="respirator"
            value="1" required>
        Respirator on; the part, the booth and I are grounded</label>
    @error('respirator')
        <p class="wrong w-full">{{ $message }}</p>
    @enderror
    <button class="btn btn-do">Start spraying</button>
</form>
<form method="post" action="/batches/{{ $board->batch->id }}/coated" class="panel flex flex-wrap items-end gap-3"
    aria-label="Sprayed already">
    <x-once />
    <input type="hidden" name="coat" value="{{ $board->coat->id }}">
    <input type="hidden" name="batch_id" value="{{ $board->batch->id }}">
    <p class="w-full hint">Or sprayed already, neither weighed nor ticked:</p>
    <div class="w-32"><x-field name="pieces" :label="'Pieces, of '.$board->batch->count" :value="$board->batch->count"
        inputmode="numeric" /></div>
    <div class="w-40"><x-field name="powder_lot" id="box-lot" label="Lot on the box"
        :value="$board->from->number ?? $board->coat->powder->lot" /></div>
    <div class="grow min-w-40"><x-field name="note" id="already-note" label="Note on the spraying" /></div>
    <button class="btn">Powder is on: log it</button>
</form>
