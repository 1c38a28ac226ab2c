{{-- How hot the batch in hand is by its cooling clock, and when it may be handled; nothing once it may. --}}
@props(['batch'])
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Routing\Queries\CoolingEstimate')
@use('App\Platform\Clock\ShopClock')
@php($clock = CoolingEstimate::of($batch))
@if ($clock?->isHot())
    <div class="verdict" data-tone="stop">
        <div class="flex flex-wrap items-center gap-x-6 gap-y-1">
            <span class="num text-[2.4rem]" data-until="{{ $clock->handleAt()->getTimestampMs() }}"
                data-past="cool">{{ ShopClock::time($clock->handleAt()) }}</span>
            <p class="grow"><b>Hot metal: {{ $clock->isMeasured ? '' : 'about ' }}{{ $u->temp($clock->celsius()) }}.</b>
                <span class="hint">Handle from about {{ ShopClock::time($clock->handleAt()) }}. No solvent, tape or
                    bare hand before.</span></p>
            @can('work')
                <form method="post" action="/batches/{{ $batch->id }}/metal-temperature" class="flex items-end gap-2">
                    <x-once />
                    <div class="w-32"><x-field name="metal" id="metal-{{ $batch->id }}" label="Measured on the metal"
                        :unit="$u->unit(D::Temperature)" inputmode="decimal" /></div>
                    <button class="btn">Use it</button>
                </form>
            @endcan
        </div>
    </div>
@endif
