@use('Aenum\Core\Word\Station')
@use('App\Support\ShopClock')
<x-layout :title="$station->label()" :at="$station">
    <div class="grid gap-3 mb-4">
        <h1>{{ $station->label() }}</h1>
        <p>{{ $station->work() }}</p>
        @if ($station->caution())
            <x-caution :says="$station->caution()" />
        @endif
        @if ($station === Station::Intake)
            @can('work')
                <p><a class="btn btn-do" href="/jobs/create">Take a job in</a></p>
            @endcan
        @endif
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_20rem] max-[900px]:grid-cols-1 gap-5">
        <div class="grid gap-3 content-start">
            @forelse ($jobs as $job)
                <article class="panel grid grid-cols-[16rem_minmax(0,1fr)] max-[900px]:grid-cols-1 gap-x-6 gap-y-2"
                    aria-label="Job {{ $job->number }}">
                    <div><x-tag :job="$job" /></div>
                    <div class="grid gap-2 content-start">
                        <ul>
                            @foreach ($job->parts as $part)
                                <li><b>{{ $part->count }} × {{ $part->name }}</b>,
                                    {{ strtolower($part->metalKind()->name) }},
                                    {{ $u->show(Aenum\Core\Unit\Dimension::Mass, $part->mass_kg) }} each
                                    @if ($part->coats->isNotEmpty())
                                        <span class="hint">·
                                            {{ $part->coats->map(fn($c) => $c->role . ' '
                                                . $c->powder->name)->join(', then ') }}</span>
                                    @endif
                                </li>
                            @endforeach
                        </ul>
                        @if ($station === Station::Intake)
                            @foreach ($job->parts as $part)
                                <x-route-line :part="$part" :named="$job->parts->count() > 1" />
                            @endforeach
                        @endif
                        @if (in_array($station, [Station::Coat, Station::Inspect, Station::Release], true))
                            @foreach ($job->parts as $part)
                                <x-pin-brief :part="$part" :station="$station" />
                            @endforeach
                        @endif
                        @if ($job->parts->isEmpty())
                            <p class="hint">No parts written down yet. <a
                                    href="/jobs/{{ $job->id }}/parts/create">Add one</a></p>
                        @endif
                        @php($back = $job->moves->first())
                        @if ($back && $back->kind === 'sent_back')
                            <p class="wrong">Sent back by {{ $back->user->name }}: {{ $back->note }}</p>
                        @endif
                        @foreach ($job->parts as $part)
                            @foreach ($part->clocks->where('step', 'bare_steel')->whereNull('done_at') as $clock)
                                <x-bare-steel :clock="$clock" :part="$part" />
                            @endforeach
                        @endforeach
                        @can('work')
                            @if ($station === Station::Inspect || $station === Station::Release)
                                <p><a class="btn btn-do"
                                        href="/jobs/{{ $job->id }}">{{ $station === Station::Inspect ? 'Inspect'
                                            : 'Check and release' }}</a>
                                </p>
                            @else
                                <form method="post" action="/jobs/{{ $job->id }}/sign"
                                    class="flex flex-wrap gap-2 items-end">
                                    <x-once />
                                    <input type="hidden" name="seen_at" value="{{ $station->value }}">
                                    <div class="grow min-w-48"><label for="note-{{ $job->id }}"
                                            class="hint">Note, if there is one</label><input
                                            id="note-{{ $job->id }}" name="note" maxlength="500"></div>
                                    <button class="btn btn-do" name="then" value="on">Done: sign, on to
                                        {{ $station->next()->label() }}</button>
                                    <a class="btn btn-quiet" href="/jobs/{{ $job->id }}">Open</a>
                                </form>
                            @endif
                        @endcan
                    </div>
                </article>
            @empty
                <p class="panel">Nothing hangs here. @if ($station->previous())
                        Jobs come on from {{ $station->previous()->label() }} when it is signed there.
                    @endif
                </p>
            @endforelse
        </div>
        <aside aria-label="Lately from here" class="grid gap-3 content-start">
            @if ($station === Station::Coat)
                <x-air :entry="$air" />
            @endif
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
