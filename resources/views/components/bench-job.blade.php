{{-- A job at a bench: its tag, and each lot of it that hangs here. --}}
@props(['lots', 'pick'])
@use('App\Support\ShopClock')
@php($now = ShopClock::now())
<div class="grid gap-1">
    <x-tag :job="$lots->first()->part->job" />
    @foreach ($lots as $lot)
        <a
            class="bench-part"
            href="/station/{{ $pick->station->value }}?lot={{ $lot->id }}"
            @if ($pick->isInHand($lot)) aria-current="true" @endif
        >{{ $lot->title() }}
            @foreach ($lot->clocks->whereNull('done_at') as $clock)
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
