@props(['clock', 'batch'])
@use('App\Platform\Clock\ShopClock')
@php($over = $clock->due_at->lte(ShopClock::now()))
<div class="verdict" data-tone="{{ $over ? 'stop' : 'good' }}">
    <div class="flex flex-wrap items-center gap-x-6 gap-y-1"><span class="num text-[2.4rem]"
            data-until="{{ $clock->due_at->getTimestampMs() }}"
            data-past="over">{{ ShopClock::time($clock->due_at) }}</span>
        <p class="grow">
            {{ $over ? 'Bare steel past its time.' : 'Bare steel: first powder on by '
                . ShopClock::time($clock->due_at) . '.' }}
            <span class="hint">{{ ucfirst($batch->partName()) }}, first piece blasted
                {{ ShopClock::time($clock->started_at) }}; damp air shortens it. Gloves only.</span></p>
        @if ($over)
            @can('work')
                <form method="post" action="/batches/{{ $batch->id }}/sweep-again"><x-once /><button
                        class="btn btn-do">Back for a sweep-blast</button></form>
            @endcan
        @endif
    </div>
</div>
