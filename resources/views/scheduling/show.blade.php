@use('App\Platform\Clock\ShopClock')
<x-layout title="The day">
    <div class="flex flex-wrap items-end gap-3 mb-2">
        <h1>The day, {{ $board->on->format('l j F') }}</h1>
        <span class="ml-auto flex flex-wrap gap-2 no-print">
            <a class="btn btn-quiet" href="/day/mine">My day</a>
            <a class="btn btn-quiet" href="/day/what-if">What if</a>
            <a class="btn btn-quiet" href="/day/sheet?on={{ $board->on->toDateString() }}">On paper</a>
            @can('work')
                <form method="post" action="/day/anew"><x-once /><button class="btn btn-quiet">Plan anew</button></form>
            @endcan
        </span>
    </div>
    @if (session('feed'))
        <p class="panel mb-3">The calendar's address, told once: <b class="break-all">{{ session('feed') }}</b></p>
    @endif
    <div id="plan">
    @include('scheduling.days', ['to' => '/day?'])
    <p class="verdict mb-3" data-tone="{{ $board->tone() }}"><b>{{ $board->headline() }}</b>
        <span class="hint">{{ $board->sure() }}</span></p>
    <x-plan-being-made :board="$board" />
    @if ($board->plannedAt() !== null)
    @if ($board->bars()->isEmpty())
        <p class="panel mb-3">Nothing is planned that day.</p>
    @else
        <x-day-bars :bars="$board->bars()" />
        <p class="hint mb-3">Dark: hands are in it. Light: it runs by itself. A line marks the present moment; what has
            begun has an edge.</p>
    @endif
    <div class="grid grid-cols-3 max-[1100px]:grid-cols-1 gap-4 items-start">
        <section class="panel" aria-label="Late">
            <h2>Late, and why</h2>
            @forelse ($board->late as $row)
                <div class="border-t border-line py-2">
                    <p><a href="/jobs/{{ $row->batch->part->job_id }}"><b>Job
                        {{ $row->batch->part->job->number }}</b></a>,
                        {{ $row->batch->partName() }}: {{ $row->late() }}</p>
                    <p class="hint">{{ $row->why() }}</p>
                    <a class="btn btn-quiet no-print" href="/day/late/{{ $row->batch->id }}">Ways out</a>
                </div>
            @empty
                <p>Nothing.</p>
            @endforelse
        </section>
        <section class="panel" aria-label="What moved">
            <h2>What moved</h2>
            @if ($board->moved === [])
                <p>Nothing, beside the plan before.</p>
            @else
                <details>
                    <summary>{{ count($board->moved) }} steps, beside the plan before</summary>
                    <ul>
                        @foreach ($board->moved as $move)
                            <li class="border-t border-line py-1">Job {{ $move->is->batch->part->job->number }},
                                {{ $move->is->batch->partName() }}: {{ $move->is->name }} {{ $move->words() }}</li>
                        @endforeach
                    </ul>
                </details>
            @endif
            <h2 class="mt-3">Not planned</h2>
            @forelse ($board->held() as $one)
                <p class="border-t border-line py-1"><a href="/jobs/{{ $one['batch']->part->job_id }}">Job
                        {{ $one['batch']->part->job->number }}</a>, 
                        {{ $one['batch']->partName() }}: {{ $one['why'] }}</p>
            @empty
                <p>Everything that hangs is in it.</p>
            @endforelse
        </section>
        <section class="panel" aria-label="Loads of the ovens">
            <h2>Loads of the ovens</h2>
            @forelse ($board->ovens() as $oven => $bakes)
                <h3 class="mt-2">{{ $oven }}</h3>
                @foreach ($bakes as $bake)
                    <p class="border-t border-line py-1"><b class="num">{{ ShopClock::hour($bake[0]->from_at) }} to
                            {{ ShopClock::hour($bake[0]->to_at) }}</b>
                        @foreach ($bake as $step)
                            <br>Job {{ $step->batch->part->job->number }}, {{ $step->batch->partName() }}{{
                                $step->loadWords() }}: {{ $step->name }}
                        @endforeach
                    </p>
                @endforeach
            @empty
                <p>None that day.</p>
            @endforelse
        </section>
    </div>
    <details class="panel mt-4">
        <summary>The same as a table</summary>
        @include('scheduling.table', ['steps' => $board->steps])
    </details>
    @endif
    </div>
    @include('scheduling.wishes')
</x-layout>
