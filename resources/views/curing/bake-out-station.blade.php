@use('Aenum\Core\Units\Dimension', 'D')
@use('App\Platform\Clock\ShopClock')
@use('App\Platform\Presentation\OldInput')
@use('App\Platform\Presentation\Units')
<x-station :pick="$pick" lead="Castings, galvanised parts and anything once oily gas here and not through the film.">
    @if ($board)
        @php($load = $board->load)
        @php($slowest = $board->slowest()->name)
        <div class="grid grid-cols-[minmax(0,1fr)_19rem] max-[1100px]:grid-cols-1 gap-4">
            <div class="grid gap-3 content-start">
                <div class="verdict" data-tone="{{ $board->tone() }}">
                    @if ($load->isRunning())
                        <div class="flex flex-wrap items-center gap-x-5">
                            <span
                                class="num text-[3rem]"
                                data-until="{{ $board->pullAt()->getTimestampMs() }}"
                                data-past="pull now"
                            >{{ ShopClock::time($board->pullAt()) }}</span>
                            <p>
                                <b>{{ $board->ran()->oven->name }}: {{ $board->dueWords() }}
                                    {{ ShopClock::time($board->pullAt()) }}.</b>
                                {{ ucfirst($slowest) }} decides. {{ $u->said($board->soFar()) }}
                                <span class="hint block">{{ $board->sureLine() }}</span>
                            </p>
                        </div>
                    @elseif ($load->isPulled())
                        <strong>{{ $board->allReached() ? 'Baked out.' : 'Not long enough: bake it out again.'
                            }}</strong>
                        @foreach ($load->results as $result)
                            <p>
                                {{ ucfirst($result->part->name) }}: {{ Units::minutes($result->held_minutes ?? 0) }} at
                                {{ $u->temp($load->target_c) }} and more, peak {{ $u->temp($result->peak_c) }}.
                            </p>
                        @endforeach
                    @elseif ($board->slowestReaches() === null)
                        <strong>
                            {{ ucfirst($slowest) }} never gets to {{ $u->temp($load->target_c) }} at this setpoint.
                        </strong>
                    @else
                        <strong>
                            {{ ucfirst($slowest) }} decides: hot enough
                                {{ Units::minutes($board->slowestReaches()) }} after
                            the door shuts, held by {{ Units::minutes($load->minutes) }}.
                        </strong>
                        <p>{{ Units::energy($board->plan->energyKwh) }}. Vent on; where it smokes, stop: it is
                            still oily.</p>
                    @endif
                    @if ($board->habit())
                        <p>{{ $u->said($board->habit()) }}</p>
                    @endif
                </div>
                <x-oven-chart :chart="$chart" id="out" />
                @foreach ($board->findings as $one)
                    <x-finding-card :finding="$one->finding" :part="$one->part" />
                @endforeach
                @foreach ($board->ageing() as $one)
                    <p><b>{{ ucfirst($one['part']->name) }}:</b> {{ $u->said($one['says']) }}</p>
                @endforeach
                @if ($load->isPlanned() && ! $load->host)
                    @include('curing.bake-out.choices')
                @endif
            </div>
            <div class="grid gap-3 content-start">
                <section class="panel" aria-label="In this load">
                    <h3>{{ $board->ran()->oven->name }}</h3>
                    @if ($load->host)
                        <p>Rides with <a href="/bakes/{{ $load->host->id }}">{{ $load->host->pieces() }}</a>: door and
                            clock are that cure's.</p>
                    @endif
                    <ul>
                        @foreach ($board->items as $item)
                            <li>
                                <a href="/jobs/{{ $item->part->job_id }}">{{ $item->title() }}</a>,
                                job {{ $item->part->job->number }}
                            </li>
                        @endforeach
                    </ul>
                </section>
                @can('work')
                    @if ($load->isPlanned() && $load->host)
                        <form method="post" action="/bake-outs/{{ $load->id }}/ride">
                            <x-once />
                            <button class="btn w-full">Bake it out on its own after all</button>
                        </form>
                    @elseif ($load->isPlanned())
                        @include('curing.bake-out.planned')
                    @elseif ($load->isPulled())
                        @unless ($board->allReached())
                            @if ($board->again() !== [])
                            <form method="post" action="/bake-outs" class="panel grid gap-2">
                                <x-once />
                                <input type="hidden" name="oven" value="{{ $load->oven_id }}">
                                @foreach ($board->again() as $batch => $pieces)
                                    <input type="hidden" name="lots[{{ $batch }}][hang]" value="1">
                                    <input type="hidden" name="lots[{{ $batch }}][count]" value="{{ $pieces }}">
                                @endforeach
                                <button class="btn btn-do w-full">Bake it out again</button>
                            </form>
                            @endif
                        @endunless
                        <form method="post" action="/bake-outs/{{ $load->id }}/look" class="panel grid gap-2">
                            <x-once />
                            <h3>How does it look?</h3>
                            @foreach ($board->looks() as $look)
                                <button class="btn w-full" name="look" value="{{ $look->value }}">
                                    {{ ucfirst($look->label()) }}</button>
                                <p class="hint">{{ $look->asks() }}</p>
                            @endforeach
                        </form>
                    @elseif ($load->isRunning() && ! $load->host)
                        @include('curing.bake-out.running')
                    @endif
                    @error('load')
                        <p class="wrong">{{ $message }}</p>
                    @enderror
                @endcan
            </div>
        </div>
    @endif
    @php($free = $pick->lotsNotIn($busy))
    @if ($free->isNotEmpty())
        @can('work')
            <form method="post" action="/bake-outs" class="panel flex flex-wrap items-end gap-4">
                <x-once />
                <fieldset class="grow">
                    <legend>Bake out together</legend>
                    @foreach ($free as $one)
                        <div class="flex flex-wrap items-center gap-x-3">
                            <label class="flex items-center gap-2 min-h-[44px] font-normal grow">
                                <input type="checkbox" name="lots[{{ $one->id }}][hang]" value="1"
                                    @checked($pick->isInHand($one))>
                                {{ $one->title() }}
                            </label>
                            <label class="sr-only" for="out-{{ $one->id }}">Pieces of {{ $one->title() }}</label>
                            <input class="!w-24" id="out-{{ $one->id }}" name="lots[{{ $one->id }}][count]"
                                value="{{ OldInput::text('lots.'.$one->id.'.count', $one->count) }}"
                                inputmode="numeric">
                        </div>
                    @endforeach
                </fieldset>
                <div class="w-48">
                    <x-pick name="oven" label="Oven" :options="$ovens->pluck('name', 'id')" />
                </div>
                <button class="btn btn-do">Work out the bake-out</button>
            </form>
        @endcan
    @endif
    @if ($lately->isNotEmpty())
        <p class="hint">
            Lately:
            @foreach ($lately as $one)
                <a href="/station/bake-out?load={{ $one->id }}">{{ $one->partNames() }},
                    {{ ShopClock::time($one->pulled_at) }}</a>{{ $loop->last ? '' : ';' }}
            @endforeach
        </p>
    @endif
</x-station>
