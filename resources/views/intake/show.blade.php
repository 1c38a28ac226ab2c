@use('Aenum\Core\Trade\Station')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
<x-layout :title="'Job ' . $job->number" :at="$job->isOpen() ? $job->station : null">
    <div class="flex flex-wrap items-start justify-between gap-3 mb-3">
        <div>
            <h1>{{ $job->number }} {{ $job->title }}</h1>
            <p>{{ $job->customer->name }}@if ($job->customer->contact)
                    · {{ $job->customer->contact }}
                @endif
                · {{ $job->whereWords() }}
                @if ($job->due_on)
                    · due {{ $job->due_on->format('j M Y') }}
                @endif
            </p>
        </div>
        <div class="flex gap-2">
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/quote">Quote</a>
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/card">Card</a>
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/record">Record</a>
            <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/history">History</a>
            @if ($job->isOpen())
                @can('work')
                    <a class="btn btn-quiet" href="/jobs/{{ $job->id }}/edit">Change</a>
                @endcan
            @endif
        </div>
    </div>
    <div class="grid grid-cols-[minmax(0,1fr)_23rem] max-[900px]:grid-cols-1 gap-5">
        <div class="grid gap-4 content-start">
            @if ($job->isOpen())
                @foreach ($walks as $walk)
                    @foreach ($walk->batch->clocks->whereNull('done_at') as $clock)
                        @if ($clock->isBareSteel())
                            <x-bare-steel :clock="$clock" :batch="$walk->batch" />
                        @else
                            <p class="panel flex items-center gap-4">
                                <span class="num text-[1.9rem]" data-until="{{ $clock->due_at->getTimestampMs() }}"
                                    data-past="now">{{ ShopClock::time($clock->due_at) }}</span>
                                {{ ucfirst($walk->batch->partName()) }}: {{ $clock->label }}
                            </p>
                        @endif
                    @endforeach
                @endforeach
            @endif
            @if ($job->notes)
                <p class="panel whitespace-pre-line">{{ $job->notes }}</p>
            @endif
            @forelse ($job->parts as $part)
                <article class="panel" aria-label="{{ $part->name }}">
                    <div class="flex flex-wrap items-baseline justify-between gap-2">
                        <h2>{{ $part->count }} × {{ $part->name }}</h2>
                        @if ($job->isOpen())
                            @can('work')
                                <a class="min-h-[44px] inline-flex items-center"
                                    href="/parts/{{ $part->id }}/edit">change</a>
                            @endcan
                        @endif
                    </div>
                    <p>{{ $part->metalKind()->name }}, {{ $u->ofOneAndWall($part) }}.
                        @if ($part->sections->isNotEmpty())
                            Regions:
                            {{ $part->sections->map(fn($s) => $s->name . ' '
                                . $u->show(D::Mass, $s->mass_kg))->join(', ') }}; {{ $part->jointKind()->label() }}.
                        @endif
                    </p>
                    <x-route-line :part="$part" />
                    @forelse ($part->coats as $coat)
                        <x-coat :coat="$coat" />
                    @empty
                        <p class="hint">No coat planned.</p>
                    @endforelse
                </article>
            @empty
                <p class="panel">No parts written down yet.</p>
            @endforelse
            @if ($job->isOpen())
                @can('work')
                    <p><a class="btn" href="/jobs/{{ $job->id }}/parts/create">Add a part</a></p>
                @endcan
            @endif
            @if ($bakes->isNotEmpty())
                <section>
                    <h2 class="mb-1">Bakes</h2>
                    <ul>
                        @foreach ($bakes as $bake)
                            <li>
                                <a class="inline-flex items-center min-h-[44px]" href="/bakes/{{ $bake->id }}">
                                    {{ $bake->oven->name }}, {{ $u->temp($bake->setpoint_c) }},
                                    @if ($bake->isPlanned())
                                        planned
                                    @elseif ($bake->isRunning())
                                        in the oven since {{ ShopClock::time($bake->shut_at) }}
                                    @else
                                        pulled {{ ShopClock::time($bake->pulled_at) }}
                                    @endif
                                </a>
                            </li>
                        @endforeach
                    </ul>
                </section>
            @endif
        </div>
        <div class="grid gap-4 content-start">
            @foreach ($walks as $walk)
                <x-lot-card :walk="$walk" :alone="count($walks) === 1" />
            @endforeach
            @if ($job->isOpen() && $job->station === Station::Intake)
                @can('work')
                    <section class="panel" aria-label="Decline">
                        <details @if ($errors->has('reason')) open @endif>
                            <summary>Decline the work</summary>
                            <form method="post" action="/jobs/{{ $job->id }}/decline" id="decline" class="grid gap-3">
                                <x-once /><x-field name="reason" label="Why"
                                    hint="The customer is told this." /><button class="btn btn-stop">Decline
                                    it</button></form>
                        </details>
                    </section>
                @endcan
            @endif
            <section aria-label="History">
                <h2 class="mb-2">History</h2>
                <ol class="grid gap-2">
                    @foreach ($job->moves as $move)
                        <li><x-move :move="$move" /></li>
                    @endforeach
                </ol>
            </section>
        </div>
    </div>
</x-layout>
