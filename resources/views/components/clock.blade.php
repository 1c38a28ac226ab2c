@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\OldInput')
@use('App\Platform\Presentation\Units')
{{-- A step with its clock: start it, watch it, end it. --}}
@props([
    'batch',
    'step',
    'does',
    'why',
    'minutes',
    'tooLong' => null,
    'hands' => null,
    'n' => null,
    'start',
    'late' => null,
    'asks' => null,
])
@php($clock = $batch->clocks->where('step', $step)->last())
@php($runs = $clock && $clock->done_at === null)
@php($now = ShopClock::now())
<li class="border-t border-line py-2 grid grid-cols-[2.2rem_minmax(0,1fr)_auto] items-center gap-3">
    <span class="num text-soft text-[1.25rem]">{{ $n }}</span>
    <div>
        <p><b>{{ $does }}</b> <span class="hint">{{ Units::dwell($minutes, $tooLong, $hands) }}</span></p>
        <p class="hint">{{ $why }}{{ $late ? ' Too long: ' . lcfirst($late) : '' }}</p>
        @if ($clock?->done_at)
            <p class="hint">Done {{ ShopClock::time($clock->done_at) }}, after
                {{ Units::minutes($clock->started_at->diffInSeconds($clock->done_at) / 60)
                    }}@if ($clock->missed())
                    · <b class="wrong">{{ $clock->missed() }}</b>
                @endif</p>
        @endif
    </div>
    <div class="flex items-center gap-3">
        @if ($runs)
            <span @class(['num text-[1.9rem]', 'wrong' => $clock->isLate($now)])
                data-until="{{ $clock->due_at->getTimestampMs() }}"
                data-past="now">{{ ShopClock::time($clock->due_at) }}</span>
            @if ($clock->late_at)
                <span class="hint">limit<br><span data-until="{{ $clock->late_at->getTimestampMs() }}"
                        data-past="passed">{{ ShopClock::time($clock->late_at) }}</span></span>
            @endif
            @can('work')
                <form method="post" action="/clocks/{{ $clock->id }}/done"><x-once /><button class="btn btn-do"
                        aria-label="{{ $does }}: done">Done</button></form>
            @endcan
        @elseif ($minutes > 0)
            @can('work')
                <form method="post" action="{{ $start }}" class="flex items-center gap-2"><x-once /><input
                        type="hidden" name="step" value="{{ $step }}">
                    @if ($asks !== null)
                        <label class="sr-only" for="dwell-{{ $step }}">Minutes by its sheet: {{ $does }}</label>
                        <input id="dwell-{{ $step }}" name="dwell" class="!w-20" inputmode="decimal"
                            value="{{ OldInput::text('dwell', round($asks)) }}"> min
                    @endif
                    @if ($clock)
                        <button class="btn" aria-label="{{ $does }}: start its clock again">Again</button>
                    @else
                        <button class="btn" aria-label="{{ $does }}: start its clock">Start</button>
                    @endif
                </form>
            @endcan
        @endif
    </div>
</li>
