@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\Units')
<x-layout title="My day">
    <div class="flex flex-wrap items-end gap-3 mb-3">
        <h1>{{ $who->name }}, {{ $board->on->format('l j F') }}</h1>
        <form method="get" action="/day/mine" class="ml-auto flex gap-2 items-end no-print">
            <x-pick name="who" label="Whose day" :options="$people" :value="$who->id" />
            <button class="btn btn-quiet">Look</button>
        </form>
        <a class="btn btn-quiet no-print" href="/day">The shop's day</a>
    </div>
    <div id="plan">
    <x-plan-being-made :board="$board" />
    @forelse ($steps as $n => $step)
        @if ($n === 0)
            <section class="panel mb-4" aria-label="Next">
                <p class="hint">{{ $step->begun ? 'Now' : 'Next' }}, {{ ShopClock::hour($step->from_at) }} at
                    {{ $step->place() }}</p>
                <p class="my-day">{{ ucfirst($step->name) }}</p>
                <p class="text-[1.4rem]"><a href="/jobs/{{ $step->batch->part->job_id }}">Job
                        {{ $step->batch->part->job->number }}</a>, {{ $step->batch->count }} ×
                    {{ $step->batch->partName() }}{{ $step->loadWords() }}{{
                        $step->colour === null ? '' : ", {$step->colour}" }}</p>
                <p class="num text-[1.4rem]">{{ Units::minutes($step->hands_min) }} of hands</p>
                <a class="btn btn-do mt-3" href="/station/{{ $step->station->value }}?lot={{ $step->batch_id }}">To the
                    bench</a>
            </section>
        @else
            <div class="panel mb-2 flex flex-wrap gap-4 items-baseline">
                <b class="num text-[1.5rem]">{{ ShopClock::hour($step->from_at) }}</b>
                <span class="text-[1.25rem]">{{ ucfirst($step->name) }}</span>
                <span>Job {{ $step->batch->part->job->number }}, {{ $step->batch->count }} ×
                    {{ $step->batch->partName() }}{{ $step->loadWords() }}</span>
                <span class="hint ml-auto">{{ $step->place() }},
                    {{ Units::minutes($step->hands_min) }}</span>
            </div>
        @endif
    @empty
        <p class="panel">Nothing more is planned for {{ $who->name }} that day.</p>
    @endforelse
    </div>
</x-layout>
