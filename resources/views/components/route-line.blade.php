{{-- A part's way in a line: where its pages are, how long it takes, what waits for somebody. --}}
@props(['part', 'named' => false])
@use('App\Routing\Queries\PartRoute')
@use('App\Platform\Presentation\Units')
@php($route = PartRoute::of($part))
<p class="flex flex-wrap items-center gap-x-3">
    @if ($named)
        <b>{{ $part->name }}</b>
    @endif
    <a class="inline-flex items-center min-h-[44px] font-medium" href="/parts/{{ $part->id }}/route">What it is and
        its route</a>
    <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/bench">Part bench</a>
    <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/pins">
        Pins{{ $part->pins->isEmpty() ? '' : ', '.$part->pins->count() }}
    </a>
    <span class="hint">
        {{ $route->askedSteps() }} steps, {{ Units::minutes($route->minutes()) }} of hands and
        {{ Units::minutes($route->waitMinutes()) }} of waiting
    </span>
    @foreach ($route->waiting() as $word => $count)
        <b @class(['wrong' => $word === 'stop'])>{{ $count }} {{ $word }}</b>
    @endforeach
    @if ($route->unknown)
        <b class="wrong">not understood: {{ implode('; ', $route->unknown) }}</b>
    @endif
</p>
