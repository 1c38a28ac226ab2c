{{-- A bench: what hangs here on the left, the part in hand in the middle. --}}
@props(['pick', 'lead' => null])
@use('App\Support\ShopClock')
@php($station = $pick->station)
@php($now = ShopClock::now())
<x-layout :title="$station->label()" :at="$station">
    <div class="grid grid-cols-[15rem_minmax(0,1fr)] max-[1000px]:grid-cols-1 gap-5">
        <aside class="grid gap-3 content-start" aria-label="Hanging at {{ $station->label() }}">
            <h1>{{ $station->label() }}</h1>
            @forelse ($pick->jobs as $job)
                <div class="grid gap-1">
                    <x-tag :job="$job" />
                    @foreach ($job->parts as $part)
                        <a class="bench-part" href="/station/{{ $station->value }}?part={{ $part->id }}"
                            @if ($pick->part?->id === $part->id) aria-current="true" @endif>{{ $part->count }} ×
                            {{ $part->name }}
                            @foreach ($part->clocks->whereNull('done_at') as $clock)
                                <span
                                    class="bench-clock {{ $clock->due_at->lte($now) ? 'is-over' : '' }}">{{
                                        $clock->label }}
                                    <b class="num" data-until="{{ $clock->due_at->getTimestampMs() }}"
                                        data-past="{{ $clock->isBareSteel() ? 'over' : 'now' }}">{{
                                            ShopClock::time($clock->due_at) }}</b></span>
                            @endforeach
                        </a>
                    @endforeach
                    @if ($job->parts->isEmpty())
                        <p class="hint">No parts written down yet.</p>
                    @endif
                </div>
            @empty
                <p class="panel">Nothing hangs here. @if ($station->previous())
                        Jobs come on from {{ $station->previous()->label() }} when it is signed there.
                    @endif
                </p>
            @endforelse
            {{ $side ?? '' }}
        </aside>
        <div class="grid gap-4 content-start">
            @if ($pick->part)
                @php($part = $pick->part)
                <div class="flex flex-wrap items-baseline justify-between gap-x-5 gap-y-1">
                    <h2 class="text-[1.35rem]"><a class="no-underline"
                            href="/jobs/{{ $part->job_id }}">{{ $part->count }} × {{ $part->name }}</a> <span
                            class="hint font-normal">{{ strtolower($part->metalKind()->name) }},
                            {{ $u->show(Aenum\Core\Unit\Dimension::Mass, $part->mass_kg) }} and
                            {{ $u->show(Aenum\Core\Unit\Dimension::Area, $part->area_m2) }} each</span></h2>
                    <nav class="flex gap-4" aria-label="This part"><a class="inline-flex items-center min-h-[44px]"
                            href="/parts/{{ $part->id }}/pins">Pins</a><a
                            class="inline-flex items-center min-h-[44px]"
                            href="/parts/{{ $part->id }}/route">Route</a></nav>
                </div>
                @php($back = $part->job->moves->first())
                @if ($back && $back->kind === 'sent_back')
                    <p class="wrong">Sent back by {{ $back->user->name }}: {{ $back->note }}</p>
                @endif
                {{ $slot }}
                @can('work')
                    <form method="post" action="/jobs/{{ $part->job_id }}/sign"
                        class="panel flex flex-wrap gap-3 items-end no-print">
                        <x-once /><input type="hidden" name="seen_at" value="{{ $station->value }}">
                        <div class="grow min-w-48"><label for="note-{{ $part->job_id }}" class="hint">Note, if there
                                is one</label><input id="note-{{ $part->job_id }}" name="note" maxlength="500">
                        </div>
                        <button class="btn btn-do" name="then" value="on">Done here: sign, on to
                            {{ $station->next()->label() }}</button>
                    </form>
                @endcan
            @else
                <p class="panel">{{ $station->work() }} {{ $lead }}</p>
                {{ $slot }}
            @endif
            @if ($station->caution())
                <x-caution :says="$station->caution()" />
            @endif
        </div>
    </div>
</x-layout>
