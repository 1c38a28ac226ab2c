@use('Aenum\Core\Application\Openness')
@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Presentation\EnumLabels')
@use('App\Platform\Presentation\Units')
{{-- The bench for one coat of one lot. $board --}}
@php($coat = $board->coat)
@php($plan = $board->bench->plan)
@php($task = $plan->task)
<div id="coat-answer" class="panel grid grid-cols-[auto_minmax(0,1fr)] max-[900px]:grid-cols-1 gap-x-6 items-center">
    <p>
        <span class="num text-[3.4rem]">{{ $board->number() }}</span>
        <br><b>{{ $board->headline() }}</b>
    </p>
    <div>
        <p class="flex items-center gap-2">
            <x-swatch :colour="$coat->powder->colour" />
            <b>{{ ucfirst($coat->role) }}: {{ $coat->powder->name }}</b>
            <span class="hint">
                coat {{ $coat->position }} of {{ $pick->walk->coats->every->count() }}{{ $coat->zoneWords() }}{{
                    $coat->rework_id ? ', to mend' : '' }}
            </span>
        </p>
        <p>
            {{ $u->show(D::Film, $task->lowUm) }} to {{ $u->show(D::Film, $task->highUm) }} cured,
            {{ $u->show(D::Film, $task->wantedUm) }} aimed at: {{ $plan->passes() }} passes,
            about {{ Units::minutes($plan->minutes) }}.
            {{ round(100 * $task->transfer->share) }} % of the powder lands.
        </p>
        <details>
            <summary>Why</summary>
            <p>
                {{ $u->show(D::Powder, $plan->sprayG, 0) }} is sprayed (area × density × film over transfer),
                {{ $u->show(D::Powder, $plan->keepsG, 0) }} stays in the {{ $task->gun->feed->label() }},
                {{ $u->show(D::Powder, $plan->reserveG, 0) }} is kept for a redo.
                {{ $task->transfer->words() }}
                {{ $board->transfer->trust() }}
                Minutes: {{ lcfirst($board->bench->minutes->trust()) }}
            </p>
            @unless ($task->gun->isMeasured)
                <p class="hint">The gun's flow is a guess until a bag was weighed: see <a href="/guns">guns</a>.</p>
            @endunless
        </details>
    </div>
</div>
<div class="grid grid-cols-[minmax(0,3fr)_minmax(0,5fr)] max-[1100px]:grid-cols-1 gap-4 items-start">
    <figure class="panel" id="coat-picture">
        @include('application.coat.picture')
        <figcaption class="hint">{{ $board->order() }}</figcaption>
        @if ($pick->part->pins->isNotEmpty())
            <x-pinned :part="$pick->part" :picture="$board->photo()" class="w-full max-h-[15rem] mt-2" />
        @endif
    </figure>
    @include($board->open === null ? 'application.coat.zones-planned' : 'application.coat.zones-open')
</div>
<div id="coat-says" class="grid grid-cols-2 max-[1100px]:grid-cols-1 gap-4">
    @include('application.coat.charge')
    @include('application.coat.conditions')
    @foreach ($board->findings() as $finding)
        <div class="col-span-full"><x-finding-line :finding="$finding" /></div>
    @endforeach
</div>
@can('work')
    @includeWhen($board->open === null, 'application.coat.weigh')
    @includeWhen($board->open !== null, 'application.coat.raw-looks')
    @includeWhen($board->open !== null, 'application.coat.finish')
@endcan
@php($before = $board->lastTime)
@if ($before)
    @include('application.coat.last-time', ['spraying' => $before])
@endif
