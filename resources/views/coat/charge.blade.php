{{-- The charge index with its parts, and what each lever would do. --}}
@use('Aenum\Core\Unit\Dimension', 'D')
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
            <li>Left to drain {{ $bar['drains'] }}: {{ number_format(Aenum\Core\Coat\Charge::DRAINED, 2) }}</li>
        @endif
    </ul>
</section>
