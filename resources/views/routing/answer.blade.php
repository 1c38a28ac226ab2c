@use('Aenum\Core\Trade\StepKind')
@use('App\Platform\Presentation\Units')
@use('App\Platform\Presentation\EnumLabels')
@php($holding = $route->holding())
@php($open = $part->job->isOpen())
@php($surface = $route->surfaceAfter())
<div id="answer" class="grid gap-4 content-start busy">
    <x-verdict :tone="$route->tone()" :headline="$route->headline()" />
    @if ($route->unknown)
        <p class="wrong">
            Not understood in what is stored of this part: {{ implode('; ', $route->unknown) }}. It is left out; say
                it anew.
        </p>
    @endif
    @includeWhen($holding === [], 'routing.counter')
    @if ($route->findings !== [])
        <section class="panel grid gap-3" aria-label="What the rules say">
            <h2>What the rules say</h2>
            @foreach ($route->findings as $finding)
                <x-finding-card :finding="$finding" :part="$part" />
            @endforeach
        </section>
    @endif
    @includeWhen($holding !== [], 'routing.counter')
    <section class="panel" aria-label="The route">
        <div class="flex items-center justify-between gap-3">
            <h2>The route{{ $route->changed ? ', changed by hand' : '' }}</h2>
            @if ($route->changed && $open)
                @can('work')
                    <form method="post" action="/parts/{{ $part->id }}/route">
                        <x-once />
                        <button class="btn btn-quiet" name="how" value="anew">Lay it out anew</button>
                    </form>
                @endcan
            @endif
        </div>
        <p class="ledger">On the metal as it arrives: {{ $route->arrives() }}</p>
        <ol>
            @foreach ($route->steps as $n => $step)
                <li class="border-t border-line py-1 grid grid-cols-[2.2rem_minmax(0,1fr)_auto] items-center gap-2">
                    <span class="num text-soft text-[1.25rem]">{{ $n + 1 }}</span>
                    <div>
                        <p>
                            <b>{{ ucfirst($step->name()) }}</b>@if ($step->celsius),
                                {{ $u->temp($step->celsius) }}{{ $step->holdMinutes
                                    ? ' for '.Units::minutes($step->holdMinutes) : '' }}@endif
                            <span class="hint">{{ $u->said($step->takes()) }}</span>
                        </p>
                        <p class="hint">{{ $u->said($step->why) }}</p>
                        @if ($surface[$n] !== null)
                            <p class="ledger">On the metal: {{ $surface[$n] }}</p>
                        @endif
                    </div>
                    @if ($open)
                        @can('work')
                            <form method="post" action="/parts/{{ $part->id }}/route" class="flex gap-1">
                                <x-once />
                                <input type="hidden" name="at" value="{{ $n }}">
                                <button
                                    class="btn btn-quiet !px-3 !min-h-[44px]"
                                    name="how"
                                    value="up"
                                    aria-label="Step {{ $n + 1 }} up"
                                    @disabled($loop->first)
                                >↑</button>
                                <button
                                    class="btn btn-quiet !px-3 !min-h-[44px]"
                                    name="how"
                                    value="down"
                                    aria-label="Step {{ $n + 1 }} down"
                                    @disabled($loop->last)
                                >↓</button>
                                <button
                                    class="btn btn-quiet !px-3 !min-h-[44px]"
                                    name="how"
                                    value="drop"
                                    aria-label="Drop step {{ $n + 1 }}, {{ $step->name() }}"
                                >×</button>
                            </form>
                        @endcan
                    @endif
                </li>
            @endforeach
        </ol>
        @if ($open)
            @can('work')
                <form
                    method="post"
                    action="/parts/{{ $part->id }}/route"
                    class="flex flex-wrap items-end gap-3 border-t border-line pt-3"
                >
                    <x-once />
                    <input type="hidden" name="how" value="add">
                    <div class="grow">
                        <x-pick name="kind" label="Add a step" :options="EnumLabels::of(StepKind::cases())"
                            empty="Pick one" />
                    </div>
                    <div class="w-40">
                        <x-pick name="at" label="after step" :options="$route->stepNames()" />
                    </div>
                    <button class="btn">Add</button>
                </form>
            @endcan
        @endif
    </section>
</div>
