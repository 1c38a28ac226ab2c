{{-- A job at a bench: its tag, and each lot of it that hangs here. --}}
@props(['batches', 'pick'])
@use('App\Platform\Clock\ShopClock')
@php($now = ShopClock::now())
<div class="grid gap-1">
    <x-tag :job="$batches->first()->part->job" />
    @foreach ($batches as $batch)
        <a
            class="bench-part"
            href="/station/{{ $pick->station->value }}?lot={{ $batch->id }}"
            @if ($pick->isInHand($batch)) aria-current="true" @endif
        >{{ $batch->title() }}
            @foreach ($batch->clocks->whereNull('done_at') as $clock)
                <span class="bench-clock {{ $clock->due_at->lte($now) ? 'is-over' : '' }}">
                    {{ $clock->label }}
                    <b
                        class="num"
                        data-until="{{ $clock->due_at->getTimestampMs() }}"
                        data-past="{{ $clock->isBareSteel() ? 'over' : 'now' }}"
                    >{{ ShopClock::time($clock->due_at) }}</b>
                </span>
            @endforeach
        </a>
    @endforeach
</div>
