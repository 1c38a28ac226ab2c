@use('Aenum\Core\Application\Charge')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
{{-- The charge index with its parts, and what each lever would do. --}}
@php($bar = $board->chargeBar())
<section class="panel grid gap-2 content-start" aria-label="Charge index">
    <p class="flex items-baseline gap-3">
        <span @class(['num text-[2rem]', 'wrong' => $bar['isOver']])>{{ number_format($plan->charge->index, 2) }}</span>
        <b>{{ $bar['says'] }}</b>
    </p>
    <svg class="charge-bar" viewBox="0 0 400 34" role="img" aria-label="{{ $bar['label'] }}">
        <rect class="ground" x="0" y="6" width="400" height="20" rx="3" />
        @foreach ($bar['parts'] as $part)
            <rect class="{{ $part['class'] }}" x="{{ $part['x'] }}" y="6" width="{{ $part['width'] }}" height="20" />
        @endforeach
        <line x1="{{ $bar['one'] }}" x2="{{ $bar['one'] }}" y1="0" y2="34" />
    </svg>
    <ul class="hint flex flex-wrap gap-x-4">
        @foreach ($bar['parts'] as $part)
            <li><i class="charge-key {{ $part['class'] }}" aria-hidden="true"></i> {{ $part['name'] }}
                {{ number_format($part['share'], 2) }}</li>
        @endforeach
        <li>stars from 1.00, the line</li>
    </ul>
    <ul>
        @foreach ($plan->levers() as $lever)
            <li>{{ ucfirst($u->said($lever['what'])) }}: {{ number_format($lever['index'], 2) }}</li>
        @endforeach
        @if ($bar['drains'])
            <li>Left to drain {{ $bar['drains'] }}: {{ number_format(Charge::DRAINED, 2) }}</li>
        @endif
    </ul>
    @php($clock = $board->drainClock())
    @if ($clock)
        <p>Draining to ground until <b class="num text-[1.7rem]"
            data-until="{{ $clock->due_at->getTimestampMs() }}" data-past="drained">{{
            ShopClock::time($clock->due_at) }}</b></p>
        @can('work')
            <form method="post" action="/clocks/{{ $clock->id }}/done"><x-once /><button class="btn"
                aria-label="Drain to ground: done">Done</button></form>
        @endcan
    @elseif ($board->drainMinutes() >= 1)
        @can('work')
            <form method="post" action="/batches/{{ $board->batch->id }}/drain-clock" class="flex items-end gap-2">
                <x-once />
                <div class="w-40"><x-field name="drain" label="Drain to ground" unit="min" inputmode="decimal"
                    :value="(int) ceil($board->drainMinutes())" /></div>
                <button class="btn">Start timer</button>
            </form>
            <p class="hint">Before the next coat of powder; up to an hour after several coats on poor ground.</p>
        @endcan
    @endif
</section>
