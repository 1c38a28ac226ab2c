{{-- Zones to be ticked in their order, with the gun as it is set. --}}
@use('Aenum\Core\Units\Dimension', 'D')
@php($next = $board->nextZone())
@php($gun = $board->bench->plan->task->gun)
<section class="panel grid gap-2 content-start" aria-label="Zones in their order">
    <p class="hint">{{ ucfirst($board->openWords()) }}</p>
    <ol class="grid gap-1">
        @foreach ($board->open->zones as $zone)
            <li @class(['border-t border-line py-2 grid gap-2', 'bg-paper px-2' => $zone->zone === $next])>
                <p class="flex justify-between gap-3">
                    <b>{{ $zone->place }}. {{ ucfirst($zone->name) }}</b>
                    <span>{{ $zone->says() }}</span>
                </p>
                @can('work')
                    <form method="post" action="/sprayings/{{ $board->open->id }}/zones/{{ $zone->id }}"
                        class="flex flex-wrap items-end gap-2">
                        <x-once />
                        @if ($zone->ticked_at)
                            <p class="grow">{{ round($zone->kv) }} kV, {{ round($zone->ua) }} µA,
                                powder air {{ $gun->airWords($zone->air) }}, {{ $zone->tip }} tip,
                                {{ $u->show(D::Length, $zone->gun_distance_mm, 0) }} away</p>
                            <button class="btn btn-quiet" name="undo" value="1"
                                aria-label="Open {{ $zone->name }} again">Open again</button>
                        @else
                            <div class="w-20"><x-field name="kv" :id="'kv-'.$zone->id" label="kV"
                                :value="round($zone->kv)" inputmode="decimal" /></div>
                            <div class="w-20"><x-field name="ua" :id="'ua-'.$zone->id" label="µA"
                                :value="round($zone->ua)" inputmode="decimal" /></div>
                            <div class="w-20"><x-field name="air" :id="'air-'.$zone->id" label="Powder air"
                                :unit="$gun->airScale()->unit()" :value="round($gun->airSetting($zone->air), 2)"
                                inputmode="decimal" /></div>
                            <div class="w-20"><x-field name="passes" :id="'passes-'.$zone->id" label="Passes"
                                :value="$zone->passes" inputmode="numeric" /></div>
                            <button @class(['btn', 'btn-do' => $zone->zone === $next])
                                aria-label="Done: {{ $zone->name }}">Done</button>
                        @endif
                    </form>
                @endcan
            </li>
        @endforeach
    </ol>
    @error('zone')
        <p class="wrong">{{ $message }}</p>
    @enderror
</section>
