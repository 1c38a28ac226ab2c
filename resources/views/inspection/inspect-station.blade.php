<x-station :pick="$pick" lead="Film, cure and looks are written down for the lot in hand.">
    @if ($board)
        <div class="panel grid grid-cols-[auto_minmax(0,1fr)] gap-x-6 items-center">
            <p>
                <span class="num text-[3.2rem]">{{ $board->number() }}</span>
                <br><b>{{ $board->judged ? 'mean film' : 'no film yet' }}</b>
            </p>
            <div>
                <p><b @class(['wrong' => $board->tone() === 'stop'])>{{ $board->headline() }}</b></p>
                <p>{{ $board->leftWords() }}</p>
                @if ($board->judged)
                    <p class="hint">{{ $u->said($board->judged->words()) }}. {{ $board->judged->why() }}
                        {{ $board->judged->settledWords() }}</p>
                    @if ($board->aloneWords())
                        <p class="hint">{{ $u->said($board->aloneWords()) }}, the difference to what was read on the
                            coat below.</p>
                    @endif
                @elseif ($board->over->stack)
                    <p class="hint">{{ $u->said($board->over->stack->words()) }}; accepted by
                        {{ $board->way()->label() }}.</p>
                @endif
                @foreach ($board->thinWords() as $thin)
                    <p class="wrong">{{ $thin }}</p>
                @endforeach
            </div>
        </div>
        @foreach ($board->notes() as $note)
            <p class="panel"><b>Heed.</b> {{ $note }} <a href="/learn">See it</a></p>
        @endforeach
        @foreach ($pick->walk->coats->on() as $coat)
            <x-standing :coat="$coat" :standing="$pick->walk->standings[$coat->position]" />
        @endforeach
        <div class="grid grid-cols-[minmax(0,1fr)_minmax(0,1fr)] max-[1100px]:grid-cols-1 gap-4 items-start">
            @if ($board->asksFilmNow())
                @can('work')
                    @include('inspection.inspect.film')
                @endcan
            @else
            <figure class="panel" aria-label="Film by spot">
                @if ($board->picture)
                    <x-film-picture :picture="$board->picture" />
                @endif
                @if ($pick->part->pins->isNotEmpty())
                    <x-pinned :part="$pick->part" :picture="$pick->part->picturePinned()"
                        class="w-full max-h-[14rem] mt-2" />
                @endif
            </figure>
            @endif
            <x-looks :lines="$board->looks()" :batch="$pick->batch" />
        </div>
        @include('inspection.inspect.defects', ['defects' => $board->over->defects, 'batch' => $pick->batch])
        @can('work')
            @includeWhen($board->over->stack !== null && ! $board->asksFilmNow(), 'inspection.inspect.film')
            @includeWhen($board->over->stack !== null, 'inspection.inspect.tests')
        @endcan
        @if ($board->findings()->isNotEmpty())
            <section class="panel" aria-label="Found">
                <h3>Found on the film</h3>
                @foreach ($board->findings() as $inspection)
                    <p class="border-t border-line py-1"><x-finding :inspection="$inspection" /></p>
                @endforeach
            </section>
        @endif
    @endif
</x-station>
