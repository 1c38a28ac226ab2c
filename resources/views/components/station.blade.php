{{-- A bench: what hangs here on the left, the lot in hand in the middle. --}}
@props(['pick', 'lead' => null, 'signs' => true])
@use('App\Routing\Queries\StationQueue')
@use('Aenum\Core\Units\Dimension', 'D')
@php($station = $pick->station)
@php($jobs = $pick->byJob())
<x-layout :title="$station->label()" :at="$station">
    <div class="grid grid-cols-[15rem_minmax(0,1fr)] max-[1000px]:grid-cols-1 gap-5">
        <aside class="grid gap-3 content-start" aria-label="Hanging at {{ $station->label() }}">
            <h1>{{ $station->label() }}</h1>
            @forelse ($jobs->take(StationQueue::FOLD) as $batches)
                <x-bench-job :batches="$batches" :pick="$pick" />
            @empty
                <p class="panel">Nothing hangs here. @if ($station->previous())
                        Lots come here when the step before it on their route is signed.
                    @endif
                </p>
            @endforelse
            @if ($jobs->count() > StationQueue::FOLD)
                <details>
                    <summary>{{ $jobs->count() - StationQueue::FOLD }} jobs more</summary>
                    <div class="grid gap-3">
                        @foreach ($jobs->slice(StationQueue::FOLD) as $batches)
                            <x-bench-job :batches="$batches" :pick="$pick" />
                        @endforeach
                    </div>
                </details>
            @endif
            {{ $side ?? '' }}
        </aside>
        <div class="grid gap-4 content-start">
            @if ($pick->batch)
                @php($part = $pick->part)
                <div class="flex flex-wrap items-baseline justify-between gap-x-5 gap-y-1">
                    <h2 class="text-[1.35rem]">
                        <a class="no-underline" href="/jobs/{{ $part->job_id }}">{{ $pick->batch->title() }}</a>
                        <span class="hint font-normal">{{ strtolower($part->metalKind()->name) }},
                            {{ $u->ofOne($part) }}</span>
                    </h2>
                    <nav class="flex gap-4" aria-label="This part">
                        <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/pins">Pins</a>
                        <a class="inline-flex items-center min-h-[44px]" href="/parts/{{ $part->id }}/route">Route</a>
                    </nav>
                </div>
                <x-hot-metal :batch="$pick->batch" />
                <x-metal-temperature :batch="$pick->batch" />
                @php($back = $part->job->moves->firstWhere('batch_id', $pick->batch->id))
                @if ($back?->isReturn())
                    <p class="wrong">Returned by {{ $back->user->name }}: {{ $back->note }}</p>
                @endif
                {{ $slot }}
                @if ($signs)
                    <x-lot-steps :walk="$pick->walk" />
                @endif
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
