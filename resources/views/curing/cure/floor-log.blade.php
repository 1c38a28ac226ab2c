{{-- What was read and what happened, of any load. $bake, $board --}}
@use('App\Platform\Clock\ShopClock')
@if ($bake->readings->isNotEmpty() || $bake->events->isNotEmpty())
    <ul class="grid gap-1">
        @foreach ($bake->readings as $i => $reading)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($reading->at) }}
                    {{ $reading->item->part->name }}{{ $reading->section ? ', ' . $reading->section->name : '' }}
                    {{ $u->temp($reading->celsius) }}@if (abs($reading->celsius - $reading->shown_c) >= 1)
                        <span class="hint">(showed {{ $u->temp($reading->shown_c) }})</span>
                    @endif <span class="hint">off by
                        {{ sprintf('%+d', (int) round($board->correction->residualsK[$i] ?? 0)) }} K</span></span>
                @can('work')
                    <form method="post" action="/readings/{{ $reading->id }}/withdraw"><x-once /><button
                            class="btn btn-quiet !px-3"
                            aria-label="wrong: do not count the reading of {{ ShopClock::time($reading->at)
                                }}">wrong</button>
                    </form>
                @endcan
            </li>
        @endforeach
        @foreach ($bake->events as $event)
            <li class="flex items-center justify-between gap-2"><span>{{ ShopClock::time($event->at) }}
                    {{ $u->said($event->words()) }}</span>
                @can('work')
                    <form method="post" action="/events/{{ $event->id }}/withdraw"><x-once /><button
                            class="btn btn-quiet !px-3"
                            aria-label="wrong: do not count the entry of {{ ShopClock::time($event->at)
                                }}">wrong</button>
                    </form>
                @endcan
            </li>
        @endforeach
    </ul>
@endif
