@use('App\Platform\Clock\ShopClock')
@use('Aenum\Core\Units\Dimension', 'D')
<x-layout :title="$station->label()" :at="$station">
    <div class="grid gap-3 mb-4">
        <h1>{{ $station->label() }}</h1>
        <p>{{ $station->work() }}</p>
        @can('work')
            <p><a class="btn btn-do" href="/jobs/create">Take a job in</a></p>
        @endcan
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_20rem] max-[900px]:grid-cols-1 gap-5">
        <div class="grid gap-3 content-start">
            @forelse ($jobs as $job)
                <article class="panel grid grid-cols-[16rem_minmax(0,1fr)] max-[900px]:grid-cols-1 gap-x-6 gap-y-2"
                    aria-label="Job {{ $job->number }}">
                    <div><x-tag :job="$job" /></div>
                    <div class="grid gap-2 content-start">
                        @foreach ($job->parts as $part)
                            @foreach ($part->lotsThere()->filter(fn ($batch) => $batch->isOpen()
                                && $batch->station === $station) as $batch)
                                <p><b>{{ $batch->title() }}</b>,
                                    {{ strtolower($part->metalKind()->name) }},
                                    {{ $u->ofOne($part) }}
                                    @if ($part->coats->isNotEmpty())
                                        <span class="hint">· {{ $part->coatWords() }}</span>
                                    @endif
                                </p>
                                @if ($part->pictures->isEmpty())
                                    <p class="hint">No photo of it as it came:
                                        <a href="/parts/{{ $part->id }}/pins">take one before it is touched</a>.</p>
                                @endif
                                <x-route-line :part="$part" :named="$job->parts->count() > 1" />
                                @can('work')
                                    <p><a class="btn" href="/jobs/{{ $job->id }}#lot-{{ $batch->id }}">Open</a></p>
                                @endcan
                            @endforeach
                        @endforeach
                        @if ($job->parts->isEmpty())
                            <p class="hint">No parts written down yet. <a
                                    href="/jobs/{{ $job->id }}/parts/create">Add one</a></p>
                        @endif
                        @php($back = $job->moves->first())
                        @if ($back?->isReturn())
                            <p class="wrong">Returned by {{ $back->user->name }}: {{ $back->note }}</p>
                        @endif
                    </div>
                </article>
            @empty
                <p class="panel">Nothing waits at the counter.</p>
            @endforelse
        </div>
        <aside aria-label="Lately from here" class="grid gap-3 content-start">
            <h2 class="mb-2">Lately from here</h2>
            <ul class="grid gap-2">
                @forelse ($lately as $move)
                    <li><a href="/jobs/{{ $move->job_id }}">{{ $move->job->number }}
                            {{ $move->job->title }}</a><br><span class="hint">{{ $move->user->name }},
                            {{ ShopClock::time($move->at) }}</span></li>
                @empty
                    <li class="hint">Nothing yet.</li>
                @endforelse
            </ul>
        </aside>
    </div>
</x-layout>
