{{-- Splits, joins, scraps a lot, or hangs it elsewhere. --}}
@props(['walk'])
@use('Aenum\Core\Trade\Station')
@php($batch = $walk->batch)
@php($beside = $batch->part->lotsThere()->filter(fn ($one) => $one->isOpen() && $one->id !== $batch->id
    && $one->station === $batch->station))
<div class="grid grid-cols-2 max-[900px]:grid-cols-1 gap-4">
    @if ($batch->count > 1)
        <form method="post" action="/batches/{{ $batch->id }}/split" class="grid gap-2 content-start">
            <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
            <h3>Split some off</h3>
            <div class="grid grid-cols-2 gap-2">
                <x-field name="pieces" :id="'pieces-'.$batch->id" label="Pieces" inputmode="numeric" />
                <x-field name="name" :id="'lot-name-'.$batch->id" label="On (cart, rack, bag)" />
            </div>
            <button class="btn">Split them off</button>
        </form>
        <form method="post" action="/batches/{{ $batch->id }}/into" class="grid gap-2 content-start">
            <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
            <h3>Part into lots</h3>
            <x-field name="each" :id="'each-'.$batch->id" label="Pieces to a lot" inputmode="numeric"
                :value="$walk->rackHolds()" :hint="$walk->rackHolds() === null ? null : 'What its rack holds.'" />
            <button class="btn">Part it</button>
        </form>
    @endif
    @if ($beside->isNotEmpty())
        <form method="post" action="/batches/{{ $batch->id }}/join" class="grid gap-2 content-start">
            <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
            <h3>Join to</h3>
            <x-pick name="into" :id="'into-'.$batch->id" label="Lot that hangs beside it"
                :options="$beside->mapWithKeys(fn ($one) => [$one->id => $one->title()])" />
            <button class="btn">Join them</button>
        </form>
    @endif
    <form method="post" action="/batches/{{ $batch->id }}/send" class="grid gap-2 content-start">
        <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
        <h3>Hang it elsewhere</h3>
        <input type="hidden" name="seen_at" value="{{ $batch->station->value }}">
        <x-pick name="to" :id="'to-'.$batch->id" label="To" :options="collect(Station::cases())
            ->reject(fn ($one) => $one === $batch->station)
            ->mapWithKeys(fn ($one) => [$one->value => $one->label()])" :value="$batch->station->previous()?->value" />
        <x-field name="note" :id="'send-note-'.$batch->id" label="Reason"
            hint="Needed where the route has nothing open there." />
        <button class="btn">Hang it there</button>
    </form>
    <form method="post" action="/batches/{{ $batch->id }}/scrap" class="grid gap-2 content-start">
        <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
        <h3>Scrap</h3>
        <div class="grid grid-cols-2 gap-2">
            <x-field name="scrapped" :id="'scrapped-'.$batch->id" label="Pieces lost" inputmode="numeric" />
            <x-field name="why" :id="'scrap-why-'.$batch->id" label="Why" />
        </div>
        <button class="btn btn-stop">Scrap them</button>
    </form>
    @if ($walk->closedSteps() !== [])
        <form method="post" action="/batches/{{ $batch->id }}/reopen" class="grid gap-2 content-start">
            <x-once /><input type="hidden" name="batch_id" value="{{ $batch->id }}">
            <h3>Do a step again</h3>
            <x-pick name="step" :id="'again-'.$batch->id" label="Step" :options="$walk->closedSteps()" />
            <x-field name="why" :id="'again-why-'.$batch->id" label="Why" />
            <button class="btn">Open it again</button>
        </form>
    @endif
</div>
