@props(['part', 'named' => false])
@php($route = App\Actions\Route\PartRoute::of($part))
<p class="flex flex-wrap items-center gap-x-3">@if ($named)<b>{{ $part->name }}</b>@endif<a class="inline-flex items-center min-h-[44px] font-medium" href="/parts/{{ $part->id }}/route">What it is and its route</a>
    <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/bench">Part bench</a>
    <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/pins">Pins{{ $part->pins->isEmpty() ? '' : ', '.$part->pins->count() }}</a>
    <span class="hint">{{ count($route->steps) }} steps, {{ App\Support\Units::minutes($route->minutes()) }} of hands and {{ App\Support\Units::minutes($route->waitMinutes()) }} of waiting</span>
    @foreach (['stop' => 'stop', 'sign' => 'to sign', 'warn' => 'to heed'] as $severity => $word)
        @php($count = count(array_filter($route->findings, fn ($f) => $f->rule->severity()->value === $severity && $f->signedBy === null)))
        @if ($count)<b @class(['wrong' => $severity === 'stop'])>{{ $count }} {{ $word }}</b>@endif
    @endforeach
</p>
