@use('App\Platform\Clock\ShopClock')
@props(['job', 'which' => null, 'runs' => false])
@php($late = $job->isLate(ShopClock::today()))
<a class="tag" href="/jobs/{{ $job->id }}">
    <span class="tag-no">{{ $job->number }}</span>
    @if ($job->due_on)
        <span @class(['tag-due', 'wrong' => $late])>@if ($late)
                late,
            @endif{{ $job->due_on->format('j M') }}</span>
    @endif
    <span class="font-semibold block leading-tight">{{ $job->title }}</span>
    <span class="hint block leading-tight">{{ $which ?? $job->customer->name }}</span>
    @if ($runs)
        <span class="hint block leading-tight">clock runs</span>
    @endif
</a>
